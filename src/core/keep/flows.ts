import { massOf, times, type Flow } from '../ledger/index.ts';
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
  const flows: Flow[] = [
    ...shred.map(({ batch, lot, grams, per }): Flow => ({
      batch,
      ...(lot !== undefined && { lot }),
      from: 'bowl',
      to: 'shelf',
      material: 'kept shred',
      stage: 'keep',
      amount: times(per, grams * Math.max(0, 1 - meatTaken)),
    })),
    ...liquid.map(({ batch, grams, per }): Flow => ({
      batch,
      from: 'jug',
      to: 'shelf',
      material: 'kept liquid',
      stage: 'keep',
      amount: times(per, grams * Math.max(0, 1 - liquidTaken)),
    })),
  ];
  return flows.filter((flow) => massOf(flow.amount) > 0);
}
