import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import { type Line, type Task, taskId, tasksOf } from '../../../day/index.ts';
import type { Batch, Item } from '../../../meal/index.ts';
import { openMeal } from '../../../model/index.ts';
import { anyAfter } from '../../../testing/anyAfter.ts';
import { MINUTE_MS } from '../../../quantity/index.ts';
import { anyMeal, builtMeal } from '../../../testing/anyMeal.ts';
import { batchOf, dishOf, grams, inputOf, lotOf } from '../../../testing/meals.ts';
import { dayOf } from './day.ts';
import { dayFacts } from './facts.ts';

const NOON = Date.UTC(2026, 11, 4, 12);
const serving = { local: '2026-12-05T19:00', zone: 'UTC' };
const heat = { id: 'heat', heat: 'oven', lid: 'on', setting: { text: '150 °C', lo: 150, hi: 150 } } as const;
const onion = (more: Partial<Item>): Item => ({
  ...{ id: 'onion', ref: 'onion', state: 'in', measure: 'mass', amount: grams(400) },
  ...more,
});
const linesOf = (changes: Partial<Batch>): readonly Line[] => {
  const input = inputOf(
    [{ ...batchOf([lotOf('beef-blade-roast', 2000)]), id: 'pot 0', cook: [heat], ...changes }],
    [dishOf('taco', 12)],
  );
  return dayOf(openMeal({ ...input, meal: { ...input.meal, serving } }), { now: NOON, tries: 0 }).lines;
};
const of = (lines: readonly Line[], what: Line['does']['what']) => {
  const line = lines.find(({ does }) => does.what === what);
  if (!line) throw new Error(`nobody is told to ${what}: ${lines.map(({ key }) => key).join(', ')}`);
  return line;
};

const anyDay = fc.record({
  built: anyMeal,
  steps: fc.subarray([{ what: 'dry brine' }, { what: 'marinade' }, { what: 'stand out' }] as const),
  soften: fc.boolean(),
  hands: fc.integer({ min: 1, max: 3 }),
  rounds: fc.subarray(['turn', 'stir', 'baste', 'skim'] as const),
});

/** A meal of which nothing has begun, with a day on which two pots meet. */
function unbegun({
  built,
  steps,
  soften,
  hands,
  rounds,
}: typeof anyDay extends fc.Arbitrary<infer D> ? D : never) {
  const { meal, batches, ...rest } = builtMeal(built);
  const own = batches.map(({ lidOn: _, ...batch }): Batch => ({
    ...batch,
    lots: [
      lotOf('beef-shank', 1500, { id: 'shank' }),
      ...batch.lots.map((lot) => ({ ...lot, weight: grams(300 + ((lot.weight.lo ?? 0) % 2000)) })),
    ],
    steps: [...steps],
    rounds: rounds.map((what) => ({ what, every: { text: '40 min', lo: 40, hi: 40 } })),
    // As long as a day holds.
    cook: batch.cook.map((phase) =>
      phase.minutes?.lo === undefined ? phase : { ...phase, minutes: minutesOf(phase.minutes.lo % 240) },
    ),
    ...(batch.items &&
      soften && {
        items: batch.items.map((item, i) => (i % 2 === 0 ? { ...item, soften: minutesOf(5 + i) } : item)),
      }),
  }));
  const second = own.slice(0, 1).map((batch): Batch => ({ ...batch, id: 'second', name: 'Second' }));
  return openMeal({
    ...rest,
    entries: [],
    batches: [...own, ...second],
    meal: {
      ...meal,
      batches: [...own, ...second].map(({ id }) => id),
      serving,
      dishes: meal.dishes.map((dish) => ({ ...dish, count: { text: '20', lo: 20, hi: 20 } })),
      day: {
        hands,
        tasks: [
          { id: 'before', words: 'Light the lamps', minutes: minutesOf(10), when: 'the pot' },
          { id: 'bread', words: 'Warm the bread', minutes: minutesOf(10), needs: 'oven', when: 'serving' },
        ],
      },
    },
  });
}
const minutesOf = (n: number) => ({ text: `${String(n)} min`, lo: n, hi: n });

test('on any day: nothing before it is made, nothing in two places, nothing made for nothing', () => {
  let whole = 0;
  const count = runs(1000, 40);
  fc.assert(
    fc.property(anyDay, (any) => {
      const meal = unbegun(any);
      const facts = dayFacts(meal, NOON, 'UTC');
      const tasks = tasksOf(facts);
      const day = dayOf(meal, { now: NOON, tries: 0 });
      if (day.unplaced.length > 0 || facts.batches.length === 0 || facts.dishes.length === 0) return;
      whole += 1;
      const at = new Map(day.placed.map(({ ref, from, to }) => [taskId(ref), { from, to }]));
      const timed = tasks.map((task) => {
        const time = at.get(task.id);
        if (!time) throw new Error(`${task.id} has no time`);
        return { ...task, ...time };
      });
      for (const task of timed) {
        for (const one of task.takes) {
          const makers = timed.filter((other) => other !== task && other.makes.includes(one));
          // What nobody makes was bought; the meat is there from the start.
          const made = makers.some(({ to }) => to <= task.from);
          const isFirst = makers.every(({ from }) => from >= task.to);
          expect([task.id, one, made || isFirst]).toEqual([task.id, one, true]);
          if (isFirst && makers.length > 0)
            expect([task.id, task.makes.includes(one)]).toEqual([task.id, true]);
        }
        for (const one of task.makes) {
          const used = timed.some((other) => other.takes.includes(one) && other.from >= task.to);
          expect([task.id, one, used || isLast(task)]).toEqual([task.id, one, true]);
          // A thing is in one pair of hands at a time.
          for (const other of timed)
            if (other !== task && other.makes.includes(one))
              expect([task.id, other.id, other.from >= task.to || other.to <= task.from]).toEqual([
                task.id,
                other.id,
                true,
              ]);
        }
      }
      for (const { heats } of facts.batches)
        for (const [i, { from }] of heats.entries())
          expect(from).toBeGreaterThanOrEqual((heats[i - 1]?.to ?? 0) - 1e-6);
      const busy = day.lines.filter(({ hands, minutes }) => hands > 0 && minutes > 0);
      for (const { from, key } of busy) {
        // What is done to one pot at one moment is done by the same hands.
        const wanted = new Map<string, number>();
        for (const line of busy)
          if (line.from <= from && line.to > from + MINUTE_MS)
            // What takes two to lift is told so where one cooks alone.
            wanted.set(line.task, Math.max(Math.min(line.hands, any.hands), wanted.get(line.task) ?? 0));
        const hands = [...wanted.values()].reduce((sum, n) => sum + n, 0);
        expect([key, hands <= any.hands ? '' : [...wanted.keys()].join(', ')]).toEqual([key, '']);
      }
    }),
    { numRuns: count },
  );
  expect(whole).toBeGreaterThan(count / 3);
});

const isLast = ({ ref }: Pick<Task, 'ref'>) =>
  ref.kind === 'plates' || ref.kind === 'boxes' || ref.kind === 'sent';

describe('nothing is used before it is made', () => {
  test('plates are filled once all of their pots is done, whatever the list and whatever it ends with', () => {
    fc.assert(
      fc.property(anyAfter, (after) => {
        const lines = linesOf({ after: [...after] });
        const filled = Math.min(...lines.filter(({ ref }) => ref.kind === 'plates').map(({ from }) => from));
        for (const line of lines) {
          if (line.batch === undefined || line.does.what === 'hold') continue;
          expect([line.key, line.to <= filled]).toEqual([line.key, true]);
        }
      }),
      { numRuns: runs(1000, 40) },
    );
  });

  test('what lies in the marinade is chopped before it marinates', () => {
    const lines = linesOf({
      steps: [{ what: 'marinade', minutes: { text: '12 h', lo: 720, hi: 720 } }],
      items: [onion({ marinade: true })],
    });
    expect(of(lines, 'chop').to).toBeLessThanOrEqual(of(lines, 'into the marinade').from);
  });

  test('what was soaked is blended before it goes in, at whatever minute that is', () => {
    const chilli = onion({
      id: 'chilli',
      ref: 'chilli-dried',
      amount: grams(30),
      fate: 'puréed',
      soak: { water: grams(200), goesIn: 1 },
    });
    const { soak: _, ...dry } = chilli;
    const minutes60 = { phase: 0, minutes: 60 };
    for (const [one, at] of [
      [chilli, undefined],
      [chilli, minutes60],
      [dry, minutes60],
    ] as const) {
      const lines = linesOf({ items: [{ ...one, ...(at && { at }) }] });
      const pot = Math.min(...lines.filter(({ ref }) => ref.kind === 'pot').map(({ from }) => from));
      const goesIn = at ? of(lines, 'in').from : pot;
      expect(of(lines, 'blend').to).toBeLessThanOrEqual(goesIn);
    }
  });
});
