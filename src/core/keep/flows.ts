import { entryAt } from '../columns/index.ts';
import { carrying, flow, type Flow, times } from '../ledger/index.ts';
import type { Source } from '../plates/index.ts';

/**
 * What is left when the plates are filled, by lot and by jug, on its way to the shelf.
 * @param meatTaken share of the shred that went to the plates, 0 to 1; liquidTaken of each liquid
 */
export function keptFlows(
  shred: readonly Source[],
  liquid: readonly Source[],
  meatTaken: number,
  liquidTaken: readonly number[],
): Flow[] {
  const flows = [
    ...shred.map(({ batch, lot, item, grams, per }) =>
      flow('keptShred', { batch, lot, item }, times(per, grams * Math.max(0, 1 - meatTaken))),
    ),
    ...liquid.map(({ batch, liquid: id, grams, per }, i) =>
      flow('keptLiquid', { batch, liquid: id }, times(per, grams * Math.max(0, 1 - entryAt(liquidTaken, i)))),
    ),
  ];
  return carrying(flows);
}
