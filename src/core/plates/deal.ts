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
  /** The dish that it was set apart for; absent: none. */
  readonly dish?: string | undefined;
  /** Of its batch's shred, what it dresses, 0 to 1; absent: nobody has said. */
  readonly dresses?: number | undefined;
  readonly per: Amount;
}

/** What is taken of each liquid, ml: held by the shred, and ladled by dish. */
export interface Dealt {
  readonly held: readonly number[];
  readonly ladled: readonly (readonly number[])[];
}

/**
 * Deals what the shred holds and what is ladled to the liquids of a batch. What a liquid dresses of its shred it gives first, as far
 * as it goes, and what else the shred holds comes of the pot's own. A dish is ladled first what was set apart for it, then what was
 * set apart for none and dresses nothing, then the pot's own, and in the end what is left of any; several of a kind in proportion
 * to what is in each, and dishes that want more of a kind than there is in proportion to what they want.
 */
export function dealLiquid(
  liquid: readonly Source[],
  heldMl: number,
  dishes: readonly { readonly dish: string; readonly ladledMl: number }[],
): Dealt {
  const left = liquid.map(({ ml }) => ml);
  const own = (i: number) => entryAt(liquid, i).liquid === undefined;
  /** Takes so much of some of them. */
  const take = (wanted: number, of: (i: number) => boolean): number[] => {
    const there = left.reduce((sum, ml, i) => sum + (of(i) ? ml : 0), 0);
    const part = there > 0 ? Math.min(1, wanted / there) : 0;
    return left.map((ml, i) => {
      const amount = of(i) ? part * ml : 0;
      left[i] = ml - amount;
      return amount;
    });
  };
  const held = liquid.map(({ dresses = 0 }, i) =>
    entryAt(
      take(heldMl * Math.min(1, dresses), (j) => j === i),
      i,
    ),
  );
  for (const kind of [own, ANY]) add(held, take(Math.max(0, heldMl - sumOf(held)), kind));
  const ladled = dishes.map(() => liquid.map(() => 0));
  const wants = dishes.map(({ ladledMl }) => ladledMl);
  const ladle = (some: readonly number[], of: (i: number) => boolean) => {
    const wanted = some.reduce((sum, t) => sum + entryAt(wants, t), 0);
    const taken = take(wanted, of);
    const got = wanted > 0 ? sumOf(taken) / wanted : 0;
    for (const t of some) {
      const part = wanted > 0 ? entryAt(wants, t) / wanted : 0;
      add(
        entryAt(ladled, t),
        taken.map((ml) => ml * part),
      );
      wants[t] = entryAt(wants, t) * (1 - got);
    }
  };
  for (const [t, { dish }] of dishes.entries()) ladle([t], (i) => entryAt(liquid, i).dish === dish);
  const all = [...dishes.keys()];
  const forAny = (i: number) => {
    const { dish, dresses = 0 } = entryAt(liquid, i);
    return !own(i) && dish === undefined && dresses === 0;
  };
  for (const kind of [forAny, own, ANY]) ladle(all, kind);
  return { held, ladled };
}

const ANY = () => true;
const sumOf = (some: readonly number[]): number => some.reduce((sum, one) => sum + one, 0);

function add(to: number[], more: readonly number[]): void {
  for (const [i, ml] of more.entries()) to[i] = entryAt(to, i) + ml;
}
