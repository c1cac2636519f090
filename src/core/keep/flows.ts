import { carrying, flow, times, type Flow } from '../ledger/index.ts';
import type { Source } from '../plates/index.ts';

/**
 * What is left when the plates are filled, by lot and by jug, on its way to the shelf.
 * @param meatTaken share of the shred that went to the plates, 0 to 1; liquidTaken likewise
 */
export function keptFlows(
  shred: readonly Source[],
  liquid: readonly Source[],
  meatTaken: number,
  liquidTaken: number,
): Flow[] {
  const flows = [
    ...shred.map(({ batch, lot, grams, per }) =>
      flow(
        'bowl',
        'shelf',
        'kept shred',
        'keep',
        { batch, lot },
        times(per, grams * Math.max(0, 1 - meatTaken)),
      ),
    ),
    ...liquid.map(({ batch, grams, per }) =>
      flow(
        'jug',
        'shelf',
        'kept liquid',
        'keep',
        { batch },
        times(per, grams * Math.max(0, 1 - liquidTaken)),
      ),
    ),
  ];
  return carrying(flows);
}
