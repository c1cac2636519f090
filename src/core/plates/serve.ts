import { entryAt, valueAt } from '../columns/index.ts';
import type { Ticket } from '../order/index.ts';
import { exchange } from './exchange.ts';
import { leftFor, SERVING_SPREAD, taken, takeOff } from './rest.ts';
import { type Filling, type Pools, type Served, SHORT } from './served.ts';

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

export const emptyServed = (tickets: number, batches = 1): Served => ({
  filled: new Float64Array(tickets),
  meatG: new Float64Array(tickets),
  ladledMl: new Float64Array(tickets),
  heldMl: new Float64Array(tickets),
  shortOf: new Uint8Array(tickets),
  usedG: new Float64Array(tickets),
  usedMl: new Float64Array(tickets),
  takenG: new Float64Array(tickets * batches),
  takenMl: new Float64Array(tickets * batches),
  plates: 0,
  needG: 0,
  needMl: 0,
  leftG: 0,
  leftMl: 0,
});

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

/** What each set of batches can still give. */
function restOfSets({ sets }: Filling, pool: Float64Array, rest: Float64Array): void {
  for (let s = 0; s < sets.length; s += 1) {
    const set = entryAt(sets, s);
    let sum = 0;
    for (let i = 0; i < set.length; i += 1) sum += valueAt(pool, set[i] ?? 0);
    rest[s] = sum;
  }
}

/** Fills plates from one batch, one ticket after the other as they stand. */
export function serve(
  tickets: readonly Ticket[],
  shredG: number,
  liquidMl: number,
  draw: ServeDraw,
  out: Served,
): void {
  const pools = { g: Float64Array.of(Math.max(0, shredG)), ml: Float64Array.of(Math.max(0, liquidMl)) };
  serveFrom(tickets, pools, asTheyStand(tickets), draw, out);
  out.takenG.set(out.usedG);
  out.takenMl.set(out.usedMl);
}

const ONE: readonly number[] = [0];
const asTheyStand = (tickets: readonly Ticket[]): Filling => ({
  order: tickets.map((_, t) => t),
  on: tickets.map(() => ONE),
  mixed: tickets.map(() => false),
  sets: [ONE],
  within: tickets.map(() => ONE),
  instead: tickets.map(() => []),
  rest: { g: new Float64Array(1), ml: new Float64Array(1) },
});

/**
 * Fills plates from shred and liquid, in an order that fills as many as there can be (see `fillingOf`), each from the batches that
 * it may draw on. Dishes served "set" get full portions while they last; dishes served "even" get what they want, or share what
 * there is down to their smallest, and in the end all that is left, up to their largest where one is written; so do all where
 * nothing is to be left. What the shred holds is liquid too; of a mixture it comes with the meat. Where only one part of a dish must
 * not run short, its servings get of the other what there is. From which batch is dealt apart (see `dealtFrom`).
 */
export function serveFrom(
  tickets: readonly Ticket[],
  pools: Pools,
  filling: Filling,
  draw: ServeDraw,
  out: Served,
): void {
  const { order } = filling;
  const { rest } = filling;
  restOfSets(filling, pools.g, rest.g);
  restOfSets(filling, pools.ml, rest.ml);
  out.plates = out.needG = out.needMl = 0;
  for (let i = 0; i < order.length; i += 1) {
    const t = order[i] ?? 0;
    serveOne(entryAt(tickets, t), t, pools, rest, filling, draw, out);
  }
  if (isShort(tickets, out)) exchange(tickets, filling, draw.serving, out);
  for (let i = 0; i < order.length; i += 1) {
    const t = order[i] ?? 0;
    giveSoft(entryAt(tickets, t), t, pools, rest, filling, out);
  }
  if (tickets.some(grows)) shareRest(tickets, pools, rest, filling, out);
  out.leftG = leftOf(pools.g, out.usedG, tickets.length);
  out.leftMl = leftOf(pools.ml, out.usedMl, tickets.length);
}

function leftOf(pool: Float64Array, used: Float64Array, tickets: number): number {
  let left = 0;
  for (let b = 0; b < pool.length; b += 1) left += valueAt(pool, b);
  for (let t = 0; t < tickets; t += 1) left -= valueAt(used, t);
  return Math.max(0, left);
}

/** ml of liquid with each gram of a mixture. */
function wetOf({ g, ml }: Pools, on: readonly number[]): number {
  let [allG, allMl] = [0, 0];
  for (const b of on) {
    allG += valueAt(g, b);
    allMl += valueAt(ml, b);
  }
  return allG > 0 ? allMl / allG : 0;
}

function serveOne(
  ticket: Ticket,
  t: number,
  pools: Pools,
  rest: Pools,
  { on, mixed, within }: Filling,
  draw: ServeDraw,
  out: Served,
): void {
  const own = entryAt(within, t);
  const g = leftFor(rest.g, own);
  const ml = leftFor(rest.ml, own);
  const even = ticket.way === 'even';
  const z = even ? 0 : valueAt(draw.serving, t);
  const bias = even ? 1 : valueAt(draw.portion, t);
  const isMixed = entryAt(mixed, t);
  const soaked = isMixed ? 0 : ticket.held * (ticket.heldKnown ? 1 : valueAt(draw.held, t));
  const wanted = ticket.meat.want * bias;
  const meat = even ? Math.max(ticket.meat.min, Math.min(wanted, g / Math.max(1, ticket.count))) : wanted;
  const held = soaked * (even ? meat : ticket.meat.want);
  const mixture = isMixed ? wetOf(pools, entryAt(on, t)) : 0;
  // Of hardly any meat in a pot of liquid nobody gets more than there is.
  const ladled = isMixed ? Math.min(ml, mixture * meat) : ticket.liquid.want * bias;
  if (ticket.firm !== 'liquid') out.needG += taken(ticket.count, wanted, z);
  // A mixture brings its liquid: more of that alone is no help.
  if (ticket.firm !== 'meat' && !isMixed)
    out.needMl += taken(ticket.count, ladled + soaked * ticket.meat.want, z);
  const ofMeat = fills(ticket, 'meat', g, meat, z);
  const wet = ticket.firm === 'liquid' ? ladled : ladled + held;
  const ofLiquid = isMixed ? ticket.count : fills(ticket, 'liquid', ml, wet, z);
  const k = Math.min(ofMeat, ofLiquid);
  out.filled[t] = k;
  out.plates += k;
  out.shortOf[t] = k >= ticket.count ? 0 : ofMeat <= ofLiquid ? SHORT.meat : SHORT.liquid;
  out.meatG[t] = meat;
  out.ladledMl[t] = ladled;
  out.heldMl[t] = held;
  // What may run short is given once all are served that can be.
  out.usedG[t] = ticket.firm === 'liquid' ? 0 : Math.min(g, taken(k, meat, z));
  out.usedMl[t] = isMixed
    ? Math.min(ml, mixture * valueAt(out.usedG, t))
    : ticket.firm === 'meat'
      ? 0
      : Math.min(ml, taken(k, wet, z));
  takeOff(rest.g, own, valueAt(out.usedG, t));
  takeOff(rest.ml, own, valueAt(out.usedMl, t));
}

function isShort(tickets: readonly Ticket[], { plates }: Served): boolean {
  let wanted = 0;
  for (const { count } of tickets) wanted += count;
  return tickets.length > 1 && plates < wanted;
}

/** What of a dish may run short, from what all the others leave. */
function giveSoft(
  { firm }: Ticket,
  t: number,
  pools: Pools,
  rest: Pools,
  { within, mixed, on }: Filling,
  out: Served,
): void {
  const isMixed = entryAt(mixed, t);
  if (firm === undefined || (isMixed && firm === 'meat')) return;
  const own = entryAt(within, t);
  const k = valueAt(out.filled, t);
  if (firm === 'liquid') {
    // No more of it than there is liquid for it to hold.
    const wanted = valueAt(out.meatG, t);
    const holds = wanted > 0 ? valueAt(out.heldMl, t) / wanted : 0;
    const ml = leftFor(rest.ml, own);
    const g = Math.min(leftFor(rest.g, own), holds > 0 ? ml / holds : Infinity);
    out.meatG[t] = given(k, wanted, g);
    if (isMixed) {
      const wet = wetOf(pools, entryAt(on, t));
      out.ladledMl[t] = wet * valueAt(out.meatG, t);
      out.usedG[t] = Math.min(g, k * valueAt(out.meatG, t));
      out.usedMl[t] = Math.min(ml, wet * valueAt(out.usedG, t));
      takeOff(rest.g, own, valueAt(out.usedG, t));
      takeOff(rest.ml, own, valueAt(out.usedMl, t));
      return;
    }
    out.heldMl[t] = holds * valueAt(out.meatG, t);
    out.usedG[t] = Math.min(g, k * valueAt(out.meatG, t));
    out.usedMl[t] = valueAt(out.usedMl, t) + Math.min(ml, k * valueAt(out.heldMl, t));
    takeOff(rest.g, own, valueAt(out.usedG, t));
    takeOff(rest.ml, own, Math.min(ml, k * valueAt(out.heldMl, t)));
    return;
  }
  const ml = leftFor(rest.ml, own);
  const wanted = valueAt(out.ladledMl, t) + valueAt(out.heldMl, t);
  const wet = wanted > 0 ? given(k, wanted, ml) / wanted : 0;
  out.ladledMl[t] = valueAt(out.ladledMl, t) * wet;
  out.heldMl[t] = valueAt(out.heldMl, t) * wet;
  out.usedMl[t] = Math.min(ml, k * wanted * wet);
  takeOff(rest.ml, own, valueAt(out.usedMl, t));
}

/** It gets what is left, up to its largest. */
const grows = ({ way, grows: all }: Ticket): boolean => way === 'even' || all === true;

/** What is left goes to the dishes that grow, up to their largest; of a mixture with its liquid. */
function shareRest(
  tickets: readonly Ticket[],
  pools: Pools,
  rest: Pools,
  { on, mixed, within }: Filling,
  out: Served,
): void {
  // Each round fills one dish at least to its largest, or takes all that there is for it.
  for (let round = 0; round < tickets.length; round += 1) {
    const open = tickets.flatMap((ticket, t) => {
      const room = ticket.meat.max - valueAt(out.meatG, t);
      const k = valueAt(out.filled, t);
      const isOpen = grows(ticket) && k > 0 && room > 1e-9 && leftFor(rest.g, entryAt(within, t)) > 1e-9;
      return isOpen ? [{ ticket, t, k, room }] : [];
    });
    const weights = open.reduce((sum, { ticket, k }) => sum + k * ticket.meat.want, 0);
    if (!(weights > 0)) break;
    const there = leftOf(pools.g, out.usedG, tickets.length);
    for (const { ticket, t, k, room } of open) {
      const own = entryAt(within, t);
      const isMixed = entryAt(mixed, t);
      const now = valueAt(out.meatG, t);
      const held = valueAt(out.heldMl, t);
      const holds = isMixed ? 0 : now > 0 && held > 0 ? held / now : ticket.held;
      const asWet = holds > 0 && ticket.firm !== 'meat' ? leftFor(rest.ml, own) / k / holds : Infinity;
      const more = Math.min(room, (there * ticket.meat.want) / weights, leftFor(rest.g, own) / k, asWet);
      if (!(more > 0)) continue;
      out.meatG[t] = valueAt(out.meatG, t) + more;
      out.usedG[t] = valueAt(out.usedG, t) + k * more;
      takeOff(rest.g, own, k * more);
      // With it comes what it holds, or of a mixture its liquid.
      const wet = Math.min(
        more * (isMixed ? wetOf(pools, entryAt(on, t)) : holds),
        leftFor(rest.ml, own) / k,
      );
      if (isMixed) out.ladledMl[t] = valueAt(out.ladledMl, t) + wet;
      else out.heldMl[t] = valueAt(out.heldMl, t) + wet;
      out.usedMl[t] = valueAt(out.usedMl, t) + k * wet;
      takeOff(rest.ml, own, k * wet);
    }
  }
}
