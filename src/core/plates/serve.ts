import { valueAt } from '../columns/index.ts';
import type { Ticket } from '../order/index.ts';

/** Spread of a serving about its portion, of the portion (estimate). */
export const SERVING_SPREAD = 0.1;

/** One draw of how the plates are filled: by ticket, the hand's bias, its serving noise, the soak. */
export interface ServeDraw {
  /** Multiplies every portion of a ticket. */
  readonly portion: Float64Array;
  /** Standard normal of the sum of a ticket's serving errors. */
  readonly serving: Float64Array;
  /** Multiplies what the shred holds. */
  readonly held: Float64Array;
}

export const nominalServing = (tickets: number): ServeDraw => ({
  portion: new Float64Array(tickets).fill(1),
  serving: new Float64Array(tickets),
  held: new Float64Array(tickets).fill(1),
});

/** What there is for the plates, by batch: g of shred, ml of liquid. Filling plates takes from them. */
export interface Pools {
  readonly g: Float64Array;
  readonly ml: Float64Array;
}

/** How far shred and liquid go, by ticket; filled anew by each draw. */
export interface Served {
  /** Full servings of each ticket. */
  readonly filled: Float64Array;
  /** One serving's shred, g, and liquid ladled and held, ml. */
  readonly meatG: Float64Array;
  readonly ladledMl: Float64Array;
  readonly heldMl: Float64Array;
  /** Which part ran short of each ticket: 0 none, or a code of `SHORT`. */
  readonly shortOf: Uint8Array;
  /** What all servings of a ticket take of each batch, g and ml, ticket by ticket. */
  readonly takenG: Float64Array;
  readonly takenMl: Float64Array;
  plates: number;
  /** What the whole meal wants in this draw. */
  needG: number;
  needMl: number;
  leftG: number;
  leftMl: number;
}

export const emptyServed = (tickets: number, batches = 1): Served => ({
  filled: new Float64Array(tickets),
  meatG: new Float64Array(tickets),
  ladledMl: new Float64Array(tickets),
  heldMl: new Float64Array(tickets),
  shortOf: new Uint8Array(tickets),
  takenG: new Float64Array(tickets * batches),
  takenMl: new Float64Array(tickets * batches),
  plates: 0,
  needG: 0,
  needMl: 0,
  leftG: 0,
  leftMl: 0,
});

/** What k servings take, each about `one`: their errors add up as √k. */
const taken = (k: number, one: number, z: number) =>
  Math.max(0, k * one + SERVING_SPREAD * one * Math.sqrt(k) * z);

/** How many servings of about `one` an amount fills, at most n. */
function servings(amount: number, one: number, z: number, n: number): number {
  if (one <= 0 || taken(n, one, z) <= amount) return n;
  const b = SERVING_SPREAD * one * z;
  const root = (Math.sqrt(b * b + 4 * one * Math.max(0, amount)) - b) / (2 * one);
  return Math.max(0, Math.min(n, Math.floor(root * root + 1e-9)));
}

/** Servings that an amount fills, of a part that may not run short; a part that may fills them all. */
function fills(ticket: Ticket, part: 'meat' | 'liquid', amount: number, one: number, z: number): number {
  const mayRunShort = ticket.firm !== undefined && ticket.firm !== part;
  return mayRunShort ? ticket.count : servings(amount, one, z, ticket.count);
}

/** What k servings get of a part: what they want, or what there is where it may run short. */
const given = (k: number, one: number, amount: number) => (k * one > amount ? amount / k : one);

/** Where the batches that a ticket may draw on stand among all; undefined: it may draw on all. */
export type DrawsOn = readonly (readonly number[] | undefined)[];

export const drawsOn = (tickets: readonly Ticket[], batches: readonly string[]): DrawsOn =>
  tickets.map(({ from }) => from && batches.flatMap((batch, b) => (from.includes(batch) ? [b] : [])));

/** All that there is of some batches, or of all. */
function there(pool: Float64Array, on: readonly number[] | undefined): number {
  let sum = 0;
  if (on) for (const b of on) sum += valueAt(pool, b);
  else for (let b = 0; b < pool.length; b += 1) sum += valueAt(pool, b);
  return sum;
}

/** Takes an amount of them, in proportion to what there is of each, and writes down how much of which. */
function takeOf(
  pool: Float64Array,
  on: readonly number[] | undefined,
  amount: number,
  taken: Float64Array,
  t: number,
): void {
  const all = there(pool, on);
  if (!(all > 0)) return;
  const share = Math.min(1, amount / all);
  const n = pool.length;
  for (let i = 0; i < (on ? on.length : n); i += 1) {
    const b = on ? (on[i] ?? 0) : i;
    const part = valueAt(pool, b) * share;
    pool[b] = valueAt(pool, b) - part;
    taken[t * n + b] = valueAt(taken, t * n + b) + part;
  }
}

/** As `serveFrom`, from one batch. */
export function serve(
  tickets: readonly Ticket[],
  shredG: number,
  liquidMl: number,
  draw: ServeDraw,
  out: Served,
): void {
  const pools = { g: Float64Array.of(Math.max(0, shredG)), ml: Float64Array.of(Math.max(0, liquidMl)) };
  serveFrom(tickets, pools, [], draw, out);
}

/**
 * Fills plates from shred and liquid, in the order in which the tickets stand, each from the batches that it may draw on, in
 * proportion to what there is of them. Dishes served "set" get full portions while they last; dishes served "even" get what
 * they want, or share what there is down to their smallest, and in the end all that is left, up to their largest where one
 * is written. What the shred holds is liquid too. Where only one part of a dish must not run short, its servings get of the
 * other what there is.
 * @param pools what there is; afterwards what is left
 */
export function serveFrom(
  tickets: readonly Ticket[],
  pools: Pools,
  drawing: DrawsOn,
  draw: ServeDraw,
  out: Served,
): void {
  out.plates = out.needG = out.needMl = 0;
  out.takenG.fill(0);
  out.takenMl.fill(0);
  for (let t = 0; t < tickets.length; t += 1) {
    const ticket = tickets[t];
    if (!ticket) continue;
    const on = drawing[t];
    const g = there(pools.g, on);
    const ml = there(pools.ml, on);
    const even = ticket.way === 'even';
    const z = even ? 0 : valueAt(draw.serving, t);
    const bias = even ? 1 : valueAt(draw.portion, t);
    const soaked = ticket.held * (ticket.heldKnown ? 1 : valueAt(draw.held, t));
    const wanted = ticket.meat.want * bias;
    const ladled = ticket.liquid.want * bias;
    if (ticket.firm !== 'liquid') out.needG += taken(ticket.count, wanted, z);
    if (ticket.firm !== 'meat') out.needMl += taken(ticket.count, ladled + soaked * ticket.meat.want, z);
    const meat = even ? Math.max(ticket.meat.min, Math.min(wanted, g / ticket.count)) : wanted;
    const held = soaked * (even ? meat : ticket.meat.want);
    const ofMeat = fills(ticket, 'meat', g, meat, z);
    const ofLiquid = fills(ticket, 'liquid', ml, ladled + held, z);
    const k = Math.min(ofMeat, ofLiquid);
    out.filled[t] = k;
    out.plates += k;
    out.shortOf[t] = k >= ticket.count ? 0 : ofMeat <= ofLiquid ? SHORT.meat : SHORT.liquid;
    out.meatG[t] = given(k, meat, g);
    const wet = given(k, ladled + held, ml) / Math.max(ladled + held, 1e-9);
    out.ladledMl[t] = ladled * wet;
    out.heldMl[t] = held * wet;
    takeOf(pools.g, on, taken(k, meat, z), out.takenG, t);
    takeOf(pools.ml, on, taken(k, ladled + held, z), out.takenMl, t);
  }
  if (tickets.some(isEven)) shareRest(tickets, pools.g, drawing, out);
  out.leftG = there(pools.g, undefined);
  out.leftMl = there(pools.ml, undefined);
}

/** Which part ran short of a ticket, as a code. */
export const SHORT = { meat: 1, liquid: 2 } as const;

const isEven = ({ way }: Ticket): boolean => way === 'even';

/** What is left goes to the dishes that share evenly, up to their largest. */
function shareRest(tickets: readonly Ticket[], pool: Float64Array, drawing: DrawsOn, out: Served): void {
  // Each round fills one dish at least to its largest, or takes all that there is for it.
  for (let round = 0; round < tickets.length && there(pool, undefined) > 1e-9; round += 1) {
    const open = tickets.flatMap((ticket, t) => {
      const room = ticket.meat.max - valueAt(out.meatG, t);
      const k = valueAt(out.filled, t);
      const isOpen = ticket.way === 'even' && k > 0 && room > 1e-9 && there(pool, drawing[t]) > 1e-9;
      return isOpen ? [{ ticket, t, k, room }] : [];
    });
    const weights = open.reduce((sum, { ticket, k }) => sum + k * ticket.meat.want, 0);
    if (!(weights > 0)) break;
    const before = there(pool, undefined);
    for (const { ticket, t, k, room } of open) {
      const mine = there(pool, drawing[t]);
      const more = Math.min(room, (before * ticket.meat.want) / weights, mine / k);
      out.meatG[t] = valueAt(out.meatG, t) + more;
      takeOf(pool, drawing[t], k * more, out.takenG, t);
    }
  }
}
