import type { Item, Prep } from '../../meal/index.ts';
import { type Amount, amountOf, massOf, nothing, plus, times } from '../../ledger/index.ts';
import { prepKind } from '../../work/index.ts';
import type { Ingredient } from '@/reference/types.ts';

/** Water that a dried thing takes up, of its own weight, and what of its solids goes into the water (estimates). */
const TAKES_UP = 1.6;
const LEACHED = 0.1;
/** Ethanol boils out of thin wine this much faster than its water, gram for gram (from memory: 9 to 11). */
const VOLATILITY = 10;

/** One ingredient from the shop to the pot: bought and what it is soaked in = thrown away + boiled off + goes in. Grams. */
export interface Prepared {
  readonly bought: Amount;
  readonly tap: Amount;
  readonly thrown: Amount;
  readonly air: Amount;
  readonly goesIn: Amount;
  /** Of that the liquid it was soaked in, beyond what it took up. */
  readonly soaking: Amount;
}

/** What a prep takes off an ingredient, of its weight as bought, 0 to 1. */
export const offShare = (ingredient: Pick<Ingredient, 'off'>, prep: Prep | undefined): number =>
  prep === undefined ? 0 : (ingredient.off?.[prep] ?? prepKind(prep).off);

/**
 * Prepares an ingredient: peeled, seeded or drained on the board, soaked, put through a sieve,
 * boiled down. Everything taken off is kept count of, so that nothing is lost between shop and pot.
 * @param boughtG as bought, g
 * @param tap what is poured over it to soak; boiledToG what is left after boiling down, g
 */
export function prepare(
  item: Pick<Item, 'prep' | 'juiceIn' | 'soak'>,
  ingredient: Pick<Ingredient, 'off'>,
  perGram: Amount,
  boughtG: number,
  tap: Amount,
  boiledToG: number | undefined,
): Prepared {
  const bought = times(perGram, boughtG);
  const off = offShare(ingredient, item.prep);
  let goesIn = bought;
  let thrown = nothing;
  const take = (part: Amount) => {
    thrown = plus(thrown, part);
    goesIn = minus(goesIn, part);
  };
  const kind = item.prep && prepKind(item.prep);
  if (kind && !kind.sieved && !(kind.juice && item.juiceIn)) take(kind.takes(goesIn, off));
  let soaking = nothing;
  const soakG = massOf(tap);
  if (soakG > 0) {
    const left = Math.max(0, soakG - TAKES_UP * massOf(goesIn));
    const rest = times(tap, left / soakG);
    const tea = { ...rest, other: rest.other + LEACHED * goesIn.other };
    goesIn = plus(goesIn, tap);
    take(times(tea, 1 - (item.soak?.goesIn ?? 1)));
    soaking = times(tea, item.soak?.goesIn ?? 1);
  }
  const before = massOf(goesIn);
  const part = before > 0 ? massOf(soaking) / before : 0;
  if (kind?.sieved) take(kind.takes(goesIn, off));
  const { air, rest } = boiledDown(goesIn, boiledToG);
  // Put through a sieve or boiled down with it, nobody can tell the two apart any more.
  const mixed = kind?.sieved || massOf(air) > 0;
  return { bought, tap, thrown, air, goesIn: rest, soaking: mixed ? times(rest, part) : soaking };
}

/** a − b, never below nought by a hair. */
function minus(a: Amount, b: Amount): Amount {
  const left = plus(a, b, -1);
  return amountOf(
    Object.fromEntries(Object.entries(left).map(([part, grams]) => [part, Math.max(0, grams)])),
  );
}

/**
 * Boils down to a weight. Alcohol leaves faster than water (Rayleigh: what is left of it goes with
 * the power of what is left of the water). Below the weight of its solids all water is gone.
 */
function boiledDown(before: Amount, toG: number | undefined): { air: Amount; rest: Amount } {
  if (toG === undefined || toG >= massOf(before)) return { air: nothing, rest: before };
  const solids = massOf(before) - before.water - before.alcohol;
  const leftOf = (share: number) => before.alcohol * share ** VOLATILITY;
  let [low, high] = [0, 1];
  for (let step = 0; step < 60; step += 1) {
    const share = (low + high) / 2;
    if (solids + share * before.water + leftOf(share) > toG) high = share;
    else low = share;
  }
  const water = before.water * (1 - low);
  const alcohol = before.alcohol - leftOf(low);
  const air = amountOf({ water, alcohol });
  return { air, rest: minus(before, air) };
}
