import { entryAt, valueAt } from '../columns/index.ts';
import type { Ticket } from '../order/index.ts';
import { emptyServed, nominalServing, serveFrom } from './serve.ts';
import type { Filling, Pools } from './served.ts';

/** A batch, as far as it matters to the filling of plates. */
export interface FilledFrom {
  readonly id: string;
  readonly mixed: boolean;
}

/** How the liquid is weighed against the shred where both run short: nought, a little, as much, and so on (see below). */
const WEIGHTS = [0.5, 0, 0.25, 0.75, 1];
/** With more ways than these for pots to stand together, none but the simplest are looked at. */
const MOST_SETS = 256;

/** Which pots each ticket draws on, and what those can give together; in any order: whether all can be filled hangs on none. */
export function drawnOn(tickets: readonly Ticket[], batches: readonly FilledFrom[]): Filling {
  const places = batches.map((_, b) => b);
  const on = tickets.map(({ from }) =>
    from ? places.filter((b) => from.includes(entryAt(batches, b).id)) : places,
  );
  const sets = unionsOf([places, ...on]);
  return {
    order: tickets.map((_, t) => t),
    on,
    mixed: on.map((own) => own.length > 0 && own.every((b) => entryAt(batches, b).mixed)),
    sets,
    within: on.map((own) =>
      sets.flatMap((set, s) => (own.length > 0 && own.every((b) => set.includes(b)) ? [s] : [])),
    ),
    instead: tickets.map(() => []),
    rest: { g: new Float64Array(sets.length), ml: new Float64Array(sets.length) },
  };
}

/**
 * The order in which a meal is filled: a higher priority first; of equals those that take the smallest part of what there is, so that
 * as many servings as possible are filled; then as they stand. With one resource that order is the best there is (what dishes may
 * take of pots is a polymatroid: Edmonds 1970); with shred and liquid it hangs on how dear each is, so that some weights are tried in
 * the middle and the one that fills most is taken for all draws.
 * @param pools what there is in the middle
 */
export function fillingOf(
  tickets: readonly Ticket[],
  batches: readonly FilledFrom[],
  pools: Pools,
  drawn = drawnOn(tickets, batches),
): Filling {
  const parts = tickets.map((ticket, t) => partsOf(ticket, entryAt(drawn.mixed, t), pools));
  const instead = tickets.map((ticket, b) => insteadOf(ticket, b, tickets, drawn.within, parts));
  const served = emptyServed(tickets.length);
  const draw = nominalServing(tickets.length);
  let best: { readonly filling: Filling; readonly counts: readonly number[] } | undefined;
  for (const weight of WEIGHTS) {
    const part = parts.map(({ g, ml }) => (1 - weight) * g + weight * ml);
    const order = orderBy(tickets, part);
    if (best && order.every((t, i) => best?.filling.order[i] === t)) continue;
    const filling = { ...drawn, order, instead };
    serveFrom(tickets, pools, filling, draw, served);
    const counts = countsOf(tickets, served.filled);
    if (!best || isMore(counts, best.counts)) best = { filling, counts };
    if (served.plates >= servingsOf(tickets)) break;
  }
  return best?.filling ?? drawn;
}

/** Servings of all tickets. */
export const servingsOf = (tickets: readonly Ticket[]): number =>
  tickets.reduce((sum, { count }) => sum + count, 0);

function insteadOf(
  { way, priority }: Ticket,
  b: number,
  tickets: readonly Ticket[],
  within: Filling['within'],
  parts: readonly { readonly g: number; readonly ml: number }[],
): readonly number[] {
  const own = entryAt(within, b);
  if (way === 'even' || own.length === 0) return [];
  return tickets.flatMap((other, a) => {
    const may = a !== b && other.priority === priority && other.way === 'set';
    // What takes no less of anything makes no room.
    const makesRoom =
      entryAt(parts, b).g < entryAt(parts, a).g || entryAt(parts, b).ml < entryAt(parts, a).ml;
    return may && makesRoom && own.every((s) => entryAt(within, a).includes(s)) ? [a] : [];
  });
}

const orderBy = (tickets: readonly Ticket[], part: readonly number[]): readonly number[] =>
  tickets
    .map((_, t) => t)
    .toSorted(
      (a, b) =>
        entryAt(tickets, a).priority - entryAt(tickets, b).priority ||
        entryAt(part, a) - entryAt(part, b) ||
        a - b,
    );

/** Of all there is the parts that one serving takes: of the shred and of the liquid. A part that may run short takes none. */
function partsOf({ meat, liquid, held, firm }: Ticket, mixed: boolean, { g, ml }: Pools) {
  const of = (want: number, pool: Float64Array) =>
    want > 0
      ? want /
        Math.max(
          pool.reduce((sum, one) => sum + one, 0),
          1e-9,
        )
      : 0;
  return {
    g: firm === 'liquid' ? 0 : of(meat.want, g),
    ml: firm === 'meat' || mixed ? 0 : of(liquid.want + held * meat.want, ml),
  };
}

/** Servings filled, by priority. */
function countsOf(tickets: readonly Ticket[], filled: Float64Array): readonly number[] {
  const counts = [0, 0, 0];
  for (const [t, { priority }] of tickets.entries())
    counts[priority - 1] = (counts[priority - 1] ?? 0) + valueAt(filled, t);
  return counts;
}

const isMore = (a: readonly number[], b: readonly number[]): boolean => {
  const at = a.findIndex((n, i) => n !== b[i]);
  return at >= 0 && entryAt(a, at) > entryAt(b, at);
};

/** The sets of pots that dishes draw on, and all that these make together: no set of them gives more than it has. */
function unionsOf(sets: readonly (readonly number[])[]): readonly (readonly number[])[] {
  const found = new Map<string, readonly number[]>();
  const distinct = new Map(sets.map((set) => [set.join(), set]));
  for (const set of distinct.values()) {
    for (const other of [[], ...found.values()]) {
      const union = [...new Set([...set, ...other])].toSorted((a, b) => a - b);
      if (found.size < MOST_SETS) found.set(union.join(), union);
    }
  }
  return [...found.values()];
}
