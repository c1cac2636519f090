import { describe, expect, test } from '@jest/globals';
import { wallTimeOf } from '../../../clock/index.ts';
import type { Day, HeatSource } from '../../../meal/schema.ts';
import { openMeal } from '../../../model/index.ts';
import { at, meal, MINUTE, one, plan, pot, served, starts, type Told, ZONE } from '@/words/testing/days.ts';
import { dayOf } from './day.ts';

/** No more hands at once than there are. */
function handsAtOnce({ lines }: Told): number {
  const wanting = lines.filter(({ hands }) => hands > 0);
  return Math.max(
    ...wanting.map(({ from }) =>
      wanting.reduce((sum, line) => (line.from <= from && line.to > from + 1 ? sum + line.hands : sum), 0),
    ),
  );
}

describe('the day hangs from its serving', () => {
  test('its steps stand in the order of the work, the last plates are filled as it is served', () => {
    const day = plan(meal([pot('pot')]));
    expect(day.lateMin).toBe(0);
    expect(day.hangs).toBe(true);
    expect(day.serving).toBe(at(served));
    const order = [
      /^Trim/,
      /^Sear/,
      /^Soften/,
      /^Bring to heat/,
      /^Test/,
      /^Lift/,
      /^Cool/,
      /^Pull/,
      /^Dress the meat/,
      /^Fill 24/,
    ];
    const times = order.map((words) => one(day, words));
    for (const [i, time] of times.entries()) expect(time).toBeGreaterThan(times[i - 1] ?? 0);
    expect(at(served) - Math.max(...day.lines.map(({ to }) => to))).toBeLessThan(6 * MINUTE);
    expect(handsAtOnce(day)).toBe(1);
    expect(day.gapMin).toBe(0);
  });

  test('surer is sooner, and more hands are later', () => {
    const begins = (day: Day) => plan(meal([pot('pot')], day)).begins;
    expect(begins({ chance: 0.95 })).toBeLessThan(begins({ chance: 0.5 }));
    expect(begins({ hands: 3 })).toBeGreaterThan(begins({ hands: 1 }));
  });

  test('without a time, whenever it is asked, nothing waits hot through the night', () => {
    const { meal: supper, ...rest } = meal([pot('pot')]);
    const { serving: _, ...untimed } = supper;
    for (const hour of ['12', '15', '17', '19', '21', '23']) {
      const late = at(`2026-12-04T${hour}:45`);
      const day = dayOf(openMeal({ ...rest, meal: untimed }), { now: late, tries: 0, zone: ZONE });
      const hot = day.lines.filter(({ does }) => does.what === 'hold' && does.where !== 'in the fridge');
      for (const { minutes } of hot) expect([hour, minutes <= 4 * 60]).toEqual([hour, true]);
      for (const { from, hands } of day.lines)
        if (hands > 0) expect(wallTimeOf(from, ZONE).local.slice(11) >= '06:30').toBe(true);
      // Who says to start now starts now, or as soon as somebody is up.
      const forced = openMeal({ ...rest, meal: { ...untimed, day: { forward: true } } });
      const { begins } = dayOf(forced, { now: late, tries: 0, zone: ZONE });
      expect([hour, begins <= day.begins]).toEqual([hour, true]);
    }
  });

  test('a dry brine is rubbed in the day before, and nobody works at night', () => {
    const day = plan(meal([pot('pot', { steps: [{ what: 'dry brine' }] })]));
    expect(wallTimeOf(one(day, /^Rub/), ZONE).local.slice(0, 10)).toBe('2026-12-04');
    for (const { from, hands } of day.lines) {
      const hour = Number(wallTimeOf(from, ZONE).local.slice(11, 13));
      if (hands > 0) expect(hour >= 6 && hour < 23).toBe(true);
    }
  });

  test('the overnight path: pulled, chilled, its fat lifted off, and heated right through', () => {
    const day = plan(meal([pot('pot', { skim: 'chill' })]));
    // Nothing that is warm stands about: it is pulled, cooled fast and chilled in one go.
    const fast = day.lines.find(({ words }) => words.startsWith('Cool fast'));
    const pulled = day.lines.find(({ words }) => words.startsWith('Pull'));
    const strained = day.lines.find(({ words }) => words.startsWith('Strain'));
    expect((strained?.from ?? Infinity) - (pulled?.to ?? 0)).toBeLessThan(5 * MINUTE);
    expect((fast?.from ?? Infinity) - (strained?.to ?? 0)).toBeLessThan(5 * MINUTE);
    expect(one(day, /^Chills/)).toBe(fast?.to);
    expect(one(day, /^Lift off/) - one(day, /^Chills/)).toBeGreaterThanOrEqual(600 * MINUTE);
    expect(one(day, /reheat to 74/)).toBeGreaterThan(one(day, /^Lift off/));
  });

  test('the change to winter time in its night gives the brine no hour less', () => {
    const input = meal([pot('pot', { steps: [{ what: 'dry brine' }] })]);
    const winter = { ...input, meal: { ...input.meal, serving: { local: '2026-10-25T18:00', zone: ZONE } } };
    const day = plan(winter, at('2026-10-23T09:00'));
    expect(day.serving).toBe(at('2026-10-25T18:00'));
    expect(one(day, /^Sear/) - one(day, /^Salted/)).toBeGreaterThanOrEqual(720 * MINUTE);
    // And the night is the wall clock's: nobody is up before half past six on either side of it.
    for (const { from, hands } of day.lines)
      if (hands > 0) expect(wallTimeOf(from, ZONE).local.slice(11) >= '06:30').toBe(true);
  });

  test('what goes in and comes out on the way, the lid, stirring and turning are in it', () => {
    const cook = [
      { id: 'heat2', heat: 'stove' as const, lid: 'on' as const },
      {
        id: 'heat3',
        heat: 'stove' as const,
        lid: 'ajar' as const,
        minutes: { text: '45 min', lo: 45, hi: 45 },
      },
    ];
    const items = [
      { id: 'stock', ref: 'stock-low-salt', state: 'in' as const },
      { id: 'onion', ref: 'onion', state: 'in' as const, at: { phase: 0, minutes: 60 } },
    ];
    const day = plan(meal([pot('pot', { cook, items })]));
    expect(starts(day, /^In: onion/)).toHaveLength(1);
    expect(starts(day, /^Lid ajar/)).toHaveLength(1);
    expect(starts(day, /^Stir/).length).toBeGreaterThan(1);
    const torn = plan(meal([pot('pot', { tear: { text: '30 min', lo: 30, hi: 30 } })]));
    expect(one(torn, /^Lift/) - one(torn, /^Tear the meat/)).toBe(30 * MINUTE);
    const open = plan(
      meal([
        pot('pot', {
          cook: [{ id: 'heat', heat: 'oven', setting: { text: '', lo: 175, hi: 175 }, lid: 'off' }],
        }),
      ]),
    );
    expect(starts(open, /^Turn the pieces/).length).toBeGreaterThan(1);
  });

  test('a task of one’s own that is done again stands at its intervals, the hands free between', () => {
    const again = { every: { text: '30 min', lo: 30, hi: 30 }, times: 3 };
    const ten = { text: '10 min', lo: 10, hi: 10 };
    const tasks = [
      { id: 'water', words: 'Water the lanterns', minutes: ten, when: 'serving' as const, again },
    ];
    const day = plan(meal([pot('pot')], { tasks }));
    const [first = 0, second = 0, third = 0] = starts(day, /^Water the lanterns/);
    expect([second - first, third - second]).toEqual([30 * MINUTE, 30 * MINUTE]);
    expect(handsAtOnce(day)).toBe(1);
  });

  test('tasks of the cook’s own, their minutes and their time', () => {
    const tasks = [
      {
        id: 'toast',
        words: 'Toast the rolls',
        minutes: { text: '10 min', lo: 10, hi: 10 },
        when: 'serving' as const,
      },
      {
        id: 'fire',
        words: 'Sharpen the knives',
        minutes: { text: '5 min', lo: 5, hi: 5 },
        when: 'the pot' as const,
      },
    ];
    const pull = { 'pot|pull': { text: '50 min', lo: 50, hi: 50 } };
    const day = plan(
      meal([pot('pot')], { tasks, minutes: pull, pins: { 'own|toast': at('2026-12-05T12:00') } }),
    );
    expect(one(day, /^Toast/)).toBe(at('2026-12-05T12:00'));
    expect(one(day, /^Sharpen/)).toBeLessThan(one(day, /^Soften/));
    expect(day.lines.find(({ task }) => task === 'pot|pull')?.minutes).toBe(50);
  });
});

describe('several pots share one kitchen', () => {
  const oven = (id: string): HeatSource => ({ id, name: id, kind: 'oven' });
  const burners = ['a', 'b', 'c', 'd'].map((id): HeatSource => ({ id, name: id, kind: 'burner' }));
  const on = { id: 'heat4', lid: 'on' as const, heat: 'oven' as const };
  const cook = (vessel: string, celsius: number) => [
    { ...on, vessel, setting: { text: '', lo: celsius, hi: celsius } },
  ];

  test('two ovens’ worth in one: one after the other, and what a second oven would save is said', () => {
    const pots = [pot('one', { cook: cook('pot-28', 160) }), pot('two', { cook: cook('pot-32', 140) })];
    const single = plan(meal(pots, {}, [], [...burners, oven('only')]));
    const [first, second] = single.pots.toSorted((a, b) => a.hot - b.hot);
    expect((first?.to ?? Infinity) - 10 * MINUTE).toBeLessThanOrEqual(second?.hot ?? 0);
    expect(single.said.join()).toMatch(
      /The oven cannot take all at once: with another the day could begin .* later/,
    );
    const double = plan(meal(pots, {}, [], [...burners, oven('left'), oven('right')]));
    expect(double.begins).toBeGreaterThan(single.begins + 60 * MINUTE);
    expect(handsAtOnce(double)).toBe(1);
  });

  test('run from now nothing is seared hours before its pot, and what must wait waits in the cold', () => {
    const pots = ['pot-28', 'pot-32', 'pot-36'].map((vessel, i) =>
      pot(`pot ${i}`, { cook: cook(vessel, 150 + 10 * i) }),
    );
    const day = plan(
      meal(pots, { forward: true, hands: 2 }, [], [...burners, oven('only')]),
      at('2026-12-05T07:00'),
      40,
    );
    for (const { id } of pots) {
      const seared = day.lines.find(({ task }) => task === `${id}|sear`);
      const softened = day.lines.find(({ key }) => key === `${id}|pot|aromatics`);
      const waits = ((softened?.from ?? 0) - (seared?.to ?? 0)) / MINUTE;
      const cold = day.lines.some(
        ({ task, words }) => task === `${id}|sear` && words.startsWith('In the fridge'),
      );
      expect(waits < 60 || cold).toBe(true);
    }
    expect(handsAtOnce(day)).toBeLessThanOrEqual(2);
    expect(day.said.join(' ')).toMatch(/would be held hot for \d+ h: cook it the day before/);
  });

  test('two batches never stand in one pot at once', () => {
    const day = plan(
      meal([pot('one', { cook: cook('pot-28', 160) }), pot('two', { cook: cook('pot-28', 160) })]),
    );
    const [first, second] = day.pots.toSorted((a, b) => a.from - b.from);
    expect(first?.to ?? Infinity).toBeLessThanOrEqual(second?.from ?? 0);
  });

  test('without having chosen, each batch has a vessel of its own', () => {
    const day = plan(
      meal([pot('one'), pot('two')], { hands: 2 }, [], [...burners, oven('left'), oven('right')]),
    );
    const [one1, two] = day.pots;
    expect(Math.abs((one1?.hot ?? 0) - (two?.hot ?? 1e15))).toBeLessThan(120 * MINUTE);
  });

  test('a kitchen without a smoker, and a pot wider than the oven, are said', () => {
    const smoke = [
      {
        id: 'heat5',
        heat: 'smoker' as const,
        lid: 'off' as const,
        minutes: { text: '2 h', lo: 120, hi: 120 },
      },
      ...cook('pot-45', 150),
    ];
    const { said } = plan(meal([pot('pot', { cook: smoke })]));
    expect(said.join(' ')).toMatch(/The kitchen has no smoker/);
    expect(said.join(' ')).toMatch(/It is 53 cm across with its handles, and the oven is 45 cm wide/);
  });
});

describe('when it cannot be kept', () => {
  test('a serving time that is over, or too near: from now, and so much later', () => {
    for (const when of ['2026-12-05T18:30', '2026-12-05T16:00']) {
      const day = plan(meal([pot('pot')]), at(when));
      expect(day.hangs).toBe(false);
      expect(day.serving).toBeGreaterThan(at(when) + 4 * 60 * MINUTE);
      expect(day.lateMin).toBe(Math.round((day.serving - at(served)) / MINUTE));
      expect(Math.min(...day.lines.map(({ from }) => from))).toBeGreaterThanOrEqual(at(when) - 5 * MINUTE);
    }
  });

  test('run from now it is served as soon as it can be', () => {
    const day = plan(meal([pot('pot')], { forward: true }), at('2026-12-05T08:00'));
    expect(day.serving).toBeLessThan(at('2026-12-05T15:00'));
    expect(day.lateMin).toBe(0);
  });

  test('a heat that never gets there leaves the batch out of the day, and says a heat that does', () => {
    const cold = [
      { id: 'heat6', heat: 'oven' as const, setting: { text: '54 °C', lo: 54, hi: 54 }, lid: 'on' as const },
    ];
    expect(plan(meal([pot('pot', { cook: cold })])).unknown).toEqual(['pot']);
  });
});
