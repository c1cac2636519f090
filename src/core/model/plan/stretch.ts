import { afterOf, type Batch } from '../../batch/index.ts';
import { type Amount, amountOf } from '../../ledger/index.ts';
import { densityOf } from '../../pot/index.ts';
import { midpoint } from '../../quantity/index.ts';
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
  return afterOf(batch).flatMap(({ id, what, ref, amount, measure }) => {
    const ingredient = what === 'stretch' && ref !== undefined ? ingredientsById(input).get(ref) : undefined;
    const typed = midpoint(amount);
    if (!ingredient || typed === undefined || typed <= 0) return [];
    const grams = measure === 'volume' ? typed * densityOf(ingredient) : typed;
    return [{ id, grams, perGram: amountOf(ingredient.per) }];
  });
}

/** What all of it weighs, g. */
export const stretchG = (stretch: readonly Stretch[]): number =>
  stretch.reduce((sum, { grams }) => sum + grams, 0);
