import type { Input, OpenedMeal } from '../../model/index.ts';

export type Planned = Pick<OpenedMeal, 'input' | 'plan'>;

/** The vessels that stand with the other batches. */
export const takenByOthers = ({ plan }: Planned, batchId: string): readonly string[] =>
  plan.batches.flatMap(({ id, vessels }) => (id === batchId ? [] : vessels.map(({ vessel }) => vessel.id)));

/** A meal of one batch alone, in what the others leave of the kitchen: whatever is tried on a pot is tried on this. */
export function aloneOf(meal: Planned, batchId: string): Input {
  const { input } = meal;
  const taken = takenByOthers(meal, batchId);
  return {
    ...input,
    meal: { ...input.meal, batches: [batchId] },
    batches: input.batches.filter(({ id }) => id === batchId),
    kitchen: { ...input.kitchen, vessels: input.kitchen.vessels.filter(({ id }) => !taken.includes(id)) },
  };
}
