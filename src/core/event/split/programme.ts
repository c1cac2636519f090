import type { Batch } from '../../meal/index.ts';
import type { OpenedMeal } from '../../model/index.ts';
import {
  type LpSolver,
  type Program,
  type Row,
  type Solution,
  solved,
  type Terms,
} from '../../plates/index.ts';
import { midpoint } from '../../quantity/index.ts';
import { roomRows } from './room.ts';
import {
  type Dealing,
  LEAST,
  type LockedPot,
  type Place,
  type Split,
  type SplitAsk,
  type SplitPot,
} from './types.ts';

/** What lies outside weighs more than any pot. */
const OUTSIDE = 1e4;

/** A pot is worth more than what equals it. */
const POT = 100;

/**
 * Nearer to the best than this nothing is looked for: with a quarter of a pot no fewer can do (what is told by days is worth less),
 * and equal pots differ by fifty grams less at most.
 */
const [NEAR, NEAR_EQUAL] = [POT / 4, 0.5];

/** One lot, in a batch: cut anywhere, or into whole pieces. */
interface Part {
  readonly batch: string;
  /** Its place among the lots of its batch. */
  readonly lot: number;
  readonly g: number;
  /** How many pieces it is; undefined where it can be cut anywhere. */
  readonly pieces: number | undefined;
  /** g of one of its pieces, or one gram of what can be cut anywhere. */
  readonly unit: number;
}

const partsOf = (batch: Batch): readonly Part[] =>
  batch.lots.map(({ weight, pieces }, lot): Part => {
    // In the order of the batch: a lot that cannot be read yet weighs nothing, and stays where it is.
    const g = midpoint(weight) ?? 0;
    const n = pieces?.count;
    const counted = n !== undefined && n >= 1 ? Math.round(n) : undefined;
    return { batch: batch.id, lot, g, pieces: counted, unit: g / (counted ?? (g || 1)) };
  });

const x = (part: number, place: number) => `x${String(part)}_${String(place)}`;
const o = (part: number) => `o${String(part)}`;
const y = (place: number) => `y${String(place)}`;

/** The batches dealt over those places: the best of their wish, as far as the solver got. */
export function dealt(
  dealing: readonly Dealing[],
  places: readonly Place[],
  meal: OpenedMeal,
  ask: SplitAsk,
  solver: LpSolver,
  seconds: number,
): Split | undefined {
  const { wish, locked = [] } = ask;
  const parts = dealing.flatMap(({ batch }) => partsOf(batch));
  const total = parts.reduce((sum, { g }) => sum + g, 0);
  const at = (p: number) => parts.flatMap((part, l) => (part.batch === places[p]?.batch ? [l] : []));
  const loadOf = (p: number): Terms => at(p).map((l) => [x(l, p), parts[l]?.unit ?? 0] as const);
  const rows: Row[] = [
    ...parts.map(({ batch, pieces, g }, l): Row => ({
      terms: [
        ...places.flatMap((place, p) => (place.batch === batch ? [[x(l, p), 1] as const] : [])),
        [o(l), 1],
      ],
      is: '=',
      than: pieces ?? g,
    })),
    ...places.flatMap((place, p) => loadRows(place, p, loadOf(p), parts, locked)),
    ...onceEach(places),
    ...alike(places, locked),
    ...roomRows(dealing, places, meal, ask, { loadOf, y }),
  ];
  const late = ({ day }: Place) => (wish === 'early' ? (day === 0 ? 3 * POT : 0) : day);
  const none = parts.map(({ unit }, l) => [o(l), (OUTSIDE * unit) / 1000] as const);
  const pots = places.map((_, p) => [y(p), 1] as const);
  const fewest: Program = {
    sense: 'min',
    objective: [...none, ...places.map((place, p) => [y(p), POT + late(place)] as const)],
    rows,
    bounds: new Map(places.map((_, p) => [y(p), [0, 1]] as const)),
    integers: new Set([
      ...places.map((_, p) => y(p)),
      ...parts.flatMap((part, l) =>
        part.pieces === undefined
          ? []
          : [o(l), ...places.flatMap(({ batch }, p) => (batch === part.batch ? [x(l, p)] : []))],
      ),
    ]),
  };
  const outsideOf = ({ of }: Solution) => parts.reduce((sum, { unit }, l) => sum + of(o(l)) * unit, 0);
  /** What was given up before anything was found says that there is nothing: it is no deal. */
  const isWhole = (one: Solution | undefined): one is Solution =>
    one !== undefined &&
    Math.abs(
      outsideOf(one) +
        places.reduce(
          (sum, _, p) => sum + loadOf(p).reduce((g, [name, unit]) => g + one.of(name) * unit, 0),
          0,
        ) -
        total,
    ) <
      1 + total * 1e-6;
  const first = solved(fewest, solver, { near: NEAR, seconds });
  if (!isWhole(first)) return undefined;
  const used = places.filter((_, p) => first.of(y(p)) > 0.5).length;
  const isLeast = first.optimal || wish === 'early';
  const least = isLeast ? undefined : leastPots(fewest, none, pots, solver);
  // As few as no deal can do without is proved, whether or not the solver came to its end.
  const isProved = first.optimal || (wish === 'fewest' && least === used);
  const second =
    wish === 'equal'
      ? solved(equal(fewest, places, total, used, { none, pots, loadOf }), solver, {
          near: NEAR_EQUAL,
          seconds: seconds / 2,
        })
      : undefined;
  // Equal pots are no reason to leave anything out.
  const isBetter = isWhole(second) && outsideOf(second) < outsideOf(first) + 1;
  const solution = isBetter ? second : first;
  const gOf = (name: string, l: number) => solution.of(name) * (parts[l]?.unit ?? 0);
  const dealtPots = places
    .map(({ batch, vessel, name, day, mostG }, p): SplitPot => {
      const lots = at(p).map((l) => gOf(x(l, p), l));
      return { batch, vessel, name, day, mostG, lots, g: lots.reduce((sum, g) => sum + g, 0) };
    })
    .filter(({ g }) => g >= 1)
    .sort((a, b) => order(dealing, a) - order(dealing, b) || b.day - a.day || b.g - a.g);
  const outside = dealing.map(({ batch: { id } }) => ({
    batch: id,
    lots: parts.flatMap((part, l) => (part.batch === id ? [gOf(o(l), l)] : [])),
  }));
  return {
    wish,
    pots: dealtPots,
    outside,
    outsideG: outside.flatMap(({ lots }) => lots).reduce((sum, g) => sum + g, 0),
    proved: isProved && (wish !== 'equal' || (isBetter && second.optimal)),
    ...(least !== undefined && { leastPots: least }),
    ways: [],
  };
}

/** In so many pots, with no more outside: the heaviest and the lightest as near to each other as can be. */
function equal(
  { rows, bounds, ...fewest }: Program,
  places: readonly Place[],
  total: number,
  used: number,
  {
    none,
    pots,
    loadOf,
  }: { readonly none: Terms; readonly pots: Terms; readonly loadOf: (p: number) => Terms },
): Program {
  return {
    ...fewest,
    objective: [...none, ['most', 10 / 1000], ['least', -10 / 1000]],
    rows: [
      ...rows,
      { terms: pots, is: '=', than: used },
      ...places.flatMap((_, p): readonly Row[] => [
        { terms: [...loadOf(p), ['most', -1]], is: '<=', than: 0 },
        { terms: [...loadOf(p), ['least', -1], [y(p), -total]], is: '>=', than: -total },
      ]),
    ],
    bounds: new Map([...bounds, ['most', [0, total]], ['least', [0, total]]]),
  };
}

/** No deal that takes in as much has fewer pots, as far as a programme without whole pots and pieces can say. */
function leastPots(program: Program, none: Terms, pots: Terms, solver: LpSolver): number | undefined {
  const relaxed = solved({ ...program, objective: [...pots, ...none], integers: new Set() }, solver);
  return relaxed && Math.ceil(relaxed.value - 1e-6);
}

const order = (dealing: readonly Dealing[], pot: SplitPot) =>
  dealing.findIndex(({ batch }) => batch.id === pot.batch);

const isLock =
  ({ batch, vessel, day }: Place) =>
  (one: LockedPot) =>
    one.batch === batch && one.vessel === vessel && one.day === day;

/** What a place takes: nothing, or from the least that is cooked by itself up to what there is room for; what is kept stands. */
function loadRows(
  place: Place,
  p: number,
  load: Terms,
  parts: readonly Part[],
  locked: readonly LockedPot[],
): readonly Row[] {
  const lock = locked.find(isLock(place));
  const whole = parts.reduce((sum, { batch, g }) => sum + (batch === place.batch ? g : 0), 0);
  const within: Row = { terms: [...load, [y(p), -Math.min(place.mostG, whole)]], is: '<=', than: 0 };
  if (!lock) return [within, { terms: [...load, [y(p), -LEAST]], is: '>=', than: 0 }];
  // Whole pieces come to it within half a piece.
  const halves = parts
    .filter(({ batch, pieces }) => batch === place.batch && pieces !== undefined)
    .map(({ unit }) => unit / 2);
  const near = Math.max(1, ...halves);
  const most = Math.min(lock.g, place.mostG);
  return [
    { terms: load, is: '<=', than: most + near },
    { terms: load, is: '>=', than: Math.max(0, most - near) },
    { terms: [[y(p), 1]], is: '=', than: lock.g > 0 ? 1 : 0 },
    within,
  ];
}

/** A vessel holds one batch a day. */
function onceEach(places: readonly Place[]): readonly Row[] {
  return slotsOf(places).flatMap((here): Row[] =>
    here.length < 2 ? [] : [{ terms: here.map((p) => [y(p), 1] as const), is: '<=', than: 1 }],
  );
}

const slotName = ({ vessel, day }: Pick<Place, 'vessel' | 'day'>) => `${vessel} ${String(day)}`;

/** The places of each vessel on each day, one for each batch that it may hold. */
function slotsOf(places: readonly Place[]): readonly (readonly number[])[] {
  const slots = new Map<string, number[]>();
  for (const [p, place] of places.entries()) {
    const slot = slotName(place);
    slots.set(slot, [...(slots.get(slot) ?? []), p]);
  }
  return [...slots.values()];
}

/** Of vessels that are alike the first of the list is taken first: which of them it is makes no other deal. */
function alike(places: readonly Place[], locked: readonly LockedPot[]): readonly Row[] {
  const slots = slotsOf(places);
  const kept = new Set(locked.map(slotName));
  const isFree = ([p = -1]: readonly number[]) => {
    const place = places[p];
    return place !== undefined && !kept.has(slotName(place));
  };
  const look = (slot: readonly number[]) =>
    slot
      .map((p) => places[p])
      .map((one) => (one ? [one.batch, one.day, one.at, one.widthCm, one.mostG.toFixed(3)].join(' ') : ''))
      .join('; ');
  return slots.flatMap((slot, i): Row[] => {
    const next = slots.slice(i + 1).find((other) => look(other) === look(slot));
    if (!next || !isFree(slot) || !isFree(next)) return [];
    return [
      {
        terms: [...slot.map((p) => [y(p), 1] as const), ...next.map((p) => [y(p), -1] as const)],
        is: '>=',
        than: 0,
      },
    ];
  });
}
