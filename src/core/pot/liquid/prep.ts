import type { Item, Prep } from '../../meal/index.ts';
import { type Amount, amountOf, massOf, nothing, plus, times } from '../../ledger/index.ts';
import type { Ingredient } from '@/reference/types.ts';

/** What a prep takes off where the table does not say, of the weight as bought (estimates). */
const usuallyOff: Readonly<Record<Prep, number>> = { peeled: 0.12, seeded: 0.1, drained: 0.4, sieved: 0.25 };
/** Water that a dried thing takes up, of its own weight, and what of its solids goes into the water (estimates). */
const TAKES_UP = 1.6;
const LEACHED = 0.1;
/** What a sieve keeps back holds twice its dry weight of water (estimate). */
const KEPT_WET = 2;
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
  prep === undefined ? 0 : (ingredient.off?.[prep] ?? usuallyOff[prep]);

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
  if (item.prep === 'drained' && !item.juiceIn) take(juiceOf(goesIn, off));
  else if (item.prep === 'peeled' || item.prep === 'seeded') take(times(goesIn, off));
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
  if (item.prep === 'sieved') take(sieved(goesIn, off));
  const { air, rest } = boiledDown(goesIn, boiledToG);
  // Put through a sieve or boiled down with it, nobody can tell the two apart any more.
  const mixed = item.prep === 'sieved' || massOf(air) > 0;
  return { bought, tap, thrown, air, goesIn: rest, soaking: mixed ? times(rest, part) : soaking };
}

/** a − b, never below nought by a hair. */
function minus(a: Amount, b: Amount): Amount {
  const left = plus(a, b, -1);
  return amountOf(
    Object.fromEntries(Object.entries(left).map(([part, grams]) => [part, Math.max(0, grams)])),
  );
}

/** The juice that runs off a tin: water with what is dissolved in it, half as rich in solids as the whole. */
function juiceOf(whole: Amount, share: number): Amount {
  const thin = { ...whole, protein: whole.protein / 2, other: whole.other / 2, fat: 0 };
  const mass = massOf(thin);
  return mass > 0 ? times(thin, Math.min(1, (share * massOf(whole)) / mass)) : nothing;
}

/** Skins and seeds: a share of what is dry, wet through. */
function sieved(wet: Amount, share: number): Amount {
  const dry = { ...times(wet, share), water: 0, salt: 0, alcohol: 0 };
  const water = Math.min(wet.water, KEPT_WET * massOf(dry));
  const of = wet.water > 0 ? water / wet.water : 0;
  return { ...dry, water, salt: wet.salt * of, alcohol: wet.alcohol * of };
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
