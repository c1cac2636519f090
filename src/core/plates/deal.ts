import { entryAt } from '../columns/index.ts';
import type { Amount } from '../ledger/index.ts';

/** Shred of one lot, or the finished liquid of one batch, on its way to the plates. */
export interface Source {
  readonly batch: string;
  readonly lot?: string;
  /** What the filling is stretched with, by its step. */
  readonly item?: string;
  /** Which of its liquids; absent: the main one. */
  readonly liquid?: string | undefined;
  readonly grams: number;
  /** ml of all of it; only liquid has them. */
  readonly ml: number;
  /** Of its batch's shred, what it dresses, 0 to 1; absent: nobody has said. */
  readonly dresses?: number | undefined;
  readonly per: Amount;
}

/** What is taken of each liquid, ml: held by the shred, and ladled. */
export interface Dealt {
  readonly held: readonly number[];
  readonly ladled: readonly number[];
}

/**
 * Deals what the shred holds and what is ladled to the liquids there are. What a liquid dresses of its batch's shred it
 * gives first, as far as it goes, and what else the shred holds comes of the pot's own; what was set apart and dresses nothing
 * was set apart to be ladled. What these do not reach comes of all, in proportion to what is left of each.
 * @param shareOf of all the shred, what a batch gave
 */
export function dealLiquid(
  liquid: readonly Source[],
  heldMl: number,
  ladledMl: number,
  shareOf: (batch: string) => number,
): Dealt {
  const named = liquid.map(({ batch, dresses = 0, ml }) =>
    Math.min(ml, heldMl * shareOf(batch) * Math.min(1, dresses)),
  );
  const afterNamed = liquid.map(({ ml }, i) => ml - entryAt(named, i));
  const isApart = liquid.map(
    (one) => one.liquid !== undefined && !(one.dresses !== undefined && one.dresses > 0),
  );
  const more = first(afterNamed, Math.max(0, heldMl - sumOf(named)), (i) => !entryAt(isApart, i));
  const held = named.map((ml, i) => ml + entryAt(more, i));
  const left = liquid.map(({ ml }, i) => Math.max(0, ml - entryAt(held, i)));
  return { held, ladled: first(left, ladledMl, (i) => entryAt(isApart, i)) };
}

const sumOf = (some: readonly number[]): number => some.reduce((sum, one) => sum + one, 0);

/** So much of some of them, in proportion, as far as they go; what else is wanted of the others. */
function first(have: readonly number[], wanted: number, of: (i: number) => boolean): number[] {
  const some = pro(
    have.map((one, i) => (of(i) ? one : 0)),
    wanted,
  );
  const rest = pro(
    have.map((one, i) => (of(i) ? 0 : one)),
    wanted - sumOf(some),
  );
  return some.map((one, i) => one + entryAt(rest, i));
}

/** So much of all of them, in proportion; no more than there is. */
function pro(have: readonly number[], wanted: number): number[] {
  const all = sumOf(have);
  return have.map((one) => (all > 0 ? (one * Math.min(wanted, all)) / all : 0));
}
