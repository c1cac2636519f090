import { entryAt, valueAt } from '../columns/index.ts';
import type { Ticket } from '../order/index.ts';
import { leftFor, taken, takeOff } from './rest.ts';
import type { Filling, Served } from './served.ts';

/** Rounding. */
const SLACK = 1e-9;

/** What a serving of a ticket takes that must not run short, g and ml. */
const gOf = ({ firm }: Ticket, t: number, { meatG }: Served) => (firm === 'liquid' ? 0 : valueAt(meatG, t));
const mlOf = ({ firm }: Ticket, t: number, { ladledMl, heldMl }: Served) =>
  firm === 'meat' ? 0 : valueAt(ladledMl, t) + (firm === 'liquid' ? 0 : valueAt(heldMl, t));

/**
 * Where both shred and liquid run short one order of the dishes wastes what it cannot use: as long as some servings of one dish make
 * room for more of another of its priority, they are exchanged.
 * @param serving standard normal of the sum of a ticket's serving errors
 */
export function exchange(
  tickets: readonly Ticket[],
  filling: Filling,
  serving: Float64Array,
  out: Served,
): void {
  const { instead, rest, within } = filling;
  for (let pass = 0; pass < tickets.length; pass += 1) {
    let better = false;
    for (let b = 0; b < tickets.length; b += 1) {
      const others = entryAt(instead, b);
      const more = entryAt(tickets, b);
      if (others.length === 0 || valueAt(out.filled, b) >= more.count) continue;
      const bG = gOf(more, b, out);
      const bMl = mlOf(more, b, out);
      for (let i = 0; i < others.length; i += 1) {
        const a = others[i] ?? 0;
        const room = more.count - valueAt(out.filled, b);
        const k = valueAt(out.filled, a);
        if (room <= 0 || k === 0) continue;
        const less = entryAt(tickets, a);
        const aG = gOf(less, a, out);
        const aMl = mlOf(less, a, out);
        const g = leftFor(rest.g, entryAt(within, b));
        const ml = leftFor(rest.ml, entryAt(within, b));
        if (mostGain(g, aG, bG, k) < 1 || mostGain(ml, aMl, bMl, k) < 1) continue;
        const given = bestOf(aG, aMl, bG, bMl, g, ml, k, room);
        if (given === 0) continue;
        put(a, k - given, aG, aMl, filling, serving, out);
        const gets = fitting(given, aG, aMl, bG, bMl, g, ml, room);
        put(b, valueAt(out.filled, b) + gets, bG, bMl, filling, serving, out);
        better = true;
      }
    }
    if (!better) return;
  }
}

/** So many servings of a ticket now, and what they use. */
// oxfmt-ignore
function put(t: number, k: number, g: number, ml: number, { rest, within }: Filling, serving: Float64Array, out: Served): void {
  const own = entryAt(within, t);
  const usedG = taken(k, g, valueAt(serving, t));
  const usedMl = taken(k, ml, valueAt(serving, t));
  takeOff(rest.g, own, usedG - valueAt(out.usedG, t));
  takeOff(rest.ml, own, usedMl - valueAt(out.usedMl, t));
  out.usedG[t] = usedG;
  out.usedMl[t] = usedMl;
  out.plates += k - valueAt(out.filled, t);
  out.filled[t] = k;
}

/** More servings than by one resource alone nothing gains. */
const mostGain = (left: number, a: number, b: number, k: number): number =>
  b > 0 ? left / b + (a > b ? k * (a / b - 1) : 0) : Infinity;

const fit = (have: number, each: number) => (each > 0 ? have / each : Infinity);

/** How many servings of b there is room for once m of a are given up. */
// oxfmt-ignore
const fitting = (m: number, aG: number, aMl: number, bG: number, bMl: number, g: number, ml: number, room: number) =>
  Math.min(room, Math.floor(Math.min(fit(g + m * aG, bG), fit(ml + m * aMl, bMl)) + SLACK));

/**
 * How many servings of a to give up for more of b, of the k there are; 0: none. The gain is the lesser of two straight lines, up to the
 * room there is, so that it is greatest where they cross, or meet that room.
 */
// oxfmt-ignore
function bestOf(aG: number, aMl: number, bG: number, bMl: number, g: number, ml: number, k: number, room: number): number {
  let best = 0;
  let most = 0;
  const cross = (ml * bG - g * bMl) / (aG * bMl - aMl * bG);
  const full = [(room * bG - g) / aG, (room * bMl - ml) / aMl];
  for (const m of [cross, cross + 1, ...full, ...full.map((one) => one + 1), k]) {
    const less = Math.floor(m);
    if (!(less > 0 && less <= k)) continue;
    const gain = fitting(less, aG, aMl, bG, bMl, g, ml, room) - less;
    if (gain > most) [best, most] = [less, gain];
  }
  return best;
}
