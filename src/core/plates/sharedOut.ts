import { entryAt, valueAt } from '../columns/index.ts';
import type { Portion, Ticket } from '../order/index.ts';
import { drawnOn, type FilledFrom, fillingOf, servingsOf } from './filling.ts';
import { emptyServed, nominalServing, serveFrom } from './serve.ts';
import { levelFor } from './share/measures.ts';
import type { Filling, Pools, Served } from './served.ts';

/** So many halvings: to a hundred-thousandth of a portion. */
const HALVINGS = 15;
/** Less than this of all there is nobody deals out, g or ml. */
const WORTH_IT = 0.5;

/**
 * How the plates are filled in the middle: as wanted while it lasts, and where it does not last as the share-out does it, so that
 * what is shown before it is worked out is what is shown after: first as many servings as the smallest portions fill, then portions
 * as near to what is wanted as may be, the worst-off first, and of the rest those that get furthest with a gram.
 */
export function sharedOut(
  tickets: readonly Ticket[],
  batches: readonly FilledFrom[],
  pools: Pools,
): { readonly served: Served; readonly filling: Filling } {
  const draw = nominalServing(tickets.length);
  const filled = (
    some: readonly Ticket[],
    filling: Filling,
    served = emptyServed(tickets.length, batches.length),
  ): Served => {
    serveFrom(some, pools, filling, draw, served);
    return served;
  };
  const asWanted = drawnOn(tickets, batches);
  const first = filled(tickets, asWanted);
  if (first.plates >= servingsOf(tickets)) return { served: first, filling: asWanted };
  // One meal of tickets whose portions are moved about.
  const moved = tickets.map(movable);
  for (const [t, ticket] of tickets.entries())
    setPortions(entryAt(moved, t), ticket, ({ min }, levels) => levels[0] ?? min);
  const filling = fillingOf(moved, batches, pools, asWanted);
  const most = filled(moved, filling);
  for (const [t, ticket] of moved.entries()) ticket.count = valueAt(most.filled, t);
  const tried = emptyServed(tickets.length);
  const fits = () => filled(moved, asWanted, tried).plates >= most.plates - 1e-9;
  const lower = (q: number) => {
    for (const [t, ticket] of tickets.entries()) {
      // Of a dish of which none can be served the portion stays what it would be.
      const by = entryAt(moved, t).count > 0 ? q : 0;
      setPortions(
        entryAt(moved, t),
        ticket,
        ({ min, want }, levels, own) =>
          levelFor(own.want * (1 - by), levels) ?? Math.max(Math.min(min, want), want * (1 - by)),
      );
    }
  };
  // How far the worst-off is below what it wants.
  smallest(lower, fits);
  for (const part of ['meat', 'liquid'] as const) {
    const before = moved.map((ticket) => ticket[part].want);
    const raise = (t: number, q: number) => {
      const want = entryAt(tickets, t)[part].want;
      entryAt(moved, t)[part].want = want - q * (want - entryAt(before, t));
    };
    // Most often it is the other part that is short.
    for (const t of tickets.keys()) raise(t, 0);
    if (fits()) continue;
    for (const t of tickets.keys()) raise(t, 1);
    filled(moved, asWanted, tried);
    if ((part === 'meat' ? tried.leftG : tried.leftMl) < WORTH_IT) continue;
    for (const t of byWant(moved, tickets, part)) smallest((q) => raise(t, q), fits);
  }
  const served = filled(moved, filling);
  // It is short by what was ordered.
  for (const [t, { count }] of tickets.entries())
    if (valueAt(served.filled, t) < count) served.shortOf[t] = most.shortOf[t] ?? 0;
  served.needG = first.needG;
  served.needMl = first.needMl;
  return { served, filling };
}

/** A ticket whose count and portions may be moved. */
type Movable = Ticket & { count: number; readonly meat: { want: number }; readonly liquid: { want: number } };
const movable = (ticket: Ticket): Movable => ({
  ...ticket,
  meat: { ...ticket.meat },
  liquid: { ...ticket.liquid },
});

/** Other portions, but of what may run short: that is given last as it is. */
function setPortions(
  moved: Movable,
  { meat, liquid, firm, levels, own = { meat, liquid } }: Ticket,
  of: (portion: Portion, levels: readonly number[], own: Portion) => number,
): void {
  if (firm !== 'liquid') moved.meat.want = of(meat, levels?.meat ?? NONE, own.meat);
  if (firm !== 'meat') moved.liquid.want = of(liquid, levels?.liquid ?? NONE, own.liquid);
}
const NONE: readonly number[] = [];

/** Sets the least of nought to one for which it fits; what fits at one may still be off by rounding. */
function smallest(set: (q: number) => void, fits: () => boolean): void {
  set(0);
  if (fits()) return;
  let [low, high] = [0, 1];
  for (let i = 0; i < HALVINGS; i += 1) {
    const middle = (low + high) / 2;
    set(middle);
    if (fits()) high = middle;
    else low = middle;
  }
  set(high);
}

/** Those that are below what they want, of which a gram goes furthest first. */
const byWant = (
  moved: readonly Movable[],
  tickets: readonly Ticket[],
  part: 'meat' | 'liquid',
): readonly number[] =>
  tickets
    .map((_, t) => t)
    .filter((t) => {
      const { firm, count, levels, [part]: now } = entryAt(moved, t);
      // A level measure is a step: it was taken as far down as it had to be.
      const byWeight = (levels?.[part].length ?? 0) === 0;
      const below = now.want < entryAt(tickets, t)[part].want;
      return count > 0 && byWeight && below && (firm === undefined || firm === part);
    })
    .toSorted((a, b) => entryAt(tickets, a)[part].want - entryAt(tickets, b)[part].want);
