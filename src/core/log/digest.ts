import { servedOf } from '../plates/index.ts';
import { lotsOf, reckonAtOnce, servingCosts, unaccountedOf } from '../reckoning/index.ts';
import { begunIn } from './begun.ts';
import { type Closing, type DishKind, type Heat, standingEntries, type Stage } from '../meal/index.ts';
import { momentOf, openPhase } from '../clock/index.ts';
import type { Strands } from '../ledger/index.ts';
import { type Input, openMeal, type OpenedMeal } from '../model/index.ts';
import { dishName } from '../order/index.ts';
import { midpoint } from '../quantity/index.ts';

import { figureOf, priced } from '../shop/index.ts';
import { type Evidence, evidenceOf } from './evidence.ts';
import { type Outcome, outcomeOf } from './outcome.ts';

/** One cut of a batch: as bought, as it was to be shredded, and as it was. */
export interface CutInLog {
  readonly cut: string;
  readonly name: string;
  readonly rawG: number;
  readonly plannedG: number;
  readonly shredG: number;
}

/**
 * One batch as the log knows it: all that a list, a search and the learning want of it. It is made from the meal and its
 * entries, and made anew whenever they change: nothing is known by it alone.
 */
export interface Logged {
  readonly batch: string;
  readonly meal: string;
  readonly name: string;
  readonly pot: string;
  /** Epoch, ms: when it was served, else last weighed, else begun, else closed: an old batch may be closed today. */
  readonly at: number;
  readonly cuts: readonly CutInLog[];
  readonly heat: Heat | undefined;
  readonly vessel: string;
  readonly dishes: readonly string[];
  /** One serving of each dish: the meat that is wanted, and the most that is still good, g. */
  readonly portions: readonly { readonly kind: DishKind; readonly meatG: number; readonly mostG: number }[];
  readonly weighed: boolean;
  readonly leftOut: boolean;
  readonly closed: Closing | undefined;
  readonly guessG: number | undefined;
  readonly liquidMl: Outcome['liquidMl'];
  /** Grams that were weighed and do not balance, by the stage. */
  readonly unaccounted: readonly { readonly stage: Stage; readonly grams: number; readonly found: boolean }[];
  readonly minutes: Outcome['minutes'];
  readonly plates: { readonly ordered: number; readonly served: number };
  /** Of the dish with the most servings, in the currency. */
  readonly cost: number | undefined;
  readonly notes: string;
  readonly evidence: readonly Evidence[];
}

/** The same with its strands, for the batches that are looked at. */
export interface Digest extends Logged {
  readonly strands: Strands;
}

/** What makes a batch one that was cooked. */
const WEIGHED: ReadonlySet<string> = new Set(['cooked', 'shred', 'dressed']);

/**
 * The batches of a meal as the log knows them; those of which nothing was cooked, weighed or closed are none. What was
 * foretold is what the tables foretell, without any log: that is the same whenever it is asked.
 */
export function digestOf({ learned: _, ...input }: Input): readonly Digest[] {
  const standing = standingEntries(input.entries);
  const begun = begunIn(input);
  if (begun.length === 0) return [];
  const meal = openMeal(input);
  const [cost] = costsOf(meal)?.values() ?? [];
  const unaccounted = unaccountedOf(meal.ledger);
  const plates = {
    ordered: meal.plan.tickets.reduce((sum, { count }) => sum + count, 0),
    served: input.meal.dishes.reduce((sum, { id }) => sum + servedOf(input.entries, id), 0),
  };
  return begun.flatMap((batch): Digest[] => {
    const i = input.batches.indexOf(batch);
    const [now, before] = [meal.nominal.batches[i], meal.plannedRun.batches[i]?.mass];
    const outcome = outcomeOf(meal, batch.id);
    if (!now || !before || !outcome || !(now.mass.sums.raw > 0)) return [];
    const own = standing.filter((entry) => entry.batch === batch.id);
    const served = input.meal.serving && momentOf(input.meal.serving);
    return [
      {
        batch: batch.id,
        meal: input.meal.id,
        name: input.meal.name,
        pot: batch.name,
        at: served ?? own.at(-1)?.at ?? batch.lidOn ?? batch.closed?.at ?? 0,
        cuts: lotsOf(now).map(({ cut, name, rawG, shredG }, k) => ({
          cut,
          name,
          rawG,
          plannedG: before.lots[k]?.shred ?? 0,
          shredG,
        })),
        heat: openPhase(batch.cook)?.heat,
        vessel: now.plan.vessels[0]?.vessel.name ?? '',
        dishes: input.meal.dishes.map(dishName),
        portions: meal.plan.tickets.flatMap(({ id, meat }) => {
          const kind = input.meal.dishes.find((dish) => dish.id === id)?.kind;
          return kind && meat.want > 0 ? [{ kind, meatG: meat.want, mostG: meat.max }] : [];
        }),
        weighed: own.some(({ measures }) => 'flow' in measures && WEIGHED.has(measures.flow)),
        leftOut: batch.leftOut === true,
        closed: batch.closed,
        guessG: midpoint(batch.guessG),
        ...outcome,
        unaccounted: unaccounted
          .filter(({ flow }) => flow.batch === batch.id)
          .map(({ flow, grams }) => ({ stage: flow.stage, grams, found: flow.id === 'found' })),
        plates,
        cost: cost && figureOf(cost),
        notes: input.meal.notes ?? '',
        evidence: evidenceOf(meal, batch.id),
      },
    ];
  });
}

/** Undefined where nothing has a price: then nothing is reckoned for it either. */
function costsOf(meal: OpenedMeal): ReturnType<typeof servingCosts> {
  const { batches, kitchen } = meal.input;
  if (!batches.some(({ lots }) => lots.some(({ price }) => price !== undefined))) return undefined;
  const { batches: reckoned, meal: whole } = reckonAtOnce(meal);
  return servingCosts(priced(batches), reckoned, whole, kitchen);
}

/** The digests of a meal, or why there are none: a fault in one must not keep the others out of the log, nor be lost. */
export type Digested =
  | { readonly ok: true; readonly digests: readonly Digest[] }
  | { readonly ok: false; readonly why: string };

/** The same, of a meal that may be beyond reckoning. */
export function digestedOf(input: Input): Digested {
  try {
    return { ok: true, digests: digestOf(input) };
  } catch (error) {
    return { ok: false, why: error instanceof Error ? error.message : String(error) };
  }
}
