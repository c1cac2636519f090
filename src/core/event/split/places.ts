import { type Batch, placeOf } from '../../meal/index.ts';
import type { BatchPlan, OpenedMeal } from '../../model/index.ts';
import { fillOf, FULL, mayStand, vesselsFor } from '../../pot/index.ts';
import { LEAST, type Place } from './types.ts';

/** What a vessel takes of this meat, g: as high as is wise, at the batch's own line. */
function takes(vessel: Parameters<typeof fillOf>[0], batch: Batch, gPerMl: number): number {
  const stands = (ml: number) => {
    const { meatCm, lineCm } = fillOf(vessel, ml, batch.size, batch.level);
    return Math.max(meatCm, lineCm);
  };
  let [low, high] = [0, 200_000];
  for (let i = 0; i < 40; i += 1) {
    const ml = (low + high) / 2;
    if (stands(ml) <= FULL * vessel.heightCm) low = ml;
    else high = ml;
  }
  return low * gPerMl;
}

export function placesFor(
  { input }: OpenedMeal,
  batch: Batch,
  plan: BatchPlan,
  days: number,
): readonly Place[] {
  const [heat = 'oven'] = batch.cook.map((phase) => phase.heat);
  const rawG = plan.lots.reduce((sum, lot) => sum + lot.rawG, 0);
  const ml = plan.vessels.reduce((sum, { meatMl }) => sum + meatMl, 0);
  const gPerMl = ml > 0 ? rawG / ml : 1;
  const dayOf = ({ chilled }: Batch) => (chilled ? 1 : 0);
  const taken = new Set(
    input.batches
      .filter((other) => other.id !== batch.id)
      .flatMap((other) =>
        other.cook.flatMap(({ vessel }) =>
          vessel === undefined ? [] : [`${vessel} ${String(dayOf(other))}`],
        ),
      ),
  );
  return vesselsFor(heat, input.kitchen.vessels)
    .filter((vessel) => mayStand(vessel, heat))
    .flatMap((vessel) => {
      const mostG = takes(vessel, batch, gPerMl);
      return Array.from({ length: days }, (_, day): Place => ({
        vessel: vessel.id,
        name: vessel.name,
        at: placeOf(vessel.at, input.kitchen),
        widthCm: vessel.widthCm,
        day,
        mostG,
      })).filter(({ day }) => mostG >= LEAST && !taken.has(`${vessel.id} ${String(day)}`));
    });
}
