import { figureOf, type Money, moneyOf, sumOf } from '../shop/index.ts';

/** A sum dealt in whole coins by some weights; the last that gets anything takes what rounding leaves. */
export function dealt(cost: Money, weights: readonly number[]): readonly Money[] {
  const all = weights.reduce((sum, one) => sum + one, 0);
  const none = moneyOf(0, cost.currency);
  if (all <= 0) return weights.map(() => none);
  const last = weights.findLastIndex((one) => one > 0);
  const parts = weights.map((one) => moneyOf((figureOf(cost) * one) / all, cost.currency));
  const others = sumOf(
    parts.filter((_, i) => i !== last),
    cost.currency,
  );
  return parts.map((part, i) =>
    i === last ? moneyOf(figureOf(cost) - figureOf(others), cost.currency) : part,
  );
}
