import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import type { Line } from '../../../day/index.ts';
import type { Batch, Item } from '../../../meal/index.ts';
import { openMeal } from '../../../model/index.ts';
import { anyAfter } from '../../../testing/anyAfter.ts';
import { batchOf, dishOf, grams, inputOf, lotOf } from '../../../testing/meals.ts';
import { dayOf } from './day.ts';

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
      { numRuns: runs(1000, 60) },
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
    for (const at of [undefined, { phase: 0, minutes: 60 }]) {
      const lines = linesOf({ items: [{ ...chilli, ...(at && { at }) }] });
      const pot = Math.min(...lines.filter(({ ref }) => ref.kind === 'pot').map(({ from }) => from));
      const goesIn = at ? of(lines, 'in').from : pot;
      expect(of(lines, 'blend').to).toBeLessThanOrEqual(goesIn);
    }
  });
});
