import { entryAt } from '../columns/index.ts';
import { carrying, flow, type Flow, times } from '../ledger/index.ts';
import type { Source, ToPlates } from '../plates/index.ts';

/**
 * What is left when the plates are filled, by lot and by jug, on its way to the shelf.
 * @param toPlates shares of the shred and of each liquid that go to the plates, 0 to 1
 */
export function keptFlows(
  shred: readonly Source[],
  liquid: readonly Source[],
  { meatShares, liquidShares }: Pick<ToPlates, 'meatShares' | 'liquidShares'>,
): Flow[] {
  const rest = (taken: number) => Math.max(0, 1 - taken);
  const flows = [
    ...shred.map(({ batch, lot, item, grams, per }) =>
      flow('keptShred', { batch, lot, item }, times(per, grams * rest(meatShares.get(batch) ?? 0))),
    ),
    ...liquid.map(({ batch, liquid: id, grams, per }, i) =>
      flow('keptLiquid', { batch, liquid: id }, times(per, grams * rest(entryAt(liquidShares, i)))),
    ),
  ];
  return carrying(flows);
}
