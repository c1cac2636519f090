import { valueAt } from '../quantity/index.ts';
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

/** How far shred and liquid go, by ticket; filled anew by each draw. */
export interface Served {
  /** Full servings of each ticket. */
  readonly filled: Float64Array;
  /** One serving's shred, g, and liquid ladled and held, ml. */
  readonly meatG: Float64Array;
  readonly ladledMl: Float64Array;
  readonly heldMl: Float64Array;
  plates: number;
  /** What the whole meal wants in this draw. */
  needG: number;
  needMl: number;
  leftG: number;
  leftMl: number;
}

export const emptyServed = (tickets: number): Served => ({
  filled: new Float64Array(tickets),
  meatG: new Float64Array(tickets),
  ladledMl: new Float64Array(tickets),
  heldMl: new Float64Array(tickets),
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

/**
 * Fills plates from shred and liquid. Dishes served "set" get full portions in the order of the
 * meal while they last; dishes served "even" share what is then left, between their smallest and
 * their largest portion. What the shred holds is liquid too. Where only one part of a dish must not
 * run short, its servings get of the other what there is.
 */
export function serve(
  tickets: readonly Ticket[],
  shredG: number,
  liquidMl: number,
  draw: ServeDraw,
  out: Served,
): void {
  let g = shredG;
  let ml = liquidMl;
  out.plates = out.needG = out.needMl = 0;
  let evenWantG = 0;
  for (const [t, ticket] of tickets.entries()) {
    const z = ticket.way === 'set' ? valueAt(draw.serving, t) : 0;
    const bias = ticket.way === 'set' ? valueAt(draw.portion, t) : 1;
    const meat = ticket.meat.want * bias;
    const held = ticket.held * ticket.meat.want * valueAt(draw.held, t);
    const ladled = ticket.liquid.want * bias;
    out.meatG[t] = meat;
    out.ladledMl[t] = ladled;
    out.heldMl[t] = held;
    if (ticket.firm !== 'liquid') out.needG += taken(ticket.count, meat, z);
    if (ticket.firm !== 'meat') out.needMl += taken(ticket.count, ladled + held, z);
    if (ticket.way === 'even') {
      evenWantG += ticket.count * meat;
      continue;
    }
    const k = Math.min(fills(ticket, 'meat', g, meat, z), fills(ticket, 'liquid', ml, ladled + held, z));
    out.filled[t] = k;
    out.plates += k;
    out.meatG[t] = given(k, meat, g);
    const wet = given(k, ladled + held, ml) / Math.max(ladled + held, 1e-9);
    out.ladledMl[t] = ladled * wet;
    out.heldMl[t] = held * wet;
    g = Math.max(0, g - taken(k, meat, z));
    ml = Math.max(0, ml - taken(k, ladled + held, z));
  }
  const share = evenWantG > 0 ? g / evenWantG : 1;
  for (const [t, ticket] of tickets.entries()) {
    if (ticket.way !== 'even') continue;
    const { want, min, max } = ticket.meat;
    const meat = Math.min(max, Math.max(min, want * share));
    const held = ticket.held * meat * valueAt(draw.held, t);
    out.meatG[t] = meat;
    out.heldMl[t] = held;
    const wanted = ticket.liquid.want + held;
    const k = Math.min(fills(ticket, 'meat', g, meat, 0), fills(ticket, 'liquid', ml, wanted, 0));
    out.filled[t] = k;
    out.plates += k;
    out.meatG[t] = given(k, meat, g);
    const wet = given(k, wanted, ml) / Math.max(wanted, 1e-9);
    out.ladledMl[t] = ticket.liquid.want * wet;
    out.heldMl[t] = held * wet;
    g = Math.max(0, g - k * meat);
    ml = Math.max(0, ml - k * wanted);
  }
  out.leftG = g;
  out.leftMl = ml;
}
