import { describe, expect, test } from '@jest/globals';
import { usualBatch } from '../batch/usual.ts';
import type { Phase } from '../batch/schema.ts';
import { openPhase, readiness } from './readiness.ts';
import { alcoholLeft, steamPerHour } from './steam.ts';

const oven = (celsius: number, lid: Phase['lid'] = 'on'): Phase => ({
  heat: 'oven',
  setting: { text: `${celsius} °C`, lo: celsius, hi: celsius },
  lid,
});
const hours = (phase: Phase, size: Parameters<typeof readiness>[2], before: Phase[] = []) => {
  const ready = readiness(phase, before, size, 1);
  if (!ready) return undefined;
  const z = 1.2815515655446;
  return [ready.median * Math.exp(-z * ready.spread), ready.median * Math.exp(z * ready.spread)].map(
    (m) => m / 60,
  );
};

/** The readiness table (common practice, no source): its ends are the 10th and 90th percentile. */
describe('a lot is ready between the ends of its row', () => {
  test.each<[string, Phase, Parameters<typeof readiness>[2], [number, number], Phase[]?]>([
    ['pieces, covered oven at 160 °C', oven(160), 'chunks', [2.5, 4]],
    ['pieces, covered oven at 175 °C', oven(175), 'chunks', [2.5, 3]],
    ['the same uncovered', oven(175, 'off'), 'chunks', [3, 4]],
    ['ribs at 150 °C', oven(150), 'ribs', [2.5, 3]],
    ['a whole roast', oven(165), 'whole', [3, 4]],
    ['cubes on the stove', { heat: 'stove', lid: 'on' }, 'cubes', [1.75, 2.5]],
    ['chunks, slow cooker low', { heat: 'slow cooker', setting: 'low', lid: 'on' }, 'chunks', [6, 8]],
    ['chunks smoked first', oven(150), 'chunks', [1, 2.5], [{ heat: 'smoker', lid: 'off' }]],
  ])('%s', (_, phase, size, [lo, hi], before = []) => {
    const [from = NaN, to = NaN] = hours(phase, size, before) ?? [];
    expect(from).toBeCloseTo(lo, 6);
    expect(to).toBeCloseTo(hi, 6);
  });

  test('what the table has no row for is not guessed', () => {
    expect(hours(oven(120), 'chunks')).toBeUndefined();
    expect(hours({ heat: 'slow cooker', setting: 'high', lid: 'on' }, 'whole')).toBeUndefined();
    expect(hours({ heat: 'oven', lid: 'on' }, 'chunks')).toBeUndefined();
  });

  test('a tougher cut takes longer, and its first look is later', () => {
    const shank = readiness(oven(160), [], 'chunks', 1.25);
    const chuck = readiness(oven(160), [], 'chunks', 1);
    expect((shank?.median ?? 0) / (chuck?.median ?? 1)).toBeCloseTo(1.25, 9);
    expect(shank?.firstCheck).toBe(150);
  });
});

test('the phase without a time is the one that lasts until it is tender', () => {
  const timed: Phase = { ...oven(160, 'ajar'), minutes: { text: '45 min', lo: 45, hi: 45 } };
  expect(openPhase([oven(160), timed])).toEqual(oven(160));
  expect(openPhase([timed])).toBe(timed);
  expect(openPhase(usualBatch('a', '').cook)?.heat).toBe('oven');
});

/** Estimates for an open 28 cm pot: covered oven .06 to .14 l/h, open oven .45 to .6, slow cooker about .03. */
test('steam goes with the open surface and the lid', () => {
  const floor28 = Math.PI * 14 ** 2;
  expect(steamPerHour('oven', 'on', floor28)).toBeGreaterThan(60);
  expect(steamPerHour('oven', 'on', floor28)).toBeLessThan(140);
  expect(steamPerHour('oven', 'off', floor28)).toBeGreaterThan(450);
  expect(steamPerHour('oven', 'ajar', floor28)).toBeCloseTo(steamPerHour('oven', 'off', floor28) / 2, 9);
  expect(steamPerHour('oven', 'on', 2 * floor28)).toBeCloseTo(2 * steamPerHour('oven', 'on', floor28), 9);
  expect(steamPerHour('slow cooker', 'on', floor28)).toBeCloseTo(30, 6);
});

/** From memory: USDA Table of Nutrient Retention Factors, release 6. */
test('alcohol never all cooks off', () => {
  expect([0, 15, 60, 120, 150, 600].map(alcoholLeft)).toEqual([1, 0.4, 0.25, 0.1, 0.05, 0.05]);
});
