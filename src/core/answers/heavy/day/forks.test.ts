import { describe, expect, test } from '@jest/globals';
import type { Entry } from '../../../meal/schema.ts';
import { openMeal } from '../../../model/index.ts';
import { at, fork, meal, MINUTE, now, one, plan, pot, starts } from '@/words/testing/days.ts';
import { lotOf } from '../../../testing/meals.ts';
import { contradicts } from '../contradicts.ts';
import { serviceNow } from '../serviceNow.ts';

describe('forks move the day', () => {
  const lidOn = at('2026-12-05T12:00');
  const cooking = pot('pot', { lidOn });
  const when = (minutes: number) => lidOn + (minutes + 1) * MINUTE;

  test('"not yet" looks again where half of what is left has passed, and serves later if it must', () => {
    const before = plan(meal([cooking]), when(240));
    const late = plan(meal([cooking], {}, [fork(240, 'resists', lidOn)]), when(240));
    expect(late.serving).toBeGreaterThan(before.serving);
    expect(late.lateMin).toBeGreaterThan(0);
    expect(one(late, /^Test/)).toBeGreaterThanOrEqual(when(240) + 19 * MINUTE);
  });

  test('tender: it is lifted out at once, and nobody looks again', () => {
    const day = plan(meal([cooking], {}, [fork(180, 'turns freely', lidOn)]), when(180));
    expect(starts(day, /^Test/)).toEqual([]);
    expect(one(day, /^Lift out/)).toBeLessThan(when(180) + 6 * MINUTE);
  });

  test('one that contradicts the last is found, one that follows from it is not', () => {
    const entries = [fork(180, 'turns freely', lidOn)];
    expect(
      contradicts(openMeal(meal([cooking], {}, entries)), { check: fork(220, 'resists', lidOn) })?.id,
    ).toBe('fork-180-turns freely');
    expect(
      contradicts(openMeal(meal([cooking], {}, entries)), { check: fork(220, 'falls apart', lidOn) }),
    ).toBeNull();
  });

  test('big and small pieces are different pieces: two forks that differ in that contradict nothing', () => {
    const small = [fork(150, 'turns freely', lidOn)];
    const hard = fork(190, 'resists', lidOn);
    const big: Entry = {
      ...hard,
      measures: { what: 'check', feel: 'resists', pieces: 'big' },
      measure: 'feel',
    };
    const asked = openMeal(meal([cooking], {}, small));
    expect(contradicts(asked, { check: hard })).not.toBeNull();
    expect(contradicts(asked, { check: big })).toBeNull();
  });

  test('the line of a pot on the heat stands where its lid went on', () => {
    const [band] = plan(meal([cooking]), when(100)).pots;
    expect(band?.hot).toBe(lidOn);
    expect(
      band?.curves[0]?.points.every(({ chance }, i, all) => i === 0 || chance >= (all[i - 1]?.chance ?? 0)),
    ).toBe(true);
    // It is good from when it is tender, and goes too far one pot after the other.
    const { evenOdds = NaN, goodFrom: [from] = [NaN], goodUntil: [until, half] = [NaN, NaN] } = band ?? {};
    expect(from).toBeLessThan(evenOdds);
    expect(until).toBeGreaterThan(evenOdds);
    expect(half).toBeGreaterThan(until);
  });
});

describe('service is now', () => {
  const lidOn = at('2026-12-05T15:00');
  const two = {
    ...pot('pot', { lidOn, size: 'whole' }),
    lots: [
      lotOf('lamb-shoulder', 1500, { id: 'lamb', pieces: { size: 'cubes' } }),
      lotOf('beef-shank', 2500, { id: 'shank' }),
    ],
  };

  test('plates from what is tender, more when the rest is chopped, and when that follows', () => {
    const minutes = 150;
    const answer = serviceNow(openMeal(meal([two], {}, [fork(minutes, 'turns freely', lidOn, 'lamb')])), {
      now: lidOn + minutes * MINUTE,
      tries: 0,
    });
    expect(answer.lots.map(({ tender }) => tender)).toEqual([true, false]);
    expect(answer.now.plates).toBeGreaterThan(0);
    expect(answer.now.plates).toBeLessThan(answer.total);
    expect(answer.chopped.plates).toBeGreaterThan(answer.now.plates);
    expect(answer.choppedMore).toBe(answer.chopped.plates - answer.now.plates);
    expect(answer.tenderG).toBeCloseTo(answer.lots[0]?.shredG ?? NaN, 6);
    expect(answer.restAt).toBeGreaterThan(lidOn + minutes * MINUTE);
  });

  test('whole meat that is cold inside gains by being cut smaller; what is hot through does not', () => {
    const gain = (minutes: number) => {
      const shank = serviceNow(openMeal(meal([two])), { now: lidOn + minutes * MINUTE, tries: 0 }).lots[1];
      return (shank?.moreMin ?? 0) - (shank?.smallerMin ?? 0);
    };
    expect(gain(70)).toBeGreaterThan(15);
    expect(gain(230)).toBeLessThan(gain(70));
  });

  test('before the lid is on nothing is tender and nothing is chopped', () => {
    const answer = serviceNow(openMeal(meal([pot('pot')])), { now, tries: 0 });
    expect([answer.now.plates, answer.chopped.plates, answer.restAt]).toEqual([0, 0, undefined]);
  });
});
