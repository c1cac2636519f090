import type { Batch } from '../../meal/index.ts';
import { midpoint } from '../../quantity/index.ts';

/** Water that a sear drives off, of the raw weight: 2 to 4 % (estimate). */
export const SEAR_LOSS = 0.03;
/** Water that an open smoke takes in the first hours, of the raw weight an hour: 5 to 10 % (estimate). */
const SMOKE_LOSS_PER_HOUR = 0.07;

/** Share of the raw weight that goes to the air before the pot. */
export function airShare(batch: Batch): number {
  const smoked = batch.cook
    .filter((phase) => phase.heat === 'smoker' && phase.lid === 'off')
    .reduce((hours, phase) => hours + (midpoint(phase.minutes) ?? 0) / 60, 0);
  return (batch.sear ? SEAR_LOSS : 0) + SMOKE_LOSS_PER_HOUR * Math.min(smoked, 3);
}
