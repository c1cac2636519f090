import { describe, expect, test } from '@jest/globals';
import { nothingOnScale, onTray, plateNow, runOf, slotOf, withReading, type OnScale } from './weighOut.ts';

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
      { servings: 26, meatG: (48 * 50 - 22 * 52) / 26 },
    );
    expect(run.drift).toBeCloseTo(0.04, 6);
    expect(run.left).toBe(26);
    expect(run.evenG).toBeCloseTo((48 * 50 - 22 * 52) / 26, 6);
    expect(run.shortRest).toBeGreaterThan(0);
    expect(run.restG).toBeLessThan(50);
  });

  test('nothing weighed yet is on target; all done leaves nothing', () => {
    expect(runOf([], 10, 50, { servings: 10, meatG: 50 })).toMatchObject({
      drift: 0,
      evenG: 50,
      shortRest: 0,
    });
    expect(runOf([50, 50], 2, 50, { servings: 0, meatG: 50 })).toMatchObject({
      left: 0,
      evenG: 0,
      shortRest: 0,
    });
  });

  test('a sharing of a moment ago gives no more plates than are left', () => {
    expect(runOf([50, 50], 10, 50, { servings: 10, meatG: 50 }).leftG).toBe(400);
    expect(runOf([50, 50], 10, 50, { servings: 5, meatG: 50 }).leftG).toBe(250);
  });
});

describe('a plate on the scale', () => {
  const bowl = onTray(180);
  test.each([
    [undefined, 'no bowl', 50],
    [200, 'more', 30],
    [228, 'right', 2],
    [232, 'right', -2],
    [240, 'too much', -10],
  ] as const)('shows %s g: %s', (grams, says, offG) => {
    expect(plateNow(bowl, grams, 50)).toMatchObject({ says, offG });
  });

  test('nothing lies in it before a bowl is put down, and the slot is what the words say', () => {
    expect(plateNow(nothingOnScale, 180, 50)).toEqual({ inBowlG: 0, offG: 50, says: 'no bowl' });
    const { low, high } = slotOf(52);
    for (const g of [low, high]) expect(plateNow(bowl, 180 + g, 52).says).toBe('right');
    for (const g of [low - 1, high + 1]) expect(plateNow(bowl, 180 + g, 52).says).not.toBe('right');
  });

  test('on a tray the next begins where the last ended', () => {
    const next = withReading(onTray(231), { grams: 281, stable: true }).on;
    expect(next).toEqual({ zeroG: 231, steadyG: 50 });
  });
});
