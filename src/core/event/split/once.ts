import { isTooFull, openMeal, type OpenedMeal } from '../../model/index.ts';
import type { LpSolver } from '../../plates/index.ts';
import { FULL } from '../../pot/index.ts';
import { midpoint } from '../../quantity/index.ts';
import { placesFor } from './places.ts';
import { dealt } from './programme.ts';
import { type Dealing, MOST_DAYS, type Place, type Split, type SplitAsk } from './types.ts';
import { withSplit } from './withSplit.ts';

/** Dealt anew at most so often. */
const TRIES = 2;
/** A little less than would just do. */
const SURE = 0.985;

/** A deal is given up after so long with the best that was found; each go at it has at least so long, s. */
const PATIENCE = 1.6;
const LEAST_GO = 0.25;

/** Dealt and tried, without looking for ways out. */
export function splitOnce(
  meal: OpenedMeal,
  ask: SplitAsk,
  solver?: LpSolver,
  seconds = PATIENCE,
): Split | undefined {
  const { input, planned } = meal;
  const dealing = ask.batches.flatMap((id): readonly Dealing[] => {
    const batch = input.batches.find((one) => one.id === id);
    const plan = planned.find((one) => one.id === id);
    return batch && plan && plan.lots.length > 0 ? [{ batch, plan }] : [];
  });
  if (!solver || dealing.length === 0) return undefined;
  const days = Math.min(MOST_DAYS, Math.max(1, ask.days));
  let places = filledBy(
    meal,
    dealing.flatMap(({ batch, plan }) => placesFor(meal, batch, plan, days, ask.batches)),
  );
  const end = performance.now() + seconds * 1000;
  for (let i = 0; ; i += 1) {
    const left = Math.max(Math.min(LEAST_GO, seconds / 2), (end - performance.now()) / 1000);
    const found = dealt(dealing, places, meal, ask, solver, left);
    if (!found || i >= TRIES) return found;
    const full = tooFull(meal, found);
    if (full.size === 0) return found;
    places = places.map((place) => lessIn(place, full));
  }
}

/** What each vessel takes by the meal's own rule: filled as high as the first guess has it, it is seen where that is too high. */
function filledBy(meal: OpenedMeal, places: readonly Place[]): readonly Place[] {
  const one = new Map(places.map((place) => [nameOf(place), place]));
  const found = {
    pots: [...one.values()].map(({ batch, vessel, name, mostG }) => {
      const had = meal.input.batches.find(({ id }) => id === batch)?.lots ?? [];
      const weights = had.map(({ weight }) => midpoint(weight) ?? 0);
      const all = weights.reduce((sum, g) => sum + g, 0);
      const lots = weights.map((g) => (all > 0 ? (g * mostG) / all : 0));
      return { batch, vessel, name, day: 0, mostG, g: mostG, lots };
    }),
    outside: [],
  };
  const full = tooFull(meal, found);
  return full.size === 0 ? places : places.map((place) => lessIn(place, full));
}

const nameOf = ({ batch, vessel }: { readonly batch: string; readonly vessel: string }) =>
  `${batch} ${vessel}`;

const lessIn = (place: Place, full: ReadonlyMap<string, number>): Place => {
  const less = full.get(nameOf(place)) ?? 1;
  return less < 1 ? { ...place, mostG: place.mostG * less * SURE } : place;
};

/** Vessels that are filled too full by the meal's own rule, each with what of its load would just do, by the batch whose meat it is. */
function tooFull({ input }: OpenedMeal, found: Pick<Split, 'pots' | 'outside'>): ReadonlyMap<string, number> {
  let made = 0;
  const ids = new Map<string, string>();
  const { meal, batches } = withSplit(input.meal, input.batches, found, () => `split ${String((made += 1))}`);
  // Of each batch its pots stand in the order of the deal, the first under the batch's own id.
  const own = new Map(input.batches.map(({ id }) => [id, found.pots.filter((pot) => pot.batch === id)]));
  let of: string | undefined;
  for (const { id } of batches) {
    if (own.has(id)) of = id;
    if (of !== undefined) ids.set(id, of);
  }
  const opened = openMeal({ ...input, meal, batches });
  return new Map(
    opened.planned.flatMap(({ id, vessels }) =>
      vessels
        .filter(isTooFull)
        .map(
          ({ vessel, standsCm }) =>
            [
              nameOf({ batch: ids.get(id) ?? id, vessel: vessel.id }),
              (FULL * vessel.heightCm) / standsCm,
            ] as const,
        ),
    ),
  );
}
