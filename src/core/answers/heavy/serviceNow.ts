import { valueAt } from '../../columns/index.ts';
import { MINUTE_MS } from '../../quantity/index.ts';
import { cookOf } from '../../clock/index.ts';
import { planDay } from '../../day/index.ts';
import { dishName, type Ticket } from '../../order/index.ts';
import { mlOf } from '../../broth/index.ts';
import { picksAll } from '../../meat/index.ts';
import { emptyServed, forPlates, goneOf, nominalServing, restOf, serve } from '../../plates/index.ts';
import type { Nominal, NominalBatch, OpenedMeal } from '../../model/index.ts';
import type { DayAsk } from './day/day.ts';
import { dayFacts } from './day/facts.ts';

/** A lot when it is to be served now. */
export interface LotNow {
  readonly batch: string;
  readonly lot: string;
  readonly name: string;
  readonly shredG: number;
  /** Found tender, or already on the bench; else the chance of it. */
  readonly tender: boolean;
  readonly chance: number;
  /** Minutes more at even odds, as it is and cut smaller. */
  readonly moreMin: number;
  readonly smallerMin: number;
  /** Its lid is on, or it is out already. */
  readonly begun: boolean;
  /** It has not cooked long enough to be eaten, chopped. */
  readonly raw: boolean;
}

export interface Filled {
  readonly plates: number;
  readonly dishes: readonly {
    readonly id: string;
    readonly name: string;
    readonly count: number;
    readonly filled: number;
  }[];
}

export interface ServiceNow {
  readonly lots: readonly LotNow[];
  readonly total: number;
  /** Shred of what is tender, g. */
  readonly tenderG: number;
  /** From what is tender, in the order of the meal; and in the order that fills the most plates. */
  readonly now: Filled;
  readonly reordered: Filled;
  /** With all that is cooked chopped where it will not pull, and how many plates more that is. */
  readonly chopped: Filled;
  readonly choppedMore: number;
  /** Epoch ms: when the rest can be on plates, at the day's chance. */
  readonly restAt: number | undefined;
}

/** Likely enough to be pulled without a fork in it (estimate). */
const SURE = 0.8;
/** Cooked so far that it can be chopped and eaten, min (estimate). */
const COOKED_MIN = 60;

/** What can be served at this moment, what the rest wants, and what each way out of it gives. */
export function serviceNow(meal: OpenedMeal, ask: DayAsk): ServiceNow {
  const { now } = ask;
  const { input, nominal } = meal;
  const lots = nominal.batches.flatMap((one) => lotsNow(one, now));
  const tickets = restOf(meal.plan.tickets, nominal.booked);
  const gone = goneOfAll(nominal);
  // Of a pot that is not on yet there is nothing to pour.
  const begun = new Set(lots.flatMap((lot) => (lot.begun ? [lot.batch] : [])));
  const ml = nominal.batches.reduce(
    (sum, { plan, mass }) =>
      sum + (plan.liquid && begun.has(plan.id) ? forPlates(plan.batch) * mlOf(mass.liquid) : 0),
    -gone.ml,
  );
  const gramsOf = (some: readonly LotNow[]) =>
    Math.max(
      0,
      some.reduce((sum, { shredG }) => sum + shredG, -gone.g),
    );
  const tender = gramsOf(lots.filter((lot) => lot.tender));
  const cooked = gramsOf(lots.filter(({ raw }) => !raw));
  const names = new Map(input.meal.dishes.map((dish) => [dish.id, dishName(dish)]));
  const smallFirst = tickets.toSorted((a, b) => a.meat.want - b.meat.want);
  const waits = lots.some((lot) => !lot.tender) && lots.every((lot) => lot.begun);
  const served = filled(tickets, tender, ml, names);
  const chopped = filled(tickets, cooked, ml, names);
  return {
    lots,
    total: tickets.reduce((sum, { count }) => sum + count, 0),
    tenderG: tender,
    now: served,
    reordered: filled(smallFirst, tender, ml, names),
    chopped,
    choppedMore: chopped.plates - served.plates,
    // Nobody knows when a pot that is not on yet can be served.
    restAt: waits ? soonest(meal, ask) : undefined,
  };
}

/** The clock's own answer: when it says it is served where that is late already, else as soon as the day can do it, epoch ms. */
function soonest(meal: OpenedMeal, { now, tries, zone: here = 'UTC' }: DayAsk): number {
  const facts = dayFacts(meal, now, meal.input.meal.serving?.zone ?? here);
  const day = planDay(facts, now, tries);
  if (day.lateMin > 0) return day.serving;
  return Math.min(day.serving, planDay({ ...facts, forward: true }, now, tries).serving);
}

/** What is out already, g and ml. */
function goneOfAll({ batches, booked }: Nominal): { readonly g: number; readonly ml: number } {
  const all = batches.map(({ plan }) => goneOf(plan.id, booked));
  return { g: all.reduce((sum, { g }) => sum + g, 0), ml: all.reduce((sum, { ml }) => sum + ml, 0) };
}

function lotsNow({ plan, mass }: NominalBatch, now: number): LotNow[] {
  const { batch, ready } = plan;
  const onBench = plan.lots.some(
    ({ weighed }) => !Number.isNaN(weighed.shred) || !Number.isNaN(weighed.bone),
  );
  return plan.lots.flatMap((lot, i) => {
    const m = mass.lots[i];
    if (!m || picksAll(lot.pick)) return [];
    const r = ready?.lots.findIndex(({ id }) => id === lot.id) ?? -1;
    const since = batch.lidOn === undefined ? undefined : (now - batch.lidOn) / MINUTE_MS;
    const minutes = cookOf(batch.cook).potFrom + (since ?? 0);
    const chance =
      onBench || ready?.lots[r]?.found
        ? 1
        : since === undefined || !ready
          ? 0
          : ready.odds.lotChance(r, minutes);
    const left = ready && r >= 0 ? ready.odds.left(r, minutes) : { asItIs: 0, cutSmaller: 0 };
    const tender = chance >= SURE;
    return [
      {
        batch: plan.id,
        lot: lot.id,
        name: plan.cuts[i]?.name ?? '',
        shredG: forPlates(batch) * m.shred,
        tender,
        chance,
        moreMin: tender ? 0 : left.asItIs,
        smallerMin: tender ? 0 : left.cutSmaller,
        begun: onBench || since !== undefined,
        raw: !onBench && (since === undefined || since < COOKED_MIN),
      },
    ];
  });
}

function filled(
  tickets: readonly Ticket[],
  grams: number,
  ml: number,
  names: ReadonlyMap<string, string>,
): Filled {
  const out = emptyServed(tickets.length);
  serve(tickets, grams, ml, nominalServing(tickets.length), out);
  return {
    plates: out.plates,
    dishes: tickets.map(({ id, count }, t) => ({
      id,
      name: names.get(id) ?? '',
      count,
      filled: valueAt(out.filled, t),
    })),
  };
}
