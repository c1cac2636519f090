import { describe, expect, test } from '@jest/globals';
import { usualBatch } from '../batch/usual.ts';
import type { Phase, Size } from '../batch/schema.ts';
import { pieceOf } from '../pot/index.ts';
import { boilingAt } from './heat/boiling.ts';
import { tenderingAt } from './constants.ts';
import { openPhase } from '../clock/lid/phases.ts';
import { readinessOf } from './readiness.ts';
import type { Piece } from './curve.ts';
import { alcoholLeft, steamPerHour } from '../clock/lid/steam.ts';

const oven = (celsius: number, lid: Phase['lid'] = 'on'): Phase => ({
  heat: 'oven',
  setting: { text: `${celsius} °C`, lo: celsius, hi: celsius },
  lid,
});
const stove: Phase = { heat: 'stove', lid: 'on' };
const slow = (setting: 'low' | 'high'): Phase => ({ heat: 'slow cooker', setting, lid: 'on' });
const smoke: Phase = { heat: 'smoker', lid: 'off' };
/** Beef blade, choice, raw (USDA SR24 13817). */
const flesh = { water: 0.643, protein: 0.177, fat: 0.173, ash: 0.009 };
const small = [5, 5, 5] as const;
const min = (minutes: number) => ({ text: `${minutes} min`, lo: minutes, hi: minutes });
const sides = (size: Size) => pieceOf[size].cm;

/** Hours at the 10th, 50th and 90th percentile, in all the phases together. */
function hours(
  phase: Phase,
  piece: readonly [number, number, number],
  before: readonly Phase[] = [],
  lengths: readonly number[] = [],
  changes: Partial<Piece> = {},
  altitude = 0,
) {
  const lot = { id: 'lot', piece: { sides: piece, flesh, start: 25, toughness: 1, ...changes }, seen: [] };
  const timed = before.map((one, i) => ({ ...one, minutes: min(lengths[i] ?? 0) }));
  const ready = readinessOf([...timed, phase], [lot], altitude);
  if (typeof ready !== 'object' || 'never' in ready) return undefined;
  const { mid, p10 = mid, p90 = mid } = ready.lots[0]?.tender ?? { mid: NaN };
  const gone = lengths.reduce((sum, length) => sum + length, 0);
  return [p10, mid, p90].map((minutes) => (minutes - gone) / 60);
}

/**
 * The readiness table (common practice, no source): the middle of every row lies between the 10th and the
 * 90th percentile, with the one set of constants in constants.ts.
 */
describe('every row of the readiness table', () => {
  test.each<[string, [number, number], ReturnType<typeof hours>]>([
    // Counted from the simmer: a pot that stood at 65 °C gets there in half an hour.
    ['2–3 cm cubes at a simmer', [1.75 + 0.54, 2.5 + 0.54], hours(stove, sides('cubes'))],
    ['5 cm chunks on the stove', [3, 4], hours(stove, small)],
    ['bone-in ribs, covered, 150 °C', [2.5, 3], hours(oven(150), sides('ribs'))],
    [
      '5–8 cm pieces, covered, 165 °C, then ajar',
      [2.5 - 2, 4 - 2],
      hours(oven(165, 'ajar'), sides('chunks'), [oven(165)], [120]),
    ],
    ['5–8 cm pieces, covered, 175 °C', [2.5, 3], hours(oven(175), sides('chunks'))],
    ['the same uncovered', [3, 4], hours(oven(175, 'off'), sides('chunks'))],
    ['a whole roast on the stove', [3, 4], hours(stove, sides('whole'))],
    ['a whole roast, oven 160 °C', [3, 4], hours(oven(160), sides('whole'))],
    ['a whole roast, oven 175 °C', [3, 4], hours(oven(175), sides('whole'))],
    ['chunks, slow cooker high', [4, 6], hours(slow('high'), sides('chunks'))],
    ['chunks, slow cooker low', [6, 8], hours(slow('low'), sides('chunks'))],
    ['a whole roast, slow cooker low', [7, 9], hours(slow('low'), sides('whole'))],
    [
      'a roast smoked 2½ h, then covered at 122 °C',
      [3, 5],
      hours({ ...oven(122), heat: 'smoker' }, sides('whole'), [smoke], [150], { start: 5 }),
    ],
    [
      'chunks smoked 2 h, then covered at 150 °C',
      [1, 2.5],
      hours(oven(150), small, [smoke], [120], { start: 5 }),
    ],
  ])('%s', (_, [from, to], [p10 = NaN, , p90 = NaN] = []) => {
    const middle = (from + to) / 2;
    expect(p10).toBeLessThanOrEqual(middle);
    expect(p90).toBeGreaterThanOrEqual(middle);
  });
});

test('no method and no size has constants of its own: only the cut’s toughness stands beside them', () => {
  // Twice as tough is twice the curve, whatever the heat: the same rate is behind all of them.
  const far = (phase: Phase, piece: readonly [number, number, number]) => {
    const once = hours(phase, piece)?.[1] ?? NaN;
    const twice = hours(phase, piece, [], [], { toughness: 2 })?.[1] ?? NaN;
    return 1 / (twice - once);
  };
  // By then the liquid stands at its end: the rate is that of its temperature alone.
  for (const piece of [sides('cubes'), sides('chunks'), sides('ribs')]) {
    expect(far(stove, piece)).toBeCloseTo(tenderingAt(95), 2);
    expect(far(slow('low'), piece)).toBeCloseTo(tenderingAt(92.8), 1);
    expect(far(oven(165), piece)).toBeCloseTo(tenderingAt(boilingAt(0)), 1);
  }
});

describe('what makes it later', () => {
  const of = (...args: Parameters<typeof hours>) => hours(...args)?.[1] ?? Infinity;

  test('a larger piece, a tougher cut, a cold start, less heat, an open lid, a high kitchen', () => {
    const usual = of(stove, sides('chunks'));
    expect(of(stove, sides('whole'))).toBeGreaterThan(usual);
    expect(of(stove, sides('chunks'), [], [], { toughness: 1.25 })).toBeGreaterThan(usual + 0.4);
    expect(of(stove, sides('chunks'), [], [], { start: 5 })).toBeGreaterThan(usual);
    expect(of(oven(120), sides('chunks'))).toBeGreaterThan(of(oven(150), sides('chunks')));
    expect(of(oven(175, 'off'), sides('chunks'))).toBeGreaterThan(of(oven(175), sides('chunks')));
    expect(of(stove, sides('chunks'), [], [], {}, 2500)).toBeGreaterThan(usual + 0.3);
  });

  test('a heat that never gets there is said; one that nobody has written is not guessed', () => {
    const lot = { id: 'a', piece: { sides: sides('chunks'), flesh, start: 5, toughness: 1.3 }, seen: [] };
    expect(readinessOf([oven(60)], [lot], 0)).toEqual({ never: ['a'] });
    expect(readinessOf([{ heat: 'oven', lid: 'on' }], [lot], 0)).toBe('unknown');
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
