import { type Batch, type BuyMix, type Lot, standingEntries } from '../../meal/index.ts';
import { valueAt, entryAt } from '../../columns/index.ts';
import { midpoint } from '../../quantity/index.ts';
import { type Input, meatDrawsOf, openMeal, type OpenedMeal } from '../../model/index.ts';
import {
  boughtAt,
  type Candidate,
  inOrder,
  inProportion,
  metAt,
  type Money,
  moneyOf,
  perKg,
  type Stretch,
  sumOf,
  USUAL_CURRENCY,
} from '../../shop/index.ts';

export interface BuyAsk {
  readonly batch: string;
  /** Share of draws in which the shred must be enough, .5 to .99. */
  readonly chance: number;
  readonly way: BuyMix;
}

export interface Bought {
  readonly lot: string;
  readonly grams: number;
  /** All that the shop has. */
  readonly all: boolean;
  readonly cost: Money | null;
}

export interface BuyAnswer {
  readonly lots: readonly Bought[];
  readonly grams: number;
  readonly cost: Money | null;
  /** The chance that these weights reach: below what was asked for if the shop has too little. */
  readonly chance: number;
  /** All that the shop has does not reach the chance that was asked for. */
  readonly shopIsShort: boolean;
  /** What the safety costs: against buying for an even chance, in raw weight and money. */
  readonly safetyG: number;
  readonly safetyCost: Money | null;
  /** Shred that is then left over, on average, g. */
  readonly leftG: number;
}

export type BuyReading =
  | { readonly ok: true; readonly answer: BuyAnswer }
  | { readonly ok: false; readonly why: NothingToBuy };

/** Why nothing can be said of how much to buy. */
export type NothingToBuy =
  | { readonly what: 'chance'; readonly asked: number }
  | { readonly what: 'on the board' | 'no lot' | 'no price' | 'no plates' | 'empty mix' | 'will not pull' };

const no = (why: NothingToBuy): BuyReading => ({ ok: false, why });
/** What a shop can weigh out: grams are rounded up to this. */
const STEP = 10;

/**
 * How much raw meat of one batch feeds the whole order with a given chance. Shred is linear in raw
 * weight in every draw, so the weight that just suffices is worked out draw by draw along the way the mix
 * grows, and the answer is its percentile: solved, not searched. Other batches, and lots that
 * have been weighed past the board, give what they give.
 */
export function buy({ input }: OpenedMeal, ask: BuyAsk): BuyReading {
  if (!(ask.chance >= 0.5 && ask.chance <= 0.99)) return no({ what: 'chance', asked: ask.chance });
  const batch = input.batches.find(({ id }) => id === ask.batch);
  const candidates = batch ? buyable(batch, input) : [];
  if (!batch || candidates.length === 0) {
    const some = batch?.lots.some(({ cut }) => cut !== '') === true;
    return no({ what: some ? 'on the board' : 'no lot' });
  }
  if (ask.way === 'cheapest' && candidates.every((lot) => priceOf(lot) === undefined))
    return no({ what: 'no price' });
  const unit = openMeal(withUnitLots(input, batch, candidates));
  if (unit.plan.tickets.length === 0) return no({ what: 'no plates' });
  const drawn = meatDrawsOf(unit);
  const places = unit.now.flatMap((plan) => plan.lots.map((lot) => `${plan.id}|${lot.id}`));
  const perRaw = candidates.map(({ id }) => {
    const shred = drawn.lotShredG[places.indexOf(`${batch.id}|${id}`)];
    return shred ? shred.map((g) => g / UNIT) : new Float64Array(drawn.n);
  });
  const need = drawn.needG.map((wanted, d) => {
    const ours = perRaw.reduce((sum, column) => sum + UNIT * valueAt(column, d), 0);
    return wanted - (valueAt(drawn.shredG, d) - ours);
  });
  const way = wayOf(ask.way, candidates, perRaw);
  if (way === undefined) return no({ what: 'empty mix' });
  // Meat that will not pull, however much of it is bought, feeds nobody of whom nothing else takes care.
  const lacking = need.reduce((count, g) => count + (g > 0 ? 1 : 0), 0) / need.length;
  if (
    1 - lacking < ask.chance &&
    candidates.every((lot, i) => limitOf(lot) === Infinity && mean(perRaw[i]) <= 0)
  )
    return no({ what: 'will not pull' });
  return { ok: true, answer: answerOf(way, ask.chance, candidates, perRaw, need, currencyOf(input)) };
}

const UNIT = 1000;
const currencyOf = ({ kitchen }: Input) => kitchen.currency ?? USUAL_CURRENCY;

/** Readings after which a lot is what it is: it is no longer to be bought. */
const ON_THE_BOARD = new Set<string>(['board', 'trim', 'cooked', 'bone', 'pickings', 'shred']);

/** Lots of meat whose cut is known and that have not come to the board yet, alone or with the others. */
function buyable(batch: Batch, { entries }: Input): readonly Lot[] {
  const readings = standingEntries(entries).filter(({ batch: of }) => of === batch.id);
  const together = readings.some(
    ({ measures }) => measures.what === 'sum' && ON_THE_BOARD.has(measures.flow),
  );
  const alone = new Set(
    readings.flatMap(({ measures }) =>
      measures.what === 'flow' && ON_THE_BOARD.has(measures.flow) ? [measures.lot] : [],
    ),
  );
  return together
    ? []
    : batch.lots.filter(({ id, kind, cut }) => kind === 'meat' && cut !== '' && !alone.has(id));
}

/** The meal with a kilogram of each candidate: what a gram of it gives does not hang on how many there are. */
function withUnitLots(input: Input, batch: Batch, candidates: readonly Lot[]): Input {
  const ids = new Set(candidates.map(({ id }) => id));
  const unit = { text: '', lo: UNIT, hi: UNIT };
  return {
    ...input,
    entries: input.entries.filter(
      ({ measures }) => !(measures.what === 'flow' && measures.flow === 'raw' && ids.has(measures.lot)),
    ),
    batches: input.batches.map((other) =>
      other.id === batch.id
        ? { ...other, lots: other.lots.map((lot) => (ids.has(lot.id) ? { ...lot, weight: unit } : lot)) }
        : other,
    ),
  };
}

const limitOf = (lot: Lot) => midpoint(lot.shopHas) ?? Infinity;
const priceOf = (lot: Lot) => perKg(lot.price, midpoint(lot.weight) ?? 0);

/** How the mix grows; undefined if it adds up to nothing. */
function wayOf(
  way: BuyMix,
  lots: readonly Lot[],
  perRaw: readonly Float64Array[],
): readonly Stretch[] | undefined {
  const weights = lots.map((lot) => midpoint(lot.weight) ?? 0);
  // One lot needs no proportion.
  const candidates = lots.map((lot, i): Candidate => ({
    weight: lots.length === 1 ? 1 : entryAt(weights, i),
    limit: limitOf(lot),
  }));
  const places = lots.map((_, i) => i);
  if (way === 'in order') return inOrder(places, candidates);
  if (way === 'cheapest') {
    const perShred = lots.map((lot, i) => (priceOf(lot) ?? Infinity) / mean(perRaw[i]));
    return inOrder(
      places.toSorted((a, b) => entryAt(perShred, a) - entryAt(perShred, b)),
      candidates,
    );
  }
  if (!candidates.some(({ weight }) => weight > 0)) return undefined;
  return inProportion(candidates);
}

const mean = (column: Float64Array | undefined) =>
  column && column.length > 0 ? column.reduce((sum, x) => sum + x, 0) / column.length : 0;

/** Half of one time in a hundred. */
const HALF_A_TIME = 0.005;

function answerOf(
  way: readonly Stretch[],
  chance: number,
  lots: readonly Lot[],
  perRaw: readonly Float64Array[],
  need: Float64Array,
  currency: string,
): BuyAnswer {
  const met = metAt(way, perRaw, need);
  const sorted = met.toSorted();
  const longest = way.reduce((sum, { length }) => sum + length, 0);
  const farFor = (share: number) =>
    Math.min(longest, valueAt(sorted, Math.min(sorted.length - 1, Math.ceil(share * sorted.length) - 1)));
  const limits = lots.map(limitOf);
  const far = farFor(chance);
  const grams = boughtAt(way, far).map((g, i) =>
    Math.min(limits[i] ?? Infinity, Math.max(0, Math.ceil(g / STEP - 1e-9) * STEP)),
  );
  const evenly = boughtAt(way, farFor(0.5));
  const costOf = (weights: readonly number[]) => {
    const parts = lots.map((lot, i) => costOfLot(lot, entryAt(weights, i), currency));
    const knownParts = parts.filter((part) => part !== null);
    return { parts, all: knownParts.length === parts.length ? sumOf(knownParts, currency) : null };
  };
  const { parts, all } = costOf(grams);
  const even = costOf(evenly).all;
  const gives = need.map((_, d) => grams.reduce((sum, g, i) => sum + g * valueAt(entryAt(perRaw, i), d), 0));
  const reached = mean(gives.map((g, d) => (g >= valueAt(need, d) ? 1 : 0)));
  return {
    lots: lots.map((lot, i) => ({
      lot: lot.id,
      grams: entryAt(grams, i),
      all: entryAt(grams, i) >= (limits[i] ?? Infinity),
      cost: parts[i] ?? null,
    })),
    grams: grams.reduce((sum, g) => sum + g, 0),
    cost: all,
    chance: reached,
    // Less than what rounds to another time in a hundred is no shortage.
    shopIsShort: reached < chance - HALF_A_TIME,
    safetyG: Math.max(0, grams.reduce((sum, g) => sum + g, 0) - evenly.reduce((sum, g) => sum + g, 0)),
    safetyCost: all && even ? sumOf([all, { ...even, amount: -even.amount }], currency) : null,
    leftG: mean(gives.map((g, d) => Math.max(0, g - Math.max(0, valueAt(need, d))))),
  };
}

/** What so much of a lot costs; a price for all of it grows with the weight. Null without a price. */
function costOfLot(lot: Lot, grams: number, currency: string): Money | null {
  const price = priceOf(lot);
  return price === undefined ? null : moneyOf(price, currency, grams / 1000);
}
