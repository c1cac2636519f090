import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { MINUTE_MS } from '../quantity/index.ts';
import { hotLimits, hotWatch } from './hot.ts';

const at = (hours: number, celsius: number) => ({ at: hours * 60 * MINUTE_MS, celsius });

describe('held hot', () => {
  test('nothing read says nothing', () => {
    expect(hotWatch([], 0)).toBeUndefined();
  });

  test('the limits are those of the FDA Food Code 2022, 135 °F and 165 °F (from memory)', () => {
    expect(Math.round((135 - 32) / 1.8)).toBe(hotLimits.hold);
    expect(Math.round((165 - 32) / 1.8)).toBe(hotLimits.reheat);
  });

  test('warm again is not reheated: the clock runs from the first reading below', () => {
    const readings = [at(0, 70), at(1, 55), at(1.5, 60)];
    expect(hotWatch(readings, 2 * 60 * MINUTE_MS)).toMatchObject({
      says: 'below',
      below: { since: 60 * MINUTE_MS, until: 180 * MINUTE_MS },
    });
    expect(hotWatch(readings, 186 * MINUTE_MS)?.says).toBe('too long below');
    expect(hotWatch([...readings, at(2, 75)], 186 * MINUTE_MS)).toMatchObject({
      says: 'reheated',
      below: undefined,
      isOld: true,
    });
  });

  test('never said to be hot once it was read below and not reheated, in whatever order it was written', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.tuple(fc.integer({ min: 0, max: 500 }), fc.integer({ min: 5, max: 73 })), {
          selector: ([minute]) => minute,
          minLength: 1,
          maxLength: 12,
        }),
        fc.integer({ min: 500, max: 900 }),
        (some, now) => {
          const watch = hotWatch(
            some.map(([minute, celsius]) => at(minute / 60, celsius)),
            (now / 60) * 60 * MINUTE_MS,
          );
          const cold = some.filter(([, celsius]) => celsius < hotLimits.hold).map(([minute]) => minute);
          expect(watch?.says === 'hot').toBe(cold.length === 0);
          if (cold.length > 0)
            expect(watch?.says).toBe(now - Math.min(...cold) > 120 ? 'too long below' : 'below');
        },
      ),
    );
  });
});
