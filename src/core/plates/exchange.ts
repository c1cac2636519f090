import { entryAt, valueAt } from '../columns/index.ts';
import type { Ticket } from '../order/index.ts';
import type { Filling, Served } from './served.ts';

/** What one serving takes that must not run short. */
interface One {
  readonly g: number;
  readonly ml: number;
}

/** Rounding. */
const SLACK = 1e-9;

/**
 * Where both shred and liquid run short one order of the dishes wastes what it cannot use: as long as some servings of one dish make
 * room for more of another of its priority, they are exchanged.
 * @param one what a serving of each ticket takes
 * @param left what there still is for a ticket
 * @param put writes how many servings of a ticket there are now, and takes what they use
 */
export function exchange(
  tickets: readonly Ticket[],
  { within }: Filling,
  out: Served,
  one: (t: number) => One,
  left: (t: number) => One,
  put: (t: number, k: number) => void,
): void {
  const may = ({ way }: Ticket) => way === 'set';
  for (let pass = 0; pass < tickets.length; pass += 1) {
    let better = false;
    for (const [b, more] of tickets.entries()) {
      if (!may(more) || valueAt(out.filled, b) >= more.count || entryAt(within, b).length === 0) continue;
      for (const [a, less] of tickets.entries()) {
        const k = valueAt(out.filled, a);
        if (a === b || k === 0 || less.priority !== more.priority || !may(less)) continue;
        // What it sets free another must be able to draw on.
        if (!entryAt(within, b).every((s) => entryAt(within, a).includes(s))) continue;
        const room = more.count - valueAt(out.filled, b);
        const found = bestOf(one(a), one(b), left(b), k, room);
        if (!found) continue;
        put(a, k - found.less);
        put(b, valueAt(out.filled, b) + found.more);
        better = true;
      }
    }
    if (!better) return;
  }
}

/** How many servings of a dish to give up for how many of another; undefined: none make more. */
function bestOf(a: One, b: One, left: One, k: number, room: number) {
  const fit = (have: number, each: number) => (each > 0 ? have / each : Infinity);
  const more = (m: number) =>
    Math.min(room, Math.floor(Math.min(fit(left.g + m * a.g, b.g), fit(left.ml + m * a.ml, b.ml)) + SLACK));
  const cross = (left.ml * b.g - left.g * b.ml) / (a.g * b.ml - a.ml * b.g);
  const full = [(room * b.g - left.g) / a.g, (room * b.ml - left.ml) / a.ml];
  let best: { readonly less: number; readonly more: number } | undefined;
  for (const m of [cross, ...full, k])
    for (const less of [Math.floor(m), Math.ceil(m)]) {
      if (!(less > 0 && less <= k)) continue;
      const gain = more(less) - less;
      if (gain > (best ? best.more - best.less : 0)) best = { less, more: more(less) };
    }
  return best;
}
