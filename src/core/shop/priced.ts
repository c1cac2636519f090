import type { Batch, Lot } from '../meal/index.ts';

/** A price for a weight holds for another lot of the cut; one for all of a lot is that lot's alone. */
const holds = ({ price }: Lot): boolean => price?.amount !== undefined && price.per !== 'all';

/**
 * The batches with the price of a cut known everywhere: a lot without one has that of the first lot of its cut that has. What
 * the cook has written stands.
 */
export function priced(batches: readonly Batch[]): readonly Batch[] {
  const known = new Map<string, Lot['price']>();
  for (const lot of batches.flatMap(({ lots }) => lots))
    if (holds(lot) && !known.has(lot.cut)) known.set(lot.cut, lot.price);
  if (known.size === 0) return batches;
  return batches.map((batch) => {
    const isBare = ({ cut, price }: Lot) => (price === undefined || price.text === '') && known.has(cut);
    if (!batch.lots.some(isBare)) return batch;
    return {
      ...batch,
      lots: batch.lots.map((lot) => {
        const price = isBare(lot) ? known.get(lot.cut) : undefined;
        return price ? { ...lot, price } : lot;
      }),
    };
  });
}
