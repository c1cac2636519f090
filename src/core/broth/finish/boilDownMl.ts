import { massOf } from '../../ledger/index.ts';
import { liquidNamed, volumeOf } from '../../work/index.ts';
import { type LiquidMass, type LiquidPlan } from '../liquid.ts';

/** From how much to how much a step boils its liquid down, ml; undefined where the plan has no such step. */
export function boilDownMl(
  plan: LiquidPlan | undefined,
  mass: LiquidMass,
  step: string,
): { readonly fromMl: number; readonly toMl: number } | undefined {
  const i = plan?.steps.findIndex(({ id, what }) => id === step && what === 'boil down') ?? -1;
  const [found, taken] = [plan?.steps[i], mass.taken[i]];
  if (found?.what !== 'boil down' || !taken) return undefined;
  const { strained } = liquidNamed(mass, found.of);
  return { fromMl: found.toMl + volumeOf(massOf(taken), 0, strained), toMl: found.toMl };
}
