import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import { massOf } from '../ledger/index.ts';
import { anyMeal, builtMeal } from '../testing/anyMeal.ts';
import { batchOf, dishOf, grams, inputOf, lotOf, weighedEntry } from '../testing/meals.ts';
import { keptFor } from './kept.ts';
import { openMeal } from './openMeal.ts';
import type { Input } from './input.ts';

/** The same meal, of which nothing has ever been worked out: every part of it is another object. */
const fresh = ({ reference, ...input }: Input): Input => ({
  ...(JSON.parse(JSON.stringify(input)) as Omit<Input, 'reference'>),
  reference,
});
const figuresOf = (input: Input) => {
  const { plan, nominal, ledger } = openMeal(input);
  return JSON.stringify([
    plan.problems(),
    plan.tickets,
    nominal.flows.map(({ id, amount }) => [id, massOf(amount), amount]),
    ledger.map(({ id, planned, now, weighed }) => [id, planned, now, weighed]),
  ]);
};

const pots = (firstG: number): Input => {
  const pot = (id: string, g: number) => ({ ...batchOf([lotOf('beef-shank', g)]), id, name: id });
  return inputOf([pot('one', firstG), pot('two', 2100), pot('three', 1800)], [dishOf('taco', 60)]);
};

describe('what is kept with a batch', () => {
  test('is what would be worked out anew, whatever is typed one after the other', () => {
    fc.assert(
      fc.property(fc.array(anyMeal, { minLength: 2, maxLength: 4 }), (meals) => {
        const [first, ...others] = meals.map(builtMeal);
        if (!first) throw new Error('no meal');
        let now: Input = first;
        for (const other of [...others, first]) {
          // One part after the other is another's: a kitchen, a batch, its readings.
          for (const part of ['batches', 'entries', 'meal'] as const) {
            now = { ...now, [part]: other[part] };
            expect(figuresOf(now)).toBe(figuresOf(fresh(now)));
          }
        }
      }),
      { numRuns: runs(100, 8) },
    );
  });

  test('stands while another pot is typed into, and goes with its own readings, the kitchen, and a vessel that is taken', () => {
    const before = pots(1000);
    const [first] = pots(1400).batches;
    const [, second, third] = openMeal(before).plan.batches;
    if (!first || !second || !third) throw new Error('three pots');
    const after = { ...before, batches: [first, ...before.batches.slice(1)] };
    expect(openMeal(after).plan.batches.slice(1)).toEqual([second, third]);
    expect(openMeal(after).plan.batches[1]).toBe(second);
    const read = { ...weighedEntry({ what: 'sum', flow: 'shred' }, 700), batch: 'two' };
    const weighed = openMeal({ ...after, entries: [read] });
    expect(weighed.now[1]?.weighings).toHaveLength(1);
    expect(weighed.plan.batches[2]).toBe(third);
    const higher = openMeal({ ...after, kitchen: { ...after.kitchen, altitudeM: 2000 } });
    expect(higher.plan.batches[1]).not.toBe(second);
    // A lot so large that its pot takes the one that the next had: that one is planned anew.
    const large = { ...first, lots: [{ ...lotOf('beef-shank', 9000), weight: grams(9000) }] };
    const crowded = { ...before, batches: [large, ...before.batches.slice(1)] };
    expect(figuresOf(crowded)).toBe(figuresOf(fresh(crowded)));
  });

  test('is made anew where one thing that it hangs on is another, or is missing', () => {
    const kept = keptFor<number>();
    const of = {};
    let made = 0;
    const ask = (...hangsOn: readonly unknown[]) => kept(of, hangsOn, () => (made += 1));
    expect([ask(1, NaN), ask(1, NaN), ask(1), ask(1, 2), ask(1, 2), ask()]).toEqual([1, 1, 2, 3, 3, 4]);
    expect(kept({}, [], () => 9)).toBe(9);
  });
});
