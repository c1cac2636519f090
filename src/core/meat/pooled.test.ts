import { expect, test } from '@jest/globals';
import { reference } from '@/reference/index.ts';
import { drawsOf, openMeal } from '../model/index.ts';
import { reckon } from '../reckoning/index.ts';
import { batchOf, dishOf, inputOf, lotOf } from '../testing/meals.ts';

const pooled = reference.cuts.filter(({ pools }) => pools);
const shredOf = (cut: string) => {
  const meal = openMeal(inputOf([batchOf([lotOf(cut, 2000)])], [dishOf('taco', 12)]));
  const { mid, p10 = NaN, p90 = NaN } = reckon(meal, drawsOf(meal)).batches[0]?.meat.shredG ?? { mid: NaN };
  return { mid, p10, p90 };
};

test.each(pooled.map(({ id, pools = [] }) => [id, pools] as const))(
  '%s serves what those it may be serve on the mean, in a range that is wider than any of theirs',
  (id, of) => {
    const any = shredOf(id);
    const each = of.map(shredOf);
    const mean = each.reduce((sum, { mid }) => sum + mid, 0) / each.length;
    expect(any.mid / mean).toBeGreaterThan(0.96);
    expect(any.mid / mean).toBeLessThan(1.04);
    const width = ({ mid, p10, p90 }: typeof any) => (p90 - p10) / mid;
    for (const one of each) expect(width(any)).toBeGreaterThan(width(one));
    // Most of what it may be lies in it.
    const inIt = each.filter(({ mid }) => mid >= any.p10 && mid <= any.p90);
    expect(inIt.length / each.length).toBeGreaterThan(0.6);
  },
);
