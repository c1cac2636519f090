import { type Batch, type Lot, type Meal, scaledBatch, SHELF, usualFridges } from '../meal/index.ts';
import { type BatchPlan, isTooFull, openMeal, type OpenedMeal } from '../model/index.ts';
import { type LpSolver, type Program, type Row, solved, type Terms } from '../plates/index.ts';
import { fillOf, FULL, mayStand, OVEN_WIDTH, sourcesOf, vesselsFor } from '../pot/index.ts';
import { midpoint } from '../quantity/index.ts';
import { shelfOfCooked } from '../day/index.ts';

/** Whether as few pots as can be, pots as equal as can be, or as much as can be before the day itself. */
export const splitWishes = ['fewest', 'equal', 'early'] as const;
export type SplitWish = (typeof splitWishes)[number];

export interface SplitAsk {
  readonly batch: string;
  readonly wish: SplitWish;
  /** On so many days it may be cooked: the day of the sitting, and those before it, 1 to 3. */
  readonly days: number;
}

/** One of the pots that a batch is dealt into. */
export interface SplitPot {
  readonly vessel: string;
  readonly name: string;
  /** Days before the sitting. */
  readonly day: number;
  /** g of each lot, in their order. */
  readonly lots: readonly number[];
  readonly g: number;
  /** What it could take. */
  readonly mostG: number;
}

export interface Split {
  readonly wish: SplitWish;
  readonly pots: readonly SplitPot[];
  /** What has no place, g of each lot. */
  readonly outside: readonly number[];
  readonly outsideG: number;
  /** Nothing better can be: it is proved. */
  readonly proved: boolean;
}

/** A place that a part may have: a vessel on a day. */
interface Place {
  readonly vessel: string;
  readonly name: string;
  readonly widthCm: number;
  readonly day: number;
  readonly mostG: number;
}

/** What lies outside weighs more than any pot. */
const OUTSIDE = 1e4;
/** A pot is worth more than what equals it. */
const POT = 100;
/** Nobody cooks less than this in a pot of its own, g (common practice, no source). */
const LEAST = 500;
const MOST_DAYS = 3;
/** What a gram of raw meat leaves for the cold: ml of liquid and g of shred (estimates; what it really is the plan says). */
const [LIQUID, SHRED] = [0.5, 0.45];
/** Once a vessel was found too full with all that goes in, it is dealt so much less. */
const LESS = 0.92;
const TRIES = 4;

/**
 * Deals a batch's meat over the vessels and days of its kitchen: what each vessel takes at its line, ovens and burners by their
 * room, the cold by its shelves (cooked pots lie there overnight), whole pieces where pieces were counted; vessels that
 * another pot uses that day are not free. The whole deal is one integer programme, proved or with what the solver has. Each
 * pot is then filled by the meal's own rule, and dealt less where that finds it too full.
 * @returns undefined where the batch has no meat
 */
export function split(meal: OpenedMeal, ask: SplitAsk, solver?: LpSolver): Split | undefined {
  const { input } = meal;
  const batch = input.batches.find(({ id }) => id === ask.batch);
  const plan = meal.planned.find(({ id }) => id === ask.batch);
  if (!batch || !plan || !solver || plan.lots.length === 0) return undefined;
  let places = placesFor(meal, batch, plan, Math.min(MOST_DAYS, Math.max(1, ask.days)));
  for (let i = 0; ; i += 1) {
    const found = dealt(batch, plan, places, meal, ask.wish, solver);
    if (!found || i >= TRIES) return found;
    const full = tooFull(meal, ask.batch, found);
    if (full.size === 0) return found;
    places = places.map((place) =>
      full.has(place.vessel) ? { ...place, mostG: place.mostG * LESS } : place,
    );
  }
}

/** Vessels that are filled too full by the meal's own rule. */
function tooFull({ input }: OpenedMeal, batch: string, found: Split): ReadonlySet<string> {
  let made = 0;
  const { meal, batches } = withSplit(
    input.meal,
    input.batches,
    batch,
    found,
    () => `split ${String((made += 1))}`,
  );
  const opened = openMeal({ ...input, meal, batches });
  return new Set(
    opened.planned.flatMap(({ vessels }) => vessels.filter(isTooFull).map(({ vessel }) => vessel.id)),
  );
}

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

function placesFor({ input }: OpenedMeal, batch: Batch, plan: BatchPlan, days: number): readonly Place[] {
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
        widthCm: vessel.widthCm,
        day,
        mostG,
      })).filter(({ day }) => mostG >= LEAST && !taken.has(`${vessel.id} ${String(day)}`));
    });
}

function dealt(
  batch: Batch,
  plan: BatchPlan,
  places: readonly Place[],
  meal: OpenedMeal,
  wish: SplitWish,
  solver: LpSolver,
): Split | undefined {
  const lots = plan.lots.map(({ rawG }) => rawG);
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
    ...places.flatMap(({ mostG }, p): Row[] => [
      { terms: [...loadOf(p), [y(p), -mostG]], is: '<=', than: 0 },
      { terms: [...loadOf(p), [y(p), -LEAST]], is: '>=', than: 0 },
    ]),
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
  };
}

/** What stands together on a day: side by side in the ovens or on the burners, and cooked in the cold that night. */
function roomRows(
  batch: Batch,
  places: readonly Place[],
  plan: BatchPlan,
  { input: { kitchen } }: OpenedMeal,
  loadOf: (p: number) => Terms,
  y: (p: number) => string,
): readonly Row[] {
  const heat = batch.cook[0]?.heat ?? 'oven';
  const ovens = sourcesOf(kitchen, 'oven').reduce((sum, { widthCm = OVEN_WIDTH }) => sum + widthCm, 0);
  const burners = sourcesOf(kitchen, 'burner').length;
  const shelves = (kitchen.fridges ?? usualFridges)
    .filter(({ kind }) => kind === 'fridge')
    .reduce((sum, { shelves: n, widthCm = SHELF.widthCm }) => sum + n * widthCm, 0);
  const rawG = plan.lots.reduce((sum, lot) => sum + lot.rawG, 0);
  // As much shelf for a gram of raw meat as the batch asks in all.
  const shelf = shelfOfCooked(LIQUID * rawG, SHRED * rawG) / Math.max(1, rawG);
  return [...new Set(places.map(({ day }) => day))].flatMap((day): Row[] => {
    const on = [...places.keys()].filter((p) => places[p]?.day === day);
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

const grams = (g: number): Lot['weight'] => {
  const n = Math.round(g);
  return { text: `${String(n)} g`, lo: n, hi: n };
};

/**
 * The meal with its batch dealt into those pots: the batch itself becomes the first of them, every dish that drew on it draws on all.
 * What has no place stays with the first, where it is said that it does not fit.
 * @param newId gives an id that nothing has yet
 */
export function withSplit(
  meal: Meal,
  batches: readonly Batch[],
  id: string,
  { pots, outside }: Split,
  newId: () => string,
): { readonly meal: Meal; readonly batches: readonly Batch[] } {
  const batch = batches.find((one) => one.id === id);
  if (!batch || pots.length === 0) return { meal, batches };
  const ids = pots.map((_, i) => (i === 0 ? id : newId()));
  const made = pots.map((pot, i): Batch =>
    partOf(batch, pot, i, ids[i] ?? id, i === 0 ? outside : [], pots.length),
  );
  const others = ids.slice(1);
  return {
    batches: batches.flatMap((one) => (one.id === id ? made : [one])),
    meal: {
      ...meal,
      batches: meal.batches.flatMap((one) => (one === id ? ids : [one])),
      dishes: meal.dishes.map((dish) =>
        dish.from?.includes(id) ? { ...dish, from: [...dish.from, ...others] } : dish,
      ),
    },
  };
}

function partOf(
  batch: Batch,
  pot: SplitPot,
  i: number,
  id: string,
  outside: readonly number[],
  of: number,
): Batch {
  const whole = batch.lots.reduce((sum, { weight }) => sum + (midpoint(weight) ?? 0), 0);
  const share = whole > 0 ? (pot.g + outside.reduce((sum, g) => sum + g, 0)) / whole : 1;
  const { chilled: _, also: __, ...part } = scaledBatch(batch, share);
  return {
    ...part,
    id,
    name: of > 1 ? `${batch.name} ${String(i + 1)}` : batch.name,
    lots: batch.lots.flatMap((lot, l): Lot[] => {
      const g = (pot.lots[l] ?? 0) + (outside[l] ?? 0);
      if (g < 1) return [];
      const { pieces, placements: ___, ...rest } = lot;
      const { count: n, ...shape } = pieces ?? {};
      const had = midpoint(lot.weight) ?? 0;
      const count = n !== undefined && had > 0 ? Math.round((n * g) / had) : 0;
      return [
        {
          ...rest,
          id: i === 0 ? lot.id : `${lot.id} ${String(i + 1)}`,
          weight: grams(g),
          ...(pieces && { pieces: { ...shape, ...(count > 0 && { count }) } }),
        },
      ];
    }),
    cook: batch.cook.map((phase, k) =>
      k === 0 || phase.vessel !== undefined ? { ...phase, vessel: pot.vessel } : phase,
    ),
    ...(pot.day > 0 && { chilled: true as const }),
  };
}
