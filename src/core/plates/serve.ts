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
  shortOf: new Uint8Array(tickets),
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
 * Fills plates from shred and liquid, in the order in which the tickets stand. Dishes served "set" get full portions
 * while they last; dishes served "even" get what they want, or share what there is down to their smallest, and in the
 * end all that is left, up to their largest where one is written. What the shred holds is liquid too. Where only one
 * part of a dish must not run short, its servings get of the other what there is.
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
  for (let t = 0; t < tickets.length; t += 1) {
    const ticket = tickets[t];
    if (!ticket) continue;
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
    g = Math.max(0, g - taken(k, meat, z));
    ml = Math.max(0, ml - taken(k, ladled + held, z));
  }
  out.leftG = shareRest(tickets, g, out);
  out.leftMl = ml;
}

/** Which part ran short of a ticket, as a code. */
export const SHORT = { meat: 1, liquid: 2 } as const;

const isEven = ({ way }: Ticket): boolean => way === 'even';

/** What is left goes to the dishes that share evenly, up to their largest; what is then left, g. */
function shareRest(tickets: readonly Ticket[], left: number, out: Served): number {
  let g = left;
  if (!tickets.some(isEven)) return g;
  // Each round fills one dish at least to its largest.
  for (let round = 0; round < tickets.length && g > 1e-9; round += 1) {
    const open = tickets.flatMap((ticket, t) => {
      const room = ticket.meat.max - valueAt(out.meatG, t);
      const k = valueAt(out.filled, t);
      return ticket.way === 'even' && k > 0 && room > 1e-9 ? [{ ticket, t, k, room }] : [];
    });
    const weights = open.reduce((sum, { ticket, k }) => sum + k * ticket.meat.want, 0);
    if (!(weights > 0)) break;
    const before = g;
    for (const { ticket, t, k, room } of open) {
      const more = Math.min(room, (before * ticket.meat.want) / weights);
      out.meatG[t] = valueAt(out.meatG, t) + more;
      g = Math.max(0, g - k * more);
    }
  }
  return g;
}
