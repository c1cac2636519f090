import { describe, expect, test } from '@jest/globals';
import { nothingOnScale, runOf, withReading, type OnScale } from './weighOut.ts';

/** Plays readings, stable unless they end in "~"; what was kept. */
function play(...readings: readonly (number | string)[]): number[] {
  let on: OnScale = nothingOnScale;
  const kept: number[] = [];
  for (const one of readings) {
    const grams = parseFloat(String(one));
    const next = withReading(on, { grams, stable: !String(one).endsWith('~') });
    on = next.on;
    if (next.kept !== undefined) kept.push(next.kept);
  }
  return kept;
}

describe('weighing out with both hands', () => {
  test('a bowl is put down, filled and lifted: what lay in it is kept', () => {
    expect(play(0, '120~', 180, '205~', 231, '100~', 0, 180, 230, 0)).toEqual([51, 50]);
  });

  test('an empty bowl that is lifted again is no plate, and what is not steady yet is not kept', () => {
    expect(play(0, 180, '183~', 0)).toEqual([]);
    expect(play(0, 180, 228, '260~', 0)).toEqual([48]);
  });
});

describe('how a run goes', () => {
  test('heavy by four per cent, the last ones run short, and evened out all get the same', () => {
    const run = runOf(
      Array.from({ length: 22 }, () => 52),
      48,
      50,
      48 * 50 - 22 * 52,
    );
    expect(run.drift).toBeCloseTo(0.04, 6);
    expect(run.left).toBe(26);
    expect(run.evenG).toBeCloseTo((48 * 50 - 22 * 52) / 26, 6);
    expect(run.shortRest).toBeGreaterThan(0);
    expect(run.restG).toBeLessThan(50);
  });

  test('nothing weighed yet is on target; all done leaves nothing', () => {
    expect(runOf([], 10, 50, 500)).toMatchObject({ drift: 0, evenG: 50, shortRest: 0 });
    expect(runOf([50, 50], 2, 50, 0)).toMatchObject({ left: 0, evenG: 0, shortRest: 0 });
  });
});
