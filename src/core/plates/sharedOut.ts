import { entryAt, valueAt } from '../columns/index.ts';
import type { Portion, Ticket } from '../order/index.ts';
import { type FilledFrom, fillingOf } from './filling.ts';
import { emptyServed, nominalServing, serveFrom } from './serve.ts';
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
  const asWanted = fillingOf(tickets, batches, pools);
  const first = filled(tickets, asWanted);
  const ordered = tickets.reduce((sum, { count }) => sum + count, 0);
  if (first.plates >= ordered) return { served: first, filling: asWanted };
  const least = tickets.map((ticket) => withPortions(ticket, (portion) => portion.min));
  const filling = fillingOf(least, batches, pools);
  const most = filled(least, filling);
  const counts = tickets.map((_, t) => valueAt(most.filled, t));
  const tried = emptyServed(tickets.length);
  // Where all fit none need be exchanged.
  const plain = { ...filling, instead: tickets.map(() => []) };
  const fits = (some: readonly Ticket[]) => filled(some, plain, tried).plates >= most.plates - 1e-9;
  const given = tickets.map((ticket, t) => ({ ...ticket, count: entryAt(counts, t) }));
  // How far the worst-off is below what it wants.
  const below = smallest((q) => fits(lowered(given, q)));
  let shared = lowered(given, below);
  for (const part of ['meat', 'liquid'] as const) {
    const raised = (to: (t: number) => number) =>
      shared.map((ticket, t) => ({ ...ticket, [part]: { ...ticket[part], want: to(t) } }));
    const wanted = (t: number) => entryAt(given, t)[part].want;
    const now = (t: number) => entryAt(shared, t)[part].want;
    // Most often it is the other part that is short.
    const all = raised(wanted);
    if (fits(all)) {
      shared = all;
      continue;
    }
    const left = filled(shared, filling, tried);
    if ((part === 'meat' ? left.leftG : left.leftMl) < WORTH_IT) continue;
    for (const t of byWant(given, part)) {
      const more = wanted(t) - now(t);
      const at = (q: number) => raised((i) => (i === t ? wanted(t) - q * more : now(i)));
      if (more > 0) shared = at(smallest((q) => fits(at(q))));
    }
  }
  const served = filled(shared, filling);
  // It is short by what was ordered.
  for (const [t, { count }] of tickets.entries())
    if (valueAt(served.filled, t) < count) served.shortOf[t] = most.shortOf[t] ?? 0;
  served.needG = first.needG;
  served.needMl = first.needMl;
  return { served, filling };
}

/** The least of nought to one for which it fits; what fits at one may still be off by rounding. */
function smallest(fits: (q: number) => boolean): number {
  if (fits(0)) return 0;
  let [low, high] = [0, 1];
  for (let i = 0; i < HALVINGS; i += 1) {
    const middle = (low + high) / 2;
    if (fits(middle)) high = middle;
    else low = middle;
  }
  return high;
}

/** Every portion so far below what is wanted, and none below its smallest. */
const lowered = (tickets: readonly Ticket[], q: number): readonly Ticket[] =>
  tickets.map((ticket) =>
    // Of a dish of which none can be served the portion stays what it would be.
    ticket.count > 0
      ? withPortions(ticket, ({ min, want }) => Math.max(Math.min(min, want), want * (1 - q)))
      : ticket,
  );

/** With other portions, but of what may run short: that is given last as it is. */
function withPortions(ticket: Ticket, of: (portion: Portion) => number): Ticket {
  const { meat, liquid, firm } = ticket;
  return {
    ...ticket,
    ...(firm !== 'liquid' && { meat: { ...meat, want: of(meat) } }),
    ...(firm !== 'meat' && { liquid: { ...liquid, want: of(liquid) } }),
  };
}

const byWant = (tickets: readonly Ticket[], part: 'meat' | 'liquid'): readonly number[] =>
  tickets
    .map((_, t) => t)
    .filter((t) => {
      const { firm, count } = entryAt(tickets, t);
      return count > 0 && (firm === undefined || firm === part);
    })
    .toSorted((a, b) => entryAt(tickets, a)[part].want - entryAt(tickets, b)[part].want);
