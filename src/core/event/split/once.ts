import { isTooFull, openMeal, type OpenedMeal } from '../../model/index.ts';
import type { LpSolver } from '../../plates/index.ts';
import { FULL } from '../../pot/index.ts';
import { placesFor } from './places.ts';
import { dealt } from './programme.ts';
import { type Dealing, MOST_DAYS, type Split, type SplitAsk } from './types.ts';
import { withSplit } from './withSplit.ts';

/** Dealt anew at most so often. */
const TRIES = 3;
/** A little less than would just do. */
const SURE = 0.985;

/** A whole deal is given up after so long with the best that was found, each go at it after at least so long, s. */
const [PATIENCE, TRYING] = [2.2, 0.3];

/** Dealt and tried, without looking for ways out. */
export function splitOnce(
  meal: OpenedMeal,
  ask: SplitAsk,
  solver?: LpSolver,
  isTried = false,
): Split | undefined {
  const { input, planned } = meal;
  const dealing = ask.batches.flatMap((id): readonly Dealing[] => {
    const batch = input.batches.find((one) => one.id === id);
    const plan = planned.find((one) => one.id === id);
    return batch && plan && plan.lots.length > 0 ? [{ batch, plan }] : [];
  });
  if (!solver || dealing.length === 0) return undefined;
  const days = Math.min(MOST_DAYS, Math.max(1, ask.days));
  let places = dealing.flatMap(({ batch, plan }) => placesFor(meal, batch, plan, days, ask.batches));
  const end = performance.now() + PATIENCE * 1000;
  for (let i = 0; ; i += 1) {
    // Half of what is left: what is found too full is dealt once more.
    const left = isTried ? TRYING : Math.max(TRYING, (end - performance.now()) / 2000);
    const found = dealt(dealing, places, meal, ask, solver, left);
    if (!found || i >= TRIES) return found;
    const full = tooFull(meal, found);
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
function tooFull({ input }: OpenedMeal, found: Split): ReadonlyMap<string, number> {
  let made = 0;
  const { meal, batches } = withSplit(input.meal, input.batches, found, () => `split ${String((made += 1))}`);
  const opened = openMeal({ ...input, meal, batches });
  return new Map(
    opened.planned.flatMap(({ vessels }) =>
      vessels
        .filter(isTooFull)
        .map(({ vessel, standsCm }) => [vessel.id, (FULL * vessel.heightCm) / standsCm] as const),
    ),
  );
}
