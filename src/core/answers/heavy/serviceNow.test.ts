import { describe, expect, test } from '@jest/globals';
import type { Batch, Entry } from '../../meal/index.ts';
import { openMeal } from '../../model/index.ts';
import { batchOf, dishOf, inputOf, lotOf, weighedEntry } from '../../testing/meals.ts';
import { dayOf } from './day/day.ts';
import { serviceNow } from './serviceNow.ts';

const ON = Date.UTC(2026, 11, 5, 9);
const after = (hours: number) => ({ now: ON + hours * 3_600_000, tries: 0 });
const fork = (feel: 'resists' | 'turns freely', hours: number): Entry => ({
  id: `fork-${hours}`,
  at: ON + hours * 3_600_000,
  batch: 'pot',
  measures: { what: 'check', feel },
  value: { text: feel },
  measure: 'feel',
  source: 'typed',
});
const meal = (changes: Partial<Batch> = { lidOn: ON }, entries: Entry[] = [], plates = 40) =>
  openMeal(
    inputOf(
      [batchOf([lotOf('beef-blade-roast', 3000)], changes)],
      [dishOf('roll', plates), dishOf('taco', plates)],
      entries,
    ),
  );

describe('what can be served at this moment', () => {
  test('before the lid is on, nothing: not even chopped', () => {
    const now = serviceNow(meal({}), after(3));
    expect([now.now.plates, now.chopped.plates, now.tenderG]).toEqual([0, 0, 0]);
    expect(now.restAt).toBeUndefined();
    expect(now.lots.every(({ raw }) => raw)).toBe(true);
  });

  test('a pot beside it that is not on yet gives no liquid, and nobody says when all of it can be served', () => {
    const input = inputOf(
      [
        { ...batchOf([lotOf('beef-blade-roast', 3000)], { lidOn: ON }), id: 'on' },
        { ...batchOf([lotOf('beef-shank', 3000, { id: 'later' })]), id: 'off' },
      ],
      [dishOf('soup', 400)],
    );
    const both = serviceNow(openMeal(input), after(2));
    const { plan } = openMeal({ ...input, batches: input.batches.slice(0, 1) });
    expect(plan.batches).toHaveLength(1);
    expect(both.lots.map(({ begun }) => begun)).toEqual([true, false]);
    expect(both.restAt).toBeUndefined();
    const alone = serviceNow(
      openMeal({ ...input, meal: { ...input.meal, batches: ['on'] }, batches: input.batches.slice(0, 1) }),
      after(2),
    );
    expect(both.now.plates).toBe(alone.now.plates);
  });

  test('“not begun” lasts until its lid is on, not an hour longer', () => {
    expect(serviceNow(meal({}), after(1)).lots[0]?.begun).toBe(false);
    expect(serviceNow(meal(), after(0.1)).lots[0]).toMatchObject({ begun: true, raw: true });
  });

  test('an hour into it, it can be chopped and not pulled; long after, it is tender', () => {
    const early = serviceNow(meal(), after(1.5));
    expect(early.now.plates).toBe(0);
    expect(early.choppedMore).toBeGreaterThan(0);
    expect(early.lots[0]?.moreMin).toBeGreaterThan(30);
    const late = serviceNow(meal(), after(6));
    expect(late.lots[0]).toMatchObject({ tender: true, moreMin: 0, smallerMin: 0 });
    expect(late.now.plates).toBeGreaterThan(0);
    expect(late.choppedMore).toBe(0);
    expect(late.restAt).toBeUndefined();
  });

  test('cut smaller, what is left is never longer', () => {
    for (const hours of [0.5, 1, 2, 2.5])
      for (const { moreMin, smallerMin } of serviceNow(meal(), after(hours)).lots)
        expect(smallerMin).toBeLessThanOrEqual(moreMin);
  });

  test('a fork is believed before the clock', () => {
    const soft = serviceNow(meal({ lidOn: ON }, [fork('turns freely', 1.5)]), after(1.6));
    expect(soft.lots[0]?.tender).toBe(true);
    const hard = serviceNow(meal({ lidOn: ON }, [fork('resists', 3.4)]), after(3.5));
    expect(hard.lots[0]?.tender).toBe(false);
  });

  test('shred on the bench is there, whatever the clock says', () => {
    const weighed = [weighedEntry({ what: 'sum', flow: 'shred' }, 1200)];
    const now = serviceNow(meal({ lidOn: ON }, weighed), after(0.2));
    expect(now.lots[0]).toMatchObject({ tender: true, chance: 1, raw: false });
    expect(now.tenderG).toBeCloseTo(1200, 6);
  });

  test('no way out serves more than is ordered, and the small dishes first serve no fewer', () => {
    for (const plates of [2, 10, 200]) {
      const now = serviceNow(meal({ lidOn: ON }, [], plates), after(6));
      expect(now.total).toBe(2 * plates);
      for (const way of [now.now, now.reordered, now.chopped]) {
        expect(way.plates).toBeLessThanOrEqual(now.total);
        for (const { count, filled } of way.dishes) expect(filled).toBeLessThanOrEqual(count);
      }
      expect(now.reordered.plates).toBeGreaterThanOrEqual(now.now.plates);
    }
  });

  test('the rest is promised no sooner than it can be on a plate', () => {
    const now = serviceNow(meal(), after(2));
    expect(now.restAt).toBeGreaterThan(after(2).now + 30 * 60_000);
  });

  test('the rest is promised when the clock promises it, whatever a fork has said', () => {
    const served = { local: '2026-12-05T11:30', zone: 'UTC' };
    for (const forks of [[], [fork('resists', 2)]]) {
      const opened = meal({ lidOn: ON }, forks);
      const late = openMeal({ ...opened.input, meal: { ...opened.input.meal, serving: served } });
      const clock = dayOf(late, after(2));
      expect(clock.lateMin).toBeGreaterThan(0);
      expect(serviceNow(late, after(2)).restAt).toBe(clock.serving);
    }
  });
});
