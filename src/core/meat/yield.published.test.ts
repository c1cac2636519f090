import { afterAll, describe, expect, test } from '@jest/globals';
import pairTable from '@/reference/cooked-pairs.json' with { type: 'json' };
import table from '@/reference/weighed-yields.json' with { type: 'json' };
import { reference } from '@/reference/index.ts';
import { fitCookedModel } from './cookedModel.ts';
import { cookedShare, fleshOf, FAT_SLOPE } from './flesh.ts';

/** Source of every figure here: USDA National Nutrient Database, SR24 (2011). */
const mean = (xs: readonly number[]) => xs.reduce((sum, x) => sum + x, 0) / xs.length;
const median = (xs: readonly number[]) => {
  const sorted = xs.toSorted((a, b) => a - b);
  const half = xs.length / 2;
  return ((sorted[Math.ceil(half) - 1] ?? NaN) + (sorted[Math.floor(half)] ?? NaN)) / 2;
};
const counted = table.yields.filter((row) => row.counted);
const model = fitCookedModel(pairTable.pairs, counted);

describe('cooked yields by weight against the model, boneless and by-piece rows, in points of the raw weight', () => {
  /** The rows are among those the model was fitted to; cookedModel.published leaves them out. */
  test('all rows: median 1.0 or less, mean 2.0 or less', () => {
    const errors = counted.flatMap((row) => {
      const pair = pairTable.pairs.find(({ cooked }) => cooked === row.cooked);
      if (!pair) return [];
      const { protein, fat, ash } = pair.rawPer;
      const { y } = model.predict(pair, { protein: protein / 100, fat: fat / 100, ash: ash / 100 });
      return [100 * Math.abs(y - row.weighed)];
    });
    expect(errors.length).toBeGreaterThanOrEqual(30);
    expect(median(errors)).toBeLessThanOrEqual(1);
    expect(mean(errors)).toBeLessThanOrEqual(2);
  });

  // Which rows count was settled with the errors in view: docs/decisions/0001 gives the other reading.
  test('the protein balance alone, which has seen no scale: 1.0 and 2.0 where both were weighed', () => {
    const errors = counted
      .filter(({ how }) => how !== 'by piece')
      .map((row) => 100 * Math.abs(row.weighed - row.proteinRaw / row.proteinCooked));
    expect(errors.length).toBeGreaterThanOrEqual(20);
    expect(median(errors)).toBeLessThanOrEqual(1);
    expect(mean(errors)).toBeLessThanOrEqual(2);
  });

  test('bone-in rows gave the bone shares, so none is counted', () => {
    expect(counted.filter((row) => /bone-in|shank|blade roast/i.test(row.name))).toEqual([]);
  });
});

test('the slope of retained fat is that of the fit', () => {
  const kin = { species: 'beef', family: 'chuck', lean: false };
  const slope = Math.log(model.retention(kin, 0.2) / model.retention(kin, 0.1)) / Math.log(2);
  expect(slope).toBeCloseTo(FAT_SLOPE, 2);
});

/** Cooked yields of boneless weight worked by hand from the same rows, as protein raw / protein cooked. */
test.each([
  ['beef-blade-roast', 0.644],
  ['beef-short-ribs', 0.668],
  ['beef-shank', 0.669],
  ['beef-brisket', 0.713],
  ['beef-top-round', 0.642],
  ['lamb-shoulder', 0.578],
  ['lamb-foreshank', 0.667],
  ['pork-shoulder-blade', 0.695],
  ['pork-picnic', 0.752],
])('%s yields about %f of its boneless weight', (id, y) => {
  const cut = reference.cuts.find((c) => c.id === id);
  if (!cut) throw new Error(id);
  expect(Math.abs(cookedShare(fleshOf(cut)).y - y)).toBeLessThan(0.01);
});

/** The bone shares were worked out from these very yields, so this is shown and proves nothing. */
afterAll(() => {
  const rows = reference.cuts
    .filter((cut) => cut.boneShare > 0 && cut.cookedOfPurchased !== undefined)
    .map((cut) => {
      const back = (1 - cut.boneShare) * cookedShare(fleshOf(cut)).y;
      return `${cut.id} ${back.toFixed(3)} of ${cut.cookedOfPurchased?.toFixed(3) ?? ''}`;
    });
  process.stdout.write(
    `not counted, bone and yield of purchased against the published: ${rows.join('; ')}\n`,
  );
});

test('published rows sum to 100 within what the table itself rounds and loses', () => {
  for (const { raw, cooked } of reference.cuts) {
    for (const row of cooked ? [raw, cooked] : [raw]) {
      const sum = 100 * (row.water + row.protein + row.fat + row.ash);
      expect(sum).toBeGreaterThan(97.5);
      expect(sum).toBeLessThan(101.7);
    }
  }
  for (const { per } of reference.ingredients) {
    expect(Object.values({ ...per }).reduce((sum, part) => sum + part, 0)).toBeCloseTo(1, 4);
  }
});
