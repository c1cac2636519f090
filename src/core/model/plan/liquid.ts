import type { Batch } from '../../batch/index.ts';
import { type LiquidPlan, noLiquidWeighed, usualSteps, sumsOf } from '../../broth/index.ts';
import { type ItemPlan, saltOfVolume, salts } from '../../pot/index.ts';
import { midpoint, relativeSpread } from '../../quantity/index.ts';
import type { Input } from '../input.ts';
import type { PlannedSteam } from './steam.ts';

/** What happens to a batch's liquid, as numbers. */
export const planLiquid = (
  batch: Batch,
  items: readonly ItemPlan[],
  steam: PlannedSteam,
  rawG: number,
  panFatG: number,
  { kitchen }: Pick<Input, 'kitchen'>,
): LiquidPlan => ({
  items,
  ...sumsOf(items),
  panFatG,
  saltG: saltTyped(batch, kitchen) ?? 0,
  saltSpread: relativeSpread(batch.salt),
  saltWantedG: 0,
  steamFixed: steam.fixed,
  steamOpen: steam.open,
  minutesFixed: steam.minutesFixed,
  minutesOpen: steam.minutesOpen,
  steps: usualSteps(batch, rawG),
  weighed: noLiquidWeighed(),
});

/** The salt that was written, g; by the spoon, of the salt by the stove. */
export function saltTyped(batch: Batch, { salt }: Pick<Input['kitchen'], 'salt'>): number | undefined {
  const typed = midpoint(batch.salt);
  if (typed === undefined) return undefined;
  return batch.saltIn === 'volume' ? saltOfVolume(typed, salt ?? salts[0]) : typed;
}
