import type { Batch, Lot, Size, Vessel } from '../../meal/index.ts';
import { emptyLotMass, nominalLot, trimLot, type LotPlan } from '../../meat/index.ts';
import { panfuls, pansOf, SEAR_LOSS, type ToSear } from '../../pot/index.ts';
import { midpoint } from '../../quantity/index.ts';
import type { OfBatch } from '../input.ts';

/** What the sear of a batch takes, or would take if it is not seared. */
export interface SearFigures {
  readonly pan: Vessel | undefined;
  readonly panfuls: number;
  readonly minutes: number;
  /** Fat in the pan, and what of it goes into the pot, is kept, or is poured off, g. */
  readonly fatG: number;
  readonly fatInPotG: number;
  /** Water that it drives off the meat, g. */
  readonly airG: number;
}

/**
 * How a lot is cut: as is said of it; ribs with their bones are ribs where the batch is in chunks, since nobody cuts
 * them across.
 */
export function sizeOf(
  lot: Lot,
  { cut, boneShare }: Pick<LotPlan, 'cut' | 'boneShare'>,
  batch: Pick<Batch, 'size'>,
): Size {
  const ribs = /(^|-)(spare-?|short-?|back-?)?ribs(-|$)/.test(cut) && boneShare > 0;
  return lot.pieces?.size ?? (ribs && batch.size === 'chunks' ? 'ribs' : batch.size);
}

/** The lots as they come off the board, on their way to the pan. */
export function toSear(lots: readonly LotPlan[], typed: readonly Lot[], batch: Batch): readonly ToSear[] {
  const mass = emptyLotMass();
  return lots.map((lot, i) => {
    trimLot(lot, nominalLot, mass);
    const own = typed[i];
    const size = own ? sizeOf(own, lot, batch) : batch.size;
    // "2 × 800 g" are two pieces only as long as they stay whole.
    const count = own?.pieces?.count ?? (size === 'whole' ? own?.weight.count : undefined);
    return { lot: lot.id, size, grams: mass.intoPot, count };
  });
}

/** How the cook browns it, as far as that is written. */
export const searedAs = ({ pans }: Batch) => ({
  pieces: midpoint(pans?.pieces),
  minutes: midpoint(pans?.minutes),
});

export function planSear(batch: Batch, lots: readonly ToSear[], { kitchen }: OfBatch): SearFigures {
  const pans = pansOf(kitchen);
  const pan = pans.find(({ id }) => id === batch.pan) ?? pans[0];
  const sear = pan && panfuls(lots, pan, batch.mixPans ?? false, searedAs(batch));
  const fatG = batch.sear ? (midpoint(batch.panFat?.amount) ?? sear?.fatG ?? 0) : 0;
  return {
    pan,
    panfuls: sear?.turns.length ?? 0,
    minutes: sear?.minutes ?? 0,
    fatG,
    fatInPotG: (batch.panFat?.then ?? 'in the pot') === 'in the pot' ? fatG : 0,
    airG: SEAR_LOSS * lots.reduce((sum, { grams }) => sum + grams, 0),
  };
}
