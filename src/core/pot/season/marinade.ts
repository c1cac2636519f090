import type { Batch } from '../../meal/index.ts';
import { midpoint } from '../../quantity/index.ts';

/** Meat takes up 1 to 3 % of its weight from wine or thin brine overnight (estimate). */
const TAKEN_UP = 0.02;
/** Half of it in so many hours (estimate). */
const HALF_HOURS = 4;

/** What the meat takes up of a marinade, of its own weight, by how long it stands in it. */
export function takenUpShare(batch: Batch): number {
  if (batch.marinade?.takenUp !== undefined) return batch.marinade.takenUp;
  const step = batch.steps?.find(({ what }) => what === 'marinade');
  const hours = (midpoint(step?.minutes) ?? 12 * 60) / 60;
  return TAKEN_UP * (hours / (hours + HALF_HOURS)) * ((12 + HALF_HOURS) / 12);
}
