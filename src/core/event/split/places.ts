import { type Batch, kitchenAt, placeOf } from '../../meal/index.ts';
import type { BatchPlan, OpenedMeal } from '../../model/index.ts';
import { fillOf, FULL, goesIntoAny, mayStand, vesselsFor } from '../../pot/index.ts';
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

/** The day before its sitting on which a batch is cooked, as far as it is written. */
export const dayOfBatch = ({ chilled }: Pick<Batch, 'chilled'>): number => (chilled ? 1 : 0);

/** Where a batch may be cooked: vessels that its heat takes and has room for, on days on which no pot that is not dealt has them. */
export function placesFor(
  { input, planned }: OpenedMeal,
  batch: Batch,
  plan: BatchPlan,
  days: number,
  dealt: readonly string[],
): readonly Place[] {
  const { kitchen } = input;
  const [first] = batch.cook;
  const heat = first?.heat ?? 'oven';
  const rawG = plan.lots.reduce((sum, lot) => sum + lot.rawG, 0);
  const ml = plan.vessels.reduce((sum, { meatMl }) => sum + meatMl, 0);
  const gPerMl = ml > 0 ? rawG / ml : 1;
  const taken = new Set(
    planned
      .filter(({ id }) => !dealt.includes(id))
      .flatMap((other) =>
        other.vessels.map(({ vessel }) => `${vessel.id} ${String(dayOfBatch(other.batch))}`),
      ),
  );
  return vesselsFor(heat, kitchen.vessels)
    .filter(
      (vessel) =>
        mayStand(vessel, heat) &&
        goesIntoAny(vessel, heat, first?.lid ?? 'on', kitchenAt(kitchen, placeOf(vessel.at, kitchen))),
    )
    .flatMap((vessel) => {
      const mostG = takes(vessel, batch, gPerMl);
      return Array.from({ length: days }, (_, day): Place => ({
        batch: batch.id,
        vessel: vessel.id,
        name: vessel.name,
        at: placeOf(vessel.at, kitchen),
        widthCm: vessel.widthCm,
        day,
        mostG,
      })).filter(({ day }) => mostG >= LEAST && !taken.has(`${vessel.id} ${String(day)}`));
    });
}
