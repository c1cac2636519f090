import { isTooFull, openMeal, type OpenedMeal } from '../../model/index.ts';
import type { LpSolver } from '../../plates/index.ts';
import { FULL } from '../../pot/index.ts';
import { placesFor } from './places.ts';
import { dealt } from './programme.ts';
import { MOST_DAYS, type Split, type SplitAsk } from './types.ts';
import { withSplit } from './withSplit.ts';

/** Dealt anew at most so often. */
const TRIES = 3;
/** A little less than would just do. */
const SURE = 0.985;

/** Dealt and tried, without looking for ways out. */
export function splitOnce(meal: OpenedMeal, ask: SplitAsk, solver?: LpSolver): Split | undefined {
  const { input } = meal;
  const batch = input.batches.find(({ id }) => id === ask.batch);
  const plan = meal.planned.find(({ id }) => id === ask.batch);
  if (!batch || !plan || !solver || plan.lots.length === 0) return undefined;
  let places = placesFor(meal, batch, plan, Math.min(MOST_DAYS, Math.max(1, ask.days)));
  for (let i = 0; ; i += 1) {
    const found = dealt(batch, plan, places, meal, ask, solver);
    if (!found || i >= TRIES) return found;
    const full = tooFull(meal, ask.batch, found);
    if (full.size === 0) return found;
    // What was too full in one vessel is so in those that nothing was dealt into.
    const usual = Math.min(...full.values());
    const used = new Set(found.pots.map(({ vessel }) => vessel));
    places = places.map((place) => {
      const less = full.get(place.vessel) ?? (used.has(place.vessel) ? 1 : usual);
      return less < 1 ? { ...place, mostG: place.mostG * less * SURE } : place;
    });
  }
}

/** Vessels that are filled too full by the meal's own rule, each with what of its load would just do. */
function tooFull({ input }: OpenedMeal, batch: string, found: Split): ReadonlyMap<string, number> {
  let made = 0;
  const { meal, batches } = withSplit(
    input.meal,
    input.batches,
    batch,
    found,
    () => `split ${String((made += 1))}`,
  );
  const opened = openMeal({ ...input, meal, batches });
  return new Map(
    opened.planned.flatMap(({ vessels }) =>
      vessels
        .filter(isTooFull)
        .map(({ vessel, standsCm }) => [vessel.id, (FULL * vessel.heightCm) / standsCm] as const),
    ),
  );
}
