import { entryAt, valueAt } from '../columns/index.ts';
import type { OnPlate } from '../meal/index.ts';
import type { Ticket } from '../order/index.ts';
import type { Plated } from './flows.ts';
import { type Booked, bookedOf, type outOf } from './out.ts';
import { dealtFrom } from './dealtFrom.ts';
import type { FilledFrom } from './filling.ts';
import { sharedOut } from './sharedOut.ts';
import type { Pools, Served } from './served.ts';

/** What is out, and what the rest of the plates get, of each batch. */
export interface Plates {
  readonly served: Served;
  /** The tickets' in their order, then what is out of dishes that are no longer ordered: it is out all the same. */
  readonly booked: readonly Booked[];
  /** All of it by dish, in the order of what is booked, and by batch. */
  readonly plated: readonly (readonly Plated[])[];
}

/** What is on plates, and will be: what is out as its entries say, the rest by the core's own rule from what is left. */
export function platesOf(
  tickets: readonly Ticket[],
  made: readonly FilledFrom[],
  pools: Pools,
  out: ReturnType<typeof outOf>,
): Plates {
  const batches = made.map(({ id }) => id);
  const n = batches.length;
  const fill = (some: readonly Ticket[], from: Pools): Served => {
    const { served, filling } = sharedOut(some, made, from);
    dealtFrom(from, filling, served);
    return served;
  };
  const booked =
    out.size === 0
      ? tickets.map(({ id }) => noneOf(id))
      : allBooked(tickets, batches, out, () => fill(tickets, pools));
  const left = leftAfter(pools, batches, booked);
  const served = fill(restOf(tickets, booked), left);
  const plated = booked.map(({ from }, t) =>
    batches.map((batch, b): Plated => {
      const planned = t < tickets.length ? platedOf(served, n, t, b) : NOTHING;
      const gone = from.find((one) => one.batch === batch);
      if (!gone) return planned;
      return {
        g: planned.g + gone.g * valueAt(left.partG, b),
        heldMl: planned.heldMl + gone.heldMl * valueAt(left.partMl, b),
        ladledMl: planned.ladledMl + gone.ladledMl * valueAt(left.partMl, b),
      };
    }),
  );
  for (const t of tickets.keys()) {
    const { servings } = entryAt(booked, t);
    served.filled[t] = valueAt(served.filled, t) + servings;
    served.plates += servings;
  }
  return { served, booked, plated };
}

const NOTHING: Plated = { g: 0, heldMl: 0, ladledMl: 0 };
const noneOf = (dish: string): Booked => ({ dish, servings: 0, from: [] });

/** What is booked of each ticket, and of dishes that are no longer ordered as far as their entries say. */
function allBooked(
  tickets: readonly Ticket[],
  batches: readonly string[],
  out: ReturnType<typeof outOf>,
  filled: () => Served,
): readonly Booked[] {
  const before = filled();
  const ordered = new Set(tickets.map(({ id }) => id));
  return [
    ...tickets.map(({ id }, t) =>
      bookedOf(id, out.get(id) ?? [], usualOn(before, batches, drawnOn(tickets, batches, t), t)),
    ),
    ...[...out].flatMap(([dish, of]) =>
      ordered.has(dish) || of.length === 0 ? [] : [bookedOf(dish, of, [])],
    ),
  ];
}

/** The tickets with what is still to go out of them. */
export const restOf = (tickets: readonly Ticket[], booked: readonly Booked[]): readonly Ticket[] =>
  tickets.map((ticket, t) => {
    const gone = booked[t]?.servings ?? 0;
    return gone === 0 ? ticket : { ...ticket, count: Math.max(0, ticket.count - gone) };
  });

/** What all servings of a ticket take of a batch, held and ladled as one serving has them. */
export function platedOf(served: Served, batches: number, t: number, b: number): Plated {
  const ml = valueAt(served.takenMl, t * batches + b);
  const [held, ladled] = [valueAt(served.heldMl, t), valueAt(served.ladledMl, t)];
  const ofHeld = held + ladled > 0 ? held / (held + ladled) : 0;
  return { g: valueAt(served.takenG, t * batches + b), heldMl: ml * ofHeld, ladledMl: ml * (1 - ofHeld) };
}

/** Where the batches that a ticket may draw on stand among all. */
const drawnOn = (tickets: readonly Ticket[], batches: readonly string[], t: number): readonly number[] =>
  batches.flatMap((batch, b) => ((entryAt(tickets, t).from?.includes(batch) ?? true) ? [b] : []));

/** One serving by the core's own rule, as it was before any went out: where none could be filled, from all that it may draw on. */
function usualOn(before: Served, batches: readonly string[], on: readonly number[], t: number): OnPlate {
  const k = valueAt(before.filled, t);
  const n = batches.length;
  return on.map((b) => {
    const { g, heldMl, ladledMl } = platedOf(before, n, t, b);
    return k > 0
      ? { batch: entryAt(batches, b), g: g / k, heldMl: heldMl / k, ladledMl: ladledMl / k }
      : {
          batch: entryAt(batches, b),
          g: valueAt(before.meatG, t) / on.length,
          heldMl: valueAt(before.heldMl, t) / on.length,
          ladledMl: valueAt(before.ladledMl, t) / on.length,
        };
  });
}

/** What is out of a batch, g and ml. */
export function goneOf(
  batch: string,
  booked: readonly Booked[],
): { readonly g: number; readonly ml: number } {
  const of = booked.flatMap(({ from }) => from.filter((one) => one.batch === batch));
  return {
    g: of.reduce((sum, one) => sum + one.g, 0),
    ml: of.reduce((sum, one) => sum + one.heldMl + one.ladledMl, 0),
  };
}

interface Left extends Pools {
  /** Of what is booked of each batch, what of it there was, 0 to 1: more than there is nobody has served. */
  readonly partG: Float64Array;
  readonly partMl: Float64Array;
}

/** What is left of each batch after what is out. */
function leftAfter(pools: Pools, batches: readonly string[], booked: readonly Booked[]): Left {
  const gone = batches.map((batch) => goneOf(batch, booked));
  const part = (had: number, wanted: number) => (wanted > had ? had / wanted : 1);
  return {
    g: pools.g.map((had, b) => Math.max(0, had - entryAt(gone, b).g)),
    ml: pools.ml.map((had, b) => Math.max(0, had - entryAt(gone, b).ml)),
    partG: pools.g.map((had, b) => part(had, entryAt(gone, b).g)),
    partMl: pools.ml.map((had, b) => part(had, entryAt(gone, b).ml)),
  };
}
