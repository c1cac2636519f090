import { describe, expect, test } from '@jest/globals';
import { noPlaceWords, placeWayWords } from '@/words/index.ts';
import { isPlaceEdit, mealPlaced, potPlaced } from '../../../meal/index.ts';
import { openMeal } from '../../../model/index.ts';
import { batchOf, dishOf, inputOf, lotOf } from '../../../testing/meals.ts';
import { dayOf } from './day.ts';
import { placeWays } from './unplanned.ts';

const NOON = Date.UTC(2026, 11, 4, 12);
const setting = { text: '160 °C', lo: 160, hi: 160 };
const mealWith = (n: number) => {
  const batches = Array.from({ length: n }, (_, i) => ({
    ...batchOf([lotOf('beef-blade-roast', 4000)], { sear: true }),
    ...{ id: `pot ${String(i)}`, name: `Pot ${String(i)}` },
    cook: [{ id: 'p', heat: 'oven', lid: 'on', setting } as const],
  }));
  const input = inputOf(batches, [dishOf('taco', 60 * n)]);
  const serving = { local: '2026-12-05T18:00', zone: 'UTC' };
  return openMeal({ ...input, meal: { ...input.meal, serving } });
};
const dayWith = (n: number, tries = 0) => dayOf(mealWith(n), { now: NOON, tries });
const waysOf = (n: number, batches: readonly string[] = []) => placeWays(mealWith(n), { now: NOON, batches });

describe('a day that does not hold all of its pots', () => {
  test('names each pot that has no place; every other is cooked from its first panful to its lifting', () => {
    const day = dayWith(14);
    const left = new Set(day.unplanned?.batches);
    expect(left.size).toBeGreaterThan(0);
    for (let i = 0; i < 14; i += 1) {
      const own = day.lines.filter(({ batch }) => batch === `pot ${String(i)}`);
      const isCooked = own.some(({ does }) => does.what === 'lift');
      // Of what has no place nothing is told: nobody trims and browns what will not be cooked.
      expect([i, isCooked, own.length > 0]).toEqual([i, !left.has(`pot ${String(i)}`), isCooked]);
    }
  });

  test('tells only ways out that take more in, as they were tried', () => {
    const { unplanned } = dayWith(14);
    const [first, ...others] = waysOf(14, unplanned?.batches);
    expect(first?.left).toBeLessThan(unplanned?.batches.length ?? 0);
    for (const other of others)
      expect(other.left < (first?.left ?? 0) || other.serving < (first?.serving ?? 0)).toBe(true);
    // What asks for nothing that is not there comes first.
    expect(['raw in', 'the day before', 'half as many pots']).toContain(first?.way);
    const said = placeWayWords('another oven', 0, 'Sat 18:00');
    expect(said).toBe('With another oven all of them fit, served at Sat 18:00.');
    expect(noPlaceWords(['Pot 1'], 12)).toContain('1 of 12 pots has no place');
  });

  test('what is tried is what a press of its button does', () => {
    const opened = mealWith(14);
    const { input } = opened;
    const lost = dayWith(14).unplanned?.batches ?? [];
    const told = waysOf(14, lost).filter(({ way }) => isPlaceEdit(way));
    expect(told.length).toBeGreaterThan(0);
    for (const { way, serving } of told) {
      if (!isPlaceEdit(way)) continue;
      const batches = input.batches.map(
        (batch) => (lost.includes(batch.id) ? potPlaced(batch, way) : undefined) ?? batch,
      );
      const taken = openMeal({ ...input, meal: mealPlaced(input.meal, input.kitchen, way), batches });
      expect([way, dayOf(taken, { now: NOON, tries: 0 }).serving]).toEqual([way, serving]);
    }
  });

  test('what would be held hot for half a day has no place either, and the day before has', () => {
    const { unplanned } = dayWith(6, 30);
    expect(unplanned?.held).toBe(true);
    expect(Math.min(...waysOf(6, unplanned?.batches).map(({ left }) => left))).toBeLessThan(
      unplanned?.batches.length ?? 0,
    );
  });

  test('where all have a place nothing is said', () => {
    expect(dayWith(3).unplanned).toBeUndefined();
    expect(dayWith(1, 30).unplanned).toBeUndefined();
  });
});
