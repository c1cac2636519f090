import { describe, expect, test } from '@jest/globals';
import { fitLevels, type LevelRow } from './levels.ts';

const row = (value: number, cut: string, noise = 1): LevelRow => ({
  value,
  noise,
  fixed: [1],
  levels: { cut },
});

describe('partial pooling', () => {
  test('a balanced one-way layout gives the closed form: group mean shrunk by n s² / (n s² + σ²)', () => {
    const rows = [row(1, 'a'), row(3, 'a'), row(7, 'b'), row(9, 'b')];
    const fit = fitLevels(rows, { cut: 2 });
    // Searle, Casella and McCulloch, Variance Components (1992), ch. 3.
    const shrunk = (2 * 4) / (2 * 4 + 1);
    expect(fit.fixed[0]).toBeCloseTo(5, 9);
    expect(fit.effects.cut?.a).toBeCloseTo(shrunk * -3, 9);
    expect(fit.predict({ fixed: [1], levels: { cut: 'b' } }).value).toBeCloseTo(5 + shrunk * 3, 9);
  });

  test('an unseen group takes the value of the level above, and is less certain', () => {
    const fit = fitLevels([row(1, 'a'), row(3, 'b')], { cut: 1 });
    const seen = fit.predict({ fixed: [1], levels: { cut: 'a' } });
    const unseen = fit.predict({ fixed: [1], levels: { cut: 'new' } });
    expect(unseen.value).toBeCloseTo(2, 9);
    // Variance of the mean of two groups (s² + σ²)/2, and the new group's own s².
    expect(unseen.sd).toBeCloseTo(Math.sqrt(1 + 1), 9);
    expect(unseen.sd).toBeGreaterThan(seen.sd);
  });

  test('with a heavy tail one odd group drags its relatives less, and is itself shrunk less', () => {
    const rows = ['a', 'b', 'c', 'd', 'e'].map((cut) => row(0, cut, 0.1)).concat(row(6, 'odd', 0.1));
    const normal = fitLevels(rows, { cut: 0.5 });
    const heavy = fitLevels(rows, { cut: 0.5 }, { level: 'cut', freedom: 4 });
    expect(Math.abs(heavy.fixed[0] ?? NaN)).toBeLessThan(0.5 * Math.abs(normal.fixed[0] ?? NaN));
    expect(heavy.effects.cut?.odd).toBeGreaterThan(normal.effects.cut?.odd ?? NaN);
  });

  test('a level without a spread is refused by name', () => {
    expect(() => fitLevels([row(1, 'a')], {})).toThrow('“cut”');
  });
});
