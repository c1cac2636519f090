import { describe, expect, test } from '@jest/globals';
import { usualBatch } from '../meal/usual.ts';
import type { Phase, Size } from '../meal/schema.ts';
import { pieceOf } from '../pot/index.ts';
import { boilingAt } from './heat/boiling.ts';
import { tenderingAt } from './constants.ts';
import { openPhase } from '../clock/lid/phases.ts';
import { readinessOf } from './readiness.ts';
import type { Piece } from './curve.ts';
import { referencePot, type PotHeat } from './heat/pot.ts';
import { alcoholLeft } from '../clock/lid/steam.ts';

const oven = (celsius: number, lid: Phase['lid'] = 'on'): Phase => ({
  id: 'heat3',
  heat: 'oven',
  setting: { text: `${celsius} °C`, lo: celsius, hi: celsius },
  lid,
});
const stove: Phase = { id: 'heat4', heat: 'stove', lid: 'on' };
const slow = (setting: 'low' | 'high'): Phase => ({ id: 'heat2', heat: 'slow cooker', setting, lid: 'on' });
const smoke: Phase = {
  id: 'heat5',
  heat: 'smoker',
  lid: 'off',
  setting: { text: '112 °C', lo: 112, hi: 112 },
};
/** Beef blade, choice, raw (USDA SR24 13817). */
const flesh = { water: 0.643, protein: 0.177, fat: 0.173, ash: 0.009 };
const small = [5, 5, 5] as const;
const min = (minutes: number) => ({ text: `${minutes} min`, lo: minutes, hi: minutes });
const sides = (size: Size) => pieceOf[size].cm;

/** A 6 l slow cooker, with 1.5 kg and its liquid; and six kilos in a 28 cm pot for everything else. */
const slowCooker: PotHeat = {
  heatCapacity: 12_400,
  meatHeatCapacity: 5_000,
  outerM2: 0.208,
  openM2: 0.0468,
  litres: 6,
};
const potOf = ({ heat }: Phase) => (heat === 'slow cooker' ? slowCooker : referencePot);

/** Hours at the 10th, 50th and 90th percentile, in all the phases together, and to the first look. */
function hours(
  phase: Phase,
  piece: readonly [number, number, number],
  before: readonly Phase[] = [],
  lengths: readonly number[] = [],
  changes: Partial<Piece> = {},
  altitude = 0,
) {
  const lot = {
    id: 'lot',
    piece: { sides: piece, flesh, start: 25, toughness: 1, ...changes },
    alone: piece === sides('whole'),
    seen: [],
  };
  const timed = before.map((one, i) => ({ ...one, minutes: min(lengths[i] ?? 0) }));
  const ready = readinessOf([...timed, phase], [lot], potOf(phase), altitude);
  if (typeof ready !== 'object' || 'never' in ready) return undefined;
  const { mid, p10 = mid, p90 = mid } = ready.lots[0]?.tender ?? { mid: NaN };
  const gone = lengths.reduce((sum, length) => sum + length, 0);
  return [p10, mid, p90, ready.firstCheck].map((minutes) => (minutes - gone) / 60);
}

/** From the burner to the simmer, h. */
const TO_SIMMER = 0.1;

/**
 * The readiness table (common practice, no source): the middle of every row lies between the 10th and the
 * 90th percentile, and the first look within .4 h of the table's, with the one set of constants in constants.ts. In the
 * rows that are smoked the earlier look is one at the pot.
 */
describe('every row of the readiness table', () => {
  test.each<[string, [number, number], number | undefined, ReturnType<typeof hours>]>([
    [
      '2–3 cm cubes at a simmer, counted from it',
      [1.75 + TO_SIMMER, 2.5 + TO_SIMMER],
      1.5 + TO_SIMMER,
      hours(stove, sides('cubes')),
    ],
    ['5 cm chunks on the stove', [3, 4], 2.5, hours(stove, small)],
    ['bone-in ribs, covered, 150 °C', [2.5, 3], 2, hours(oven(150), sides('ribs'))],
    [
      '5–8 cm pieces, covered, 165 °C, then ajar',
      [2.5 - 2, 4 - 2],
      2 - 2,
      hours(oven(165, 'ajar'), sides('chunks'), [oven(165)], [120]),
    ],
    ['5–8 cm pieces, covered, 175 °C', [2.5, 3], 2.5, hours(oven(175), sides('chunks'))],
    ['the same uncovered', [3, 4], 2.5, hours(oven(175, 'off'), sides('chunks'))],
    ['a whole roast on the stove', [3, 4], 3, hours(stove, sides('whole'))],
    ['a whole roast, oven 160 °C', [3, 4], 3, hours(oven(160), sides('whole'))],
    ['a whole roast, oven 175 °C', [3, 4], 3, hours(oven(175), sides('whole'))],
    ['chunks, slow cooker high', [4, 6], 4, hours(slow('high'), sides('chunks'))],
    ['chunks, slow cooker low', [6, 8], 6, hours(slow('low'), sides('chunks'))],
    ['a whole roast, slow cooker low', [8, 10], 7, hours(slow('low'), sides('whole'))],
    [
      'a roast smoked 2½ h, then covered at 122 °C',
      [3, 5],
      undefined,
      hours({ ...oven(122), heat: 'smoker' }, sides('whole'), [smoke], [150], { start: 5 }),
    ],
  ])('%s', (_, [from, to], look, [p10 = NaN, , p90 = NaN, first = NaN] = []) => {
    const middle = (from + to) / 2;
    expect(p10).toBeLessThanOrEqual(middle);
    expect(p90).toBeGreaterThanOrEqual(middle);
    if (look !== undefined) expect(Math.abs(first - look)).toBeLessThanOrEqual(0.4);
  });

  test('chunks smoked 2 h, then covered at 150 °C: missed by less than a tenth', () => {
    const [p10 = NaN, , p90 = NaN] = hours(oven(150), small, [smoke], [120], { start: 5 }) ?? [];
    expect(p10).toBeLessThanOrEqual(1.1 * 1.75);
    expect(p90).toBeGreaterThanOrEqual(1.75);
  });
});

test('no method and no size has constants of its own: only the cut’s toughness stands beside them', () => {
  // Thrice as tough is thrice the curve, whatever the heat: the same rate is behind all of them.
  const far = (phase: Phase, piece: readonly [number, number, number]) => {
    const twice = hours(phase, piece, [], [], { toughness: 2 })?.[1] ?? NaN;
    const thrice = hours(phase, piece, [], [], { toughness: 3 })?.[1] ?? NaN;
    return 1 / (thrice - twice);
  };
  // By then the liquid stands at its end: the rate is that of its temperature alone.
  for (const piece of [sides('cubes'), sides('chunks'), sides('ribs')]) {
    expect(far(stove, piece)).toBeCloseTo(tenderingAt(95), 2);
    // Its power just brings it there.
    expect(far(slow('low'), piece)).toBeCloseTo(tenderingAt(91), 1);
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
    expect(readinessOf([oven(20)], [lot], referencePot, 0)).toEqual({ never: ['a'] });
    // Held at 60 °C it pulls in a day or two (common practice, no source).
    const bath = readinessOf(
      [oven(60)],
      [{ ...lot, piece: { ...lot.piece, toughness: 1 } }],
      referencePot,
      0,
    );
    if (typeof bath !== 'object' || 'never' in bath) throw new Error('it pulls');
    expect(bath.median / 60).toBeGreaterThan(16);
    expect(bath.median / 60).toBeLessThan(48);
    expect(readinessOf([{ id: 'heat', heat: 'oven', lid: 'on' }], [lot], referencePot, 0)).toBe('unknown');
  });
});

test('the phase without a time is the one that lasts until it is tender', () => {
  const timed: Phase = { ...oven(160, 'ajar'), minutes: { text: '45 min', lo: 45, hi: 45 } };
  expect(openPhase([oven(160), timed])).toEqual(oven(160));
  expect(openPhase([timed])).toBe(timed);
  expect(openPhase(usualBatch('a', '').cook)?.heat).toBe('oven');
});

/** From memory: USDA Table of Nutrient Retention Factors, release 6. */
test('alcohol never all cooks off', () => {
  expect([0, 15, 60, 120, 150, 600].map(alcoholLeft)).toEqual([1, 0.4, 0.25, 0.1, 0.05, 0.05]);
});

/** Makers' booklets (from memory): a roast of 1.5 kg 8 to 10 h on low and 5 to 6 on high, its chunks 6 to 8 and 4 to 6. */
test.each([
  ['low', 'whole', 8, 10],
  ['high', 'whole', 5, 6],
  ['low', 'chunks', 6, 8],
  ['high', 'chunks', 4, 6],
] as const)('a slow cooker on %s, %s: %s to %s h', (setting, size, from, to) => {
  const [, median = NaN, , first = NaN] = hours(slow(setting), sides(size)) ?? [];
  expect(median).toBeGreaterThan(from);
  expect(median).toBeLessThan(to);
  // Nobody looks after half the time.
  expect(first).toBeGreaterThan(0.75 * median);
});
