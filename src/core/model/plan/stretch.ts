import { type Batch } from '../../meal/index.ts';
import { type LiquidMass, type LiquidPlan, takenBy } from '../../broth/index.ts';
import { type Amount, amountOf, massOf, nothing, plus } from '../../ledger/index.ts';
import { densityOf } from '../../pot/index.ts';
import { midpoint } from '../../quantity/index.ts';
import { isStep } from '../../work/index.ts';
import { ingredientsById, type Input } from '../input.ts';

/** Something that a filling is stretched with: potatoes, beans, hominy, mushrooms. */
export interface Stretch {
  /** Of its step. */
  readonly id: string;
  readonly grams: number;
  readonly perGram: Amount;
}

/** What a batch's shred is stretched with, as it goes in: its own salt and water come with it. */
export function stretchOf(batch: Batch, input: Pick<Input, 'kitchen' | 'reference'>): readonly Stretch[] {
  return batch.after.filter(isStep('stretch')).flatMap(({ id, ref, amount, measure }) => {
    const ingredient = ref === undefined ? undefined : ingredientsById(input).get(ref);
    const typed = midpoint(amount);
    if (!ingredient || typed === undefined || typed <= 0) return [];
    const grams = measure === 'volume' ? typed * densityOf(ingredient) : typed;
    return [{ id, grams, perGram: amountOf(ingredient.per) }];
  });
}

/** What all of it weighs, with what it took up of a liquid, g. */
export const stretchedG = (
  { stretch, liquid }: { readonly stretch: readonly Stretch[]; readonly liquid: LiquidPlan | undefined },
  mass: LiquidMass,
): number =>
  stretch.reduce(
    (sum, { grams }) => sum + grams,
    liquid && stretch.length > 0 ? massOf(takenBy(liquid, mass, 'soakedUp')) : 0,
  );

/** What a batch has in its bowl for the plates, g: the shred of its lots, with what it was stretched with. */
export const bowlG = ({ plan, mass }: Bowl): number =>
  mass.lots.reduce((sum, { bowl }) => sum + bowl, stretchedG(plan, mass.liquid));

/** A run of a batch, as far as its bowl goes. */
interface Bowl {
  readonly plan: Parameters<typeof stretchedG>[0];
  readonly mass: { readonly lots: readonly { readonly bowl: number }[]; readonly liquid: LiquidMass };
}

/** What of the liquid a step's stretch took up. */
export function soakedUp(
  { steps }: Pick<LiquidPlan, 'steps'>,
  { taken }: Pick<LiquidMass, 'taken'>,
  id: string,
): Amount {
  return steps.reduce((sum, step, i) => {
    const pool = step.what === 'stretch' && step.item === id ? taken[i] : undefined;
    return pool ? plus(sum, pool) : sum;
  }, nothing);
}
