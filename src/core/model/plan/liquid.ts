import type { Batch } from '../../meal/index.ts';
import { type LiquidPlan, noLiquidWeighed, stepsOf, sumsOf } from '../../broth/index.ts';
import { type ItemPlan, densityOf, saltOfVolume, salts } from '../../pot/index.ts';
import { midpoint, relativeSpread } from '../../quantity/index.ts';
import { amountOf } from '../../ledger/index.ts';
import { ingredientsById, type Input } from '../input.ts';
import type { PlannedSteam } from './steam.ts';

/** What happens to a batch's liquid, as numbers. */
export const planLiquid = (
  batch: Batch,
  items: readonly ItemPlan[],
  steam: PlannedSteam,
  rawG: number,
  panFatG: number,
  input: Pick<Input, 'kitchen' | 'reference'>,
): LiquidPlan => ({
  items,
  ...sumsOf(items),
  panFatG,
  saltG: saltTyped(batch, input.kitchen) ?? 0,
  saltSpread: relativeSpread(batch.salt),
  saltWantedG: 0,
  steamFixed: steam.fixed,
  steamOpen: steam.open,
  minutesFixed: steam.minutesFixed,
  minutesOpen: steam.minutesOpen,
  steps: stepsOf(batch, rawG, stirredInOf(input)),
  weighed: noLiquidWeighed(),
});

/** What may be stirred into a finished liquid, by its id. */
const stirredInOf = (input: Pick<Input, 'kitchen' | 'reference'>) => (ref: string) => {
  const ingredient = ingredientsById(input).get(ref);
  return ingredient && { perGram: amountOf(ingredient.per), density: densityOf(ingredient) };
};

/** The salt that was written, g; by the spoon, of the salt by the stove. */
export function saltTyped(batch: Batch, { salt }: Pick<Input['kitchen'], 'salt'>): number | undefined {
  const typed = midpoint(batch.salt);
  if (typed === undefined) return undefined;
  return batch.saltIn === 'volume' ? saltOfVolume(typed, salt ?? salts[0]) : typed;
}
