import { openMeal } from '../../model/index.ts';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { levels, sizes } from '../../meal/schema.ts';
import { usualKitchen } from '../../meal/usual.ts';
import { batchOf, dishOf, grams, inputOf, lotOf } from '../../testing/meals.ts';
import { reckon } from '../../reckoning/reckon.ts';
import { fillOf, levelCm } from './fill.ts';
import { bySpoon } from './spoon.ts';
import { floorCm2 } from '../vessel/shape.ts';
import { vesselsFor } from '../vessel/stands.ts';
import { problemWords } from '@/words/index.ts';

const pot = (batch: Parameters<typeof batchOf>) => {
  const picture = reckon(openMeal(inputOf([batchOf(...batch)], [dishOf('taco', 10)]))).batches[0]?.pot;
  if (!picture) throw new Error('no pot');
  return picture;
};

test('what is poured to a line stands at that line, in every vessel', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...usualKitchen.vessels),
      fc.double({ min: 50, max: 20_000, noNaN: true }),
      fc.constantFrom(...sizes),
      fc.constantFrom(...levels),
      (vessel, meatMl, size, level) => {
        const fill = fillOf(vessel, meatMl, size, level);
        expect(levelCm(vessel, fill, meatMl, fill.toLineMl)).toBeCloseTo(fill.lineCm, 6);
      },
    ),
  );
});

test('liquid over the meat and the meat are together what went in', () => {
  const vessel = usualKitchen.vessels[2];
  if (!vessel) throw new Error('no vessel');
  const level = levelCm(vessel, fillOf(vessel, 3000, 'chunks', 'cover'), 3000, 6000);
  expect(floorCm2(vessel) * level).toBeCloseTo(9000, 6);
});

describe('the pot of a batch', () => {
  const lots = [lotOf('beef-brisket', 2000)];

  test('is the smallest that fits, and a higher line takes more stock', () => {
    const poured = levels.map((level) => pot([lots, { level }]).items[0]?.ml ?? NaN);
    expect(poured).toEqual([...poured].sort((a, b) => b - a));
    expect(pot([[lotOf('beef-brisket', 500)]]).vessel.widthCm).toBeLessThan(
      pot([[lotOf('beef-brisket', 6000)]]).vessel.widthCm,
    );
    expect(vesselsFor('oven', usualKitchen.vessels).some((v) => v.kind === 'slow cooker')).toBe(false);
  });

  test('shows the line of what was written, not of what was wished', () => {
    const items = (ml: number) => [
      { id: 'w', ref: 'water', amount: grams(ml), measure: 'volume' as const, state: 'in' as const },
    ];
    const low = pot([lots, { items: items(300) }]);
    const high = pot([lots, { items: items(1200) }]);
    expect(high.lineCm).toBeGreaterThan(2 * low.lineCm);
    expect(low.items[0]?.solved).toBe(false);
  });

  test('counts pieces and cups by what they weigh in the published table', () => {
    const items = [
      {
        id: 'o',
        ref: 'onion',
        amount: { text: '2', lo: 2, hi: 2 },
        measure: 'count' as const,
        state: 'in' as const,
      },
      {
        id: 's',
        ref: 'stock-beef',
        amount: { text: '2 cups', lo: 473.176, hi: 473.176 },
        measure: 'volume' as const,
        state: 'in' as const,
      },
    ];
    // USDA SR24: one medium onion 110 g (11282), one cup of home-prepared beef stock 240 g (06170).
    const [onion, stock] = pot([lots, { items }]).items;
    expect(onion?.grams).toBeCloseTo(220, 6);
    expect(stock?.grams).toBeCloseTo(480, 0);
  });

  test('too much for any vessel is said with the litres', () => {
    const { problems } = reckon(openMeal(inputOf([batchOf([lotOf('beef-brisket', 90_000)])], [])));
    expect(problems.map(problemWords).join(' ')).toMatch(/needs \d+\.\d l; the 45 cm pot holds 63\.6 l/);
  });
});

test('a spoon stood in the pot finds what was poured', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...usualKitchen.vessels),
      fc.double({ min: 200, max: 6_000, noNaN: true }),
      fc.double({ min: 100, max: 5_000, noNaN: true }),
      (vessel, meatMl, pouredMl) => {
        const { meatCm } = fillOf(vessel, meatMl, 'chunks', 'cover');
        const planned = { vessel, meatCm, meatMl, otherMl: 600 };
        const wet = levelCm(vessel, { meatCm }, meatMl, 600 + pouredMl - 250);
        // 250 ml of the 600 were to be poured; the rest went in as planned.
        expect(bySpoon(planned, wet, 250).pouredMl).toBeCloseTo(pouredMl, 4);
      },
    ),
  );
});
