import { type Batch, type Kitchen, kitchenAt, SHELF, usualFridges } from '../../meal/index.ts';
import type { BatchPlan, OpenedMeal } from '../../model/index.ts';
import { type LpSolver, type Program, type Row, solved, type Terms } from '../../plates/index.ts';
import { OVEN_WIDTH, sourcesOf } from '../../pot/index.ts';
import { midpoint } from '../../quantity/index.ts';
import { shelfOfCooked } from '../../day/index.ts';
import { LEAST, type LockedPot, type Place, type Split, type SplitAsk, type SplitPot } from './types.ts';

/** What lies outside weighs more than any pot. */
const OUTSIDE = 1e4;

/** A pot is worth more than what equals it. */
const POT = 100;

/** What a gram of raw meat leaves for the cold: ml of liquid and g of shred (estimates; what it really is the plan says). */
const [LIQUID, SHRED] = [0.5, 0.45];

export function dealt(
  batch: Batch,
  plan: BatchPlan,
  places: readonly Place[],
  meal: OpenedMeal,
  { wish, locked = [] }: SplitAsk,
  solver: LpSolver,
): Split | undefined {
  // In the order of the batch: a lot that cannot be read yet weighs nothing, and stays where it is.
  const lots = batch.lots.map(({ weight }) => midpoint(weight) ?? 0);
  const counts = batch.lots.map(({ pieces }) => pieces?.count);
  const total = lots.reduce((sum, g) => sum + g, 0);
  const x = (l: number, p: number) => `x${String(l)}_${String(p)}`;
  const y = (p: number) => `y${String(p)}`;
  const pieces = (l: number) => {
    const n = counts[l];
    return n !== undefined && n >= 1 ? Math.round(n) : undefined;
  };
  /** g of one of its pieces, or one gram of what can be cut anywhere. */
  const unit = (l: number) => (lots[l] ?? 0) / (pieces(l) ?? (lots[l] || 1));
  const loadOf = (p: number): Terms => lots.map((_, l) => [x(l, p), unit(l)] as const);
  const rows: Row[] = [
    ...lots.map((g, l): Row => ({
      terms: [...places.map((_, p) => [x(l, p), 1] as const), [`o${String(l)}`, 1] as const],
      is: '=',
      than: pieces(l) ?? g,
    })),
    ...places.flatMap(({ mostG, vessel, day }, p): Row[] => {
      const lock = locked.find((one) => one.vessel === vessel && one.day === day);
      if (lock) {
        // Whole pieces come to it within half a piece.
        const near = Math.max(1, ...lots.map((_, l) => (pieces(l) === undefined ? 0 : unit(l) / 2)));
        const most = Math.min(lock.g, mostG);
        return [
          { terms: loadOf(p), is: '<=', than: most + near },
          { terms: loadOf(p), is: '>=', than: Math.max(0, most - near) },
          { terms: [[y(p), 1]], is: '=', than: lock.g > 0 ? 1 : 0 },
          { terms: [...loadOf(p), [y(p), -mostG]], is: '<=', than: 0 },
        ];
      }
      return [
        { terms: [...loadOf(p), [y(p), -mostG]], is: '<=', than: 0 },
        { terms: [...loadOf(p), [y(p), -LEAST]], is: '>=', than: 0 },
      ];
    }),
    ...alike(places, locked, y),
    ...roomRows(batch, places, plan, meal, loadOf, y),
  ];
  const equal = wish === 'equal';
  if (equal)
    for (const p of places.keys()) {
      rows.push({ terms: [...loadOf(p), ['most', -1]], is: '<=', than: 0 });
      rows.push({ terms: [...loadOf(p), ['least', -1], [y(p), -total]], is: '>=', than: -total });
    }
  const late = ({ day }: Place) => (wish === 'early' ? (day === 0 ? 3 * POT : 0) : day);
  const program: Program = {
    sense: 'min',
    objective: [
      ...lots.map((_, l) => [`o${String(l)}`, (OUTSIDE * unit(l)) / 1000] as const),
      ...places.map((place, p) => [y(p), POT + late(place)] as const),
      ...(equal
        ? ([
            ['most', 10 / 1000],
            ['least', -10 / 1000],
          ] as const)
        : []),
    ],
    rows,
    bounds: new Map([
      ...places.map((_, p) => [y(p), [0, 1]] as const),
      ...(equal
        ? ([
            ['most', [0, total]],
            ['least', [0, total]],
          ] as const)
        : []),
    ]),
    integers: new Set([
      ...places.map((_, p) => y(p)),
      ...lots.flatMap((_, l) =>
        pieces(l) === undefined ? [] : [`o${String(l)}`, ...places.map((__, p) => x(l, p))],
      ),
    ]),
  };
  const solution = solved(program, solver);
  if (!solution) return undefined;
  const pots = places
    .map(({ vessel, name, day, mostG }, p): SplitPot => {
      const own = lots.map((_, l) => solution.of(x(l, p)) * unit(l));
      return { vessel, name, day, mostG, lots: own, g: own.reduce((sum, g) => sum + g, 0) };
    })
    .filter(({ g }) => g >= 1)
    .sort((a, b) => b.day - a.day || b.g - a.g);
  const outside = lots.map((_, l) => solution.of(`o${String(l)}`) * unit(l));
  return {
    wish,
    pots,
    outside,
    outsideG: outside.reduce((sum, g) => sum + g, 0),
    proved: solution.optimal,
    ways: [],
  };
}

/** Of vessels that are alike the first of the list is taken first: which of them it is makes no other deal. */
function alike(
  places: readonly Place[],
  locked: readonly LockedPot[],
  y: (p: number) => string,
): readonly Row[] {
  const isFree = ({ vessel, day }: Place) => !locked.some((one) => one.vessel === vessel && one.day === day);
  return places.flatMap((place, p): Row[] => {
    const next = places.findIndex(
      (other, q) =>
        q > p &&
        other.day === place.day &&
        other.at === place.at &&
        other.mostG === place.mostG &&
        other.widthCm === place.widthCm,
    );
    const other = places[next];
    if (!other || !isFree(place) || !isFree(other)) return [];
    return [
      {
        terms: [
          [y(p), 1],
          [y(next), -1],
        ],
        is: '>=',
        than: 0,
      },
    ];
  });
}

/** What a kitchen has room for: cm of oven, burners, cm of shelf in the cold. */
function roomIn(all: Kitchen, at: string) {
  const kitchen = kitchenAt(all, at);
  return {
    ovens: sourcesOf(kitchen, 'oven').reduce((sum, { widthCm = OVEN_WIDTH }) => sum + widthCm, 0),
    burners: sourcesOf(kitchen, 'burner').length,
    shelves: (kitchen.fridges ?? usualFridges)
      .filter(({ kind }) => kind === 'fridge')
      .reduce(
        (sum, { shelves, widthCm = SHELF.widthCm, takenCm = 0 }) =>
          sum + Math.max(0, shelves * widthCm - takenCm),
        0,
      ),
  };
}

/** What stands together on a day in a kitchen: side by side in the ovens or on the burners, and cooked in the cold that night. */
function roomRows(
  batch: Batch,
  places: readonly Place[],
  plan: BatchPlan,
  { input: { kitchen } }: OpenedMeal,
  loadOf: (p: number) => Terms,
  y: (p: number) => string,
): readonly Row[] {
  const heat = batch.cook[0]?.heat ?? 'oven';
  const rawG = plan.lots.reduce((sum, lot) => sum + lot.rawG, 0);
  // As much shelf for a gram of raw meat as the batch asks in all.
  const shelf = shelfOfCooked(LIQUID * rawG, SHRED * rawG) / Math.max(1, rawG);
  const days = [...new Set(places.map(({ day }) => day))];
  const kitchens = [...new Set(places.map(({ at }) => at))];
  const each = days.flatMap((day) => kitchens.map((at) => ({ day, at, ...roomIn(kitchen, at) })));
  return each.flatMap(({ day, at, ovens, burners, shelves }): Row[] => {
    const on = places.flatMap((place, p) => (place.day === day && place.at === at ? [p] : []));
    const room: Row | undefined =
      heat === 'oven'
        ? { terms: on.map((p) => [y(p), places[p]?.widthCm ?? 0] as const), is: '<=', than: ovens }
        : heat === 'stove'
          ? { terms: on.map((p) => [y(p), 1] as const), is: '<=', than: burners }
          : undefined;
    const cold: Row | undefined =
      day > 0
        ? {
            terms: on.flatMap((p) => loadOf(p).map(([name, g]) => [name, g * shelf] as const)),
            is: '<=',
            than: shelves,
          }
        : undefined;
    return [room, cold].filter((row): row is Row => row !== undefined);
  });
}
