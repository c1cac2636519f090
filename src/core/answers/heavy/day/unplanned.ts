import { type Day, type DayBatch, type DayFacts, planDay } from '../../../day/index.ts';
import { isPlaceEdit, mealPlaced, type PlaceEdit, potPlaced } from '../../../meal/index.ts';
import { openMeal, type OpenedMeal } from '../../../model/index.ts';
import { MINUTE_MS } from '../../../quantity/index.ts';
import { dayFacts } from './facts.ts';

/** A way out that was tried. */
export interface PlaceWay {
  readonly way: WayOut;
  /** Pots that still have no place. */
  readonly left: number;
  /** Epoch ms. */
  readonly serving: number;
}

/** Pots that have no place in a day. */
export interface Unplanned {
  /** Their batches. */
  readonly batches: readonly string[];
  /** Of how many. */
  readonly of: number;
  /** They would fit if they were held hot for half a day. */
  readonly held: boolean;
}

const another = (facts: DayFacts, kind: 'oven' | 'burner', more: number): DayFacts => {
  const one = facts.resources.find((resource) => resource.kind === kind);
  if (!one) return facts;
  const added = { ...one, id: `${one.id} and another`, amount: kind === 'oven' ? one.amount : more };
  return { ...facts, resources: [...facts.resources, added] };
};
/** The same day with those pots changed that found no place. */
const those = (
  facts: DayFacts,
  unplaced: readonly string[],
  change: (batch: DayBatch) => DayBatch,
): DayFacts => ({
  ...facts,
  batches: facts.batches.map((batch) => (unplaced.includes(batch.id) ? change(batch) : batch)),
});

/** Twice as much in a vessel twice as large: wider by the cube root of two. */
const WIDER = Math.cbrt(2);
const doubled = (batch: DayBatch): DayBatch => ({
  ...batch,
  rawG: 2 * batch.rawG,
  filledG: 2 * batch.filledG,
  items: batch.items.map((item) => ({ ...item, grams: 2 * item.grams })),
  sear: batch.sear && { ...batch.sear, panfuls: 2 * batch.sear.panfuls, minutes: 2 * batch.sear.minutes },
  // Twice as much takes the same burner twice as long.
  toHeatMin: 2 * batch.toHeatMin,
  vessels: batch.vessels.map((vessel) => ({ ...vessel, widthCm: WIDER * vessel.widthCm })),
  cookedG: 2 * batch.cookedG,
  liquidMl: 2 * batch.liquidMl,
  shredG: 2 * batch.shredG,
});

/** Every second of the pots that found no place goes into the one before it. */
function halfAsMany(facts: DayFacts, unplaced: readonly string[]): DayFacts | undefined {
  const into = unplaced.filter((_, i) => i % 2 === 0 && i + 1 < unplaced.length);
  if (into.length === 0) return undefined;
  const gone = new Set(unplaced.filter((_, i) => i % 2 === 1));
  const kept = { ...facts, batches: facts.batches.filter(({ id }) => !gone.has(id)) };
  return those(kept, into, doubled);
}

/** What is tried beside what a cook can change at once: other pots, another kitchen. */
const others = {
  'half as many pots': halfAsMany,
  'another oven': (facts: DayFacts) => another(facts, 'oven', 1),
  'two more burners': (facts: DayFacts) => another(facts, 'burner', 2),
  'another oven and pair of hands': (facts: DayFacts) => ({
    ...another(facts, 'oven', 1),
    hands: facts.hands + 1,
  }),
};
export type WayOut = PlaceEdit | keyof typeof others;

/** What asks for less comes first. */
const inOrder: readonly WayOut[] = [
  'raw in',
  'the day before',
  'half as many pots',
  'another oven',
  'two more burners',
  'another pair of hands',
  'another oven and pair of hands',
];

/** The facts of a copy of the meal, changed as a press of the button changes it; undefined where nothing is changed. */
function changed(
  { input }: OpenedMeal,
  lost: readonly string[],
  way: PlaceEdit,
  now: number,
  zone: string,
): DayFacts | undefined {
  const batches = input.batches.map(
    (batch) => (lost.includes(batch.id) ? potPlaced(batch, way) : undefined) ?? batch,
  );
  const meal = mealPlaced(input.meal, input.kitchen, way);
  const isSame = meal === input.meal && batches.every((batch, i) => batch === input.batches[i]);
  return isSame ? undefined : dayFacts(openMeal({ ...input, meal, batches }), now, zone);
}

/** What would be held hot for longer than this has no place in the day, min (common practice, no source). */
const HALF_A_DAY = 12 * 60;

/** The pots that a day leaves out, or has cooked half a day too early; what is on the heat or over is there. */
function lostIn({ unplaced, lines }: Day, { batches }: DayFacts): readonly string[] {
  const open = new Set(
    batches.flatMap(({ id, lidOn, over }) => (lidOn === undefined && !over.has('pot') ? [id] : [])),
  );
  const held = lines.flatMap(({ batch, does, minutes }) =>
    batch !== undefined &&
    open.has(batch) &&
    does.what === 'hold' &&
    does.where !== 'in the fridge' &&
    minutes > HALF_A_DAY
      ? [batch]
      : [],
  );
  return [...new Set([...unplaced, ...held])];
}

/** The pots that a day has left out; undefined where all have a place. */
export function unplannedIn(day: Day, facts: DayFacts, tries: number): Unplanned | undefined {
  // A first list has pots wait that a better one does not: only what was levelled says that it must be.
  const lost = tries > 0 ? lostIn(day, facts) : day.unplaced;
  if (lost.length === 0) return undefined;
  return { batches: lost, of: facts.batches.length, held: day.unplaced.length === 0 };
}

export interface PlaceWaysAsk {
  /** Epoch ms. */
  readonly now: number;
  readonly zone?: string;
  /** The pots without a place. */
  readonly batches: readonly string[];
}

/**
 * What would take them in: each way out is tried on a day of its own, and told only where more pots have a place then. Asked
 * when somebody reads that a pot has none: each costs a plan.
 */
export function placeWays(
  meal: OpenedMeal,
  { now, zone = 'UTC', batches: lost }: PlaceWaysAsk,
): readonly PlaceWay[] {
  const here = meal.input.meal.serving?.zone ?? zone;
  const facts = dayFacts(meal, now, here);
  const tried = inOrder.flatMap((way) => {
    const other = isPlaceEdit(way) ? changed(meal, lost, way, now, here) : others[way](facts, lost);
    if (!other) return [];
    const day = planDay(other, now, 0);
    return [{ way, left: lostIn(day, other).length, serving: day.serving }];
  });
  // The least that is asked for first: what needs more and brings no more in is not told.
  return tried.filter(
    ({ left, serving }, i) =>
      left < lost.length &&
      !tried.slice(0, i).some((other) => other.left <= left && other.serving <= serving + 30 * MINUTE_MS),
  );
}
