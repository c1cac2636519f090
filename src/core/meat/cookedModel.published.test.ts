import { beforeAll, describe, expect, test } from '@jest/globals';
import pairTable from '@/reference/cooked-pairs.json' with { type: 'json' };
import weighedTable from '@/reference/weighed-yields.json' with { type: 'json' };
import { fitCookedModel, type CookedPair, type PredictedCooked } from './cookedModel.ts';

/** Source of every figure here: USDA National Nutrient Database, SR24 (2011), braised and simmered rows. */
const pairs: readonly CookedPair[] = pairTable.pairs;
const weighed = weighedTable.yields.filter((row) => row.counted);
const Z80 = 1.2816;

interface LeftOut {
  readonly pair: CookedPair;
  readonly found: PredictedCooked;
}

/** Predicts each group of rows from a model that has seen none of it, weighed or not. */
function leaveOut(groupOf: (pair: CookedPair) => string): readonly LeftOut[] {
  return [...new Set(pairs.map(groupOf))].flatMap((group) => {
    const out = pairs.filter((pair) => groupOf(pair) === group);
    const model = fitCookedModel(
      pairs.filter((pair) => groupOf(pair) !== group),
      weighed.filter((row) => !out.some(({ cooked }) => cooked === row.cooked)),
    );
    return out.map((pair) => {
      const { protein, fat, ash } = pair.rawPer;
      return { pair, found: model.predict(pair, { protein: protein / 100, fat: fat / 100, ash: ash / 100 }) };
    });
  });
}

const mean = (xs: readonly number[]) => xs.reduce((sum, x) => sum + x, 0) / xs.length;
const median = (xs: readonly number[]) => {
  const sorted = xs.toSorted((a, b) => a - b);
  return ((sorted[Math.ceil(xs.length / 2) - 1] ?? NaN) + (sorted[Math.floor(xs.length / 2)] ?? NaN)) / 2;
};
const yOf = ({ rawPer, cookedPer }: CookedPair) => rawPer.protein / cookedPer.protein;
const errorsOfY = (rows: readonly LeftOut[]) =>
  rows.map(({ pair, found }) => 100 * Math.abs(found.y - yOf(pair)));
const inside = (rows: readonly LeftOut[]) =>
  mean(rows.map(({ pair, found }) => Number(Math.abs(Math.log(found.y / yOf(pair))) < Z80 * found.sd)));
/** Mean error of a cooked component, against the published row scaled to 100, in points. */
const errorOf = (rows: readonly LeftOut[], part: 'water' | 'fat' | 'protein') =>
  mean(
    rows.map(({ pair: { cookedPer }, found }) => {
      const sum = cookedPer.water + cookedPer.protein + cookedPer.fat + cookedPer.ash;
      return 100 * Math.abs(found[part] - cookedPer[part] / sum);
    }),
  );

describe('cooked yield and composition of rows that the model has not seen', () => {
  let cutsOut: readonly LeftOut[];
  let rowsOut: readonly LeftOut[];
  /** Rows left out whose cut is still known by another trim, or by its lean or whole meat. */
  let knownCuts: readonly LeftOut[];
  const rowGroup = ({ cut, lean, trim }: CookedPair) => `${cut} ${String(lean)} ${trim}`;

  beforeAll(() => {
    cutsOut = leaveOut(({ cut }) => cut);
    // The grades of one study stay together: an "all grades" row is the mean of its grades.
    rowsOut = leaveOut(rowGroup);
    knownCuts = rowsOut.filter(({ pair }) =>
      pairs.some((other) => other.cut === pair.cut && rowGroup(other) !== rowGroup(pair)),
    );
    for (const [name, rows] of Object.entries({ cutsOut, rowsOut, knownCuts })) {
      const errors = errorsOfY(rows);
      const parts = (['water', 'fat', 'protein'] as const).map((part) => errorOf(rows, part).toFixed(2));
      process.stdout.write(
        `${name}: ${rows.length} rows, y off by ${mean(errors).toFixed(2)} / ${median(errors).toFixed(2)} (mean / median), ` +
          `${(100 * inside(rows)).toFixed(0)} % inside the 80 % range; water, fat, protein ${parts.join(', ')}\n`,
      );
    }
  });

  test('whole cuts left out: y within 3.3 points in the mean and 2.45 in the median', () => {
    expect(mean(errorsOfY(cutsOut))).toBeLessThan(3.3);
    expect(median(errorsOfY(cutsOut))).toBeLessThan(2.45);
  });

  test('better than two thirds for all by a quarter at least', () => {
    const naive = mean(pairs.map((pair) => 100 * Math.abs(2 / 3 - yOf(pair))));
    expect(mean(errorsOfY(cutsOut))).toBeLessThan(0.75 * naive);
  });

  test('rows left out: 1.45 / .85; of cuts that stay known 1.25 / .8', () => {
    expect(mean(errorsOfY(rowsOut))).toBeLessThan(1.45);
    expect(median(errorsOfY(rowsOut))).toBeLessThan(0.85);
    expect(mean(errorsOfY(knownCuts))).toBeLessThan(1.25);
    expect(median(errorsOfY(knownCuts))).toBeLessThan(0.8);
  });

  test('the 80 % range holds 75 to 90 % of each', () => {
    for (const rows of [cutsOut, rowsOut]) {
      expect(inside(rows)).toBeGreaterThanOrEqual(0.75);
      expect(inside(rows)).toBeLessThanOrEqual(0.9);
    }
  });

  test('water, fat and protein of the cooked meat', () => {
    expect(errorOf(cutsOut, 'water')).toBeLessThan(2.3);
    expect(errorOf(cutsOut, 'fat')).toBeLessThan(2);
    expect(errorOf(cutsOut, 'protein')).toBeLessThan(1.5);
    expect(errorOf(rowsOut, 'water')).toBeLessThan(1.3);
    expect(errorOf(rowsOut, 'fat')).toBeLessThan(1.4);
    expect(errorOf(rowsOut, 'protein')).toBeLessThan(0.75);
  });
});
