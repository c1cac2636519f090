import type { Range } from '../quantity/index.ts';
import { withOldOffers } from './offers/tried.ts';
import type { Reckoning } from './reckon.ts';

const isRange = (value: object): value is Range => 'mid' in value;

/**
 * A new centre with the ranges of the reckoning before it, moved with their middle: what stands
 * on the screen for the moment until the draws are there. Chances stay what they were.
 */
export function withOldRanges(nominal: Reckoning, before: Reckoning): Reckoning {
  const { enough, shortFirst, plates, more, moreMl, lacksMeat } = before.meal;
  const same = nominal.meal.servings.length === before.meal.servings.length;
  return {
    ...nominal,
    meal: {
      ...(overlaid(nominal.meal, before.meal) as Reckoning['meal']),
      ...(same && { enough, shortFirst, plates, more, moreMl, lacksMeat }),
    },
    problems: withOldOffers(nominal.problems, before.problems),
    batches: nominal.batches.map((batch) => {
      const old = before.batches.find(({ id }) => id === batch.id);
      return old ? (overlaid(batch, old) as typeof batch) : batch;
    }),
  };
}

function overlaid(now: unknown, before: unknown): unknown {
  if (typeof now !== 'object' || now === null || typeof before !== 'object' || before === null) return now;
  if (isRange(now) && isRange(before)) {
    const ratio = before.mid > 0 ? now.mid / before.mid : 1;
    const moved = (p: number | undefined) => (p === undefined ? undefined : p * ratio);
    const [p10, p50, p90] = [moved(before.p10), moved(before.p50), moved(before.p90)];
    if (p10 === undefined || p50 === undefined || p90 === undefined) return now;
    return { mid: now.mid, p10, p50, p90 };
  }
  if (Array.isArray(now)) return now.map((value, i) => overlaid(value, (before as unknown[])[i]));
  const old = before as Record<string, unknown>;
  return Object.fromEntries(Object.entries(now).map(([key, value]) => [key, overlaid(value, old[key])]));
}
