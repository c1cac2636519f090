import {
  add,
  dinero,
  halfEven,
  multiply,
  toDecimal,
  toSnapshot,
  transformScale,
  type Dinero,
} from 'dinero.js';

/** An amount of money that can cross a border between threads: whole units of 10^−scale of its currency. */
export interface Money {
  readonly amount: number;
  readonly scale: number;
  readonly currency: string;
}

interface Currency {
  readonly code: string;
  readonly base: number;
  readonly exponent: number;
}
const known = new Map<string, Currency>();

/**
 * A currency by its ISO 4217 code, with the decimals that amounts of it are written with here: sums are of what is shown.
 * @throws RangeError for what is no code
 */
function currencyOf(code: string): Currency {
  const before = known.get(code);
  if (before) return before;
  const { maximumFractionDigits = 2 } = new Intl.NumberFormat('en', {
    style: 'currency',
    currency: code,
  }).resolvedOptions();
  const currency = { code, base: 10, exponent: maximumFractionDigits };
  known.set(code, currency);
  return currency;
}

/** All currencies that can be chosen, by their codes. */
export const currencyCodes: readonly string[] = Intl.supportedValuesOf('currency');

const asDinero = ({ amount, scale, currency }: Money): Dinero<number> =>
  dinero({ amount, scale, currency: currencyOf(currency) });

/** Back to the smallest coin there is, halves to the even one. */
function settled(sum: Dinero<number>): Money {
  const { amount, scale, currency } = toSnapshot(sum);
  const coins = transformScale(
    dinero({ amount, scale, currency }),
    currencyOf(currency.code).exponent,
    halfEven,
  );
  const snapshot = toSnapshot(coins);
  return { amount: snapshot.amount, scale: snapshot.scale, currency: snapshot.currency.code };
}

/** Money from a figure as people write it, "12.9" or 0.035: to a thousandth of the smallest coin. */
function exact(figure: number, currency: string): Dinero<number> {
  const of = currencyOf(currency);
  const scale = of.exponent + 3;
  return dinero({ amount: Math.round(figure * 10 ** scale), scale, currency: of });
}

/** So much of a figure, in whole coins: a price per kg times kilograms. */
export function moneyOf(figure: number, currency: string, times = 1): Money {
  return settled(multiply(exact(figure, currency), { amount: Math.round(times * 1e6), scale: 6 }));
}

export function sumOf(parts: readonly Money[], currency: string): Money {
  return settled(
    parts
      .map(asDinero)
      .reduce((sum, part) => add(sum, part), dinero({ amount: 0, currency: currencyOf(currency) })),
  );
}

/** The figure, for drawing and dividing; not to be added up. */
export const figureOf = (money: Money): number => Number(toDecimal(asDinero(money)));

/** Money as it is written in a language, with its sign. */
export function writeMoney(money: Money, language?: string): string {
  return new Intl.NumberFormat(language, { style: 'currency', currency: money.currency }).format(
    figureOf(money),
  );
}
