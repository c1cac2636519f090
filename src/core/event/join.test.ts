import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { isEvent, sittingOf, sittingsOf } from '../meal/index.ts';
import { openMeal } from '../model/index.ts';
import { anyMeal, builtMeal } from '../testing/anyMeal.ts';
import { runs } from '../testing/runs.ts';
import { eventOf, joined } from './index.ts';

const sum = (all: readonly number[]) => all.reduce((total, one) => total + one, 0);

/** A random meal under ids of its own. */
function named(any: Parameters<typeof builtMeal>[0], as: string) {
  const input = builtMeal(any);
  const ids = new Map(input.batches.map(({ id }) => [id, `${as} ${id}`]));
  const idOf = (id: string) => ids.get(id) ?? id;
  return {
    ...input,
    meal: {
      ...input.meal,
      id: as,
      name: as,
      batches: input.meal.batches.map(idOf),
      dishes: input.meal.dishes.map((dish) => ({ ...dish, ...(dish.from && { from: dish.from.map(idOf) }) })),
    },
    batches: input.batches.map((batch) => ({ ...batch, id: idOf(batch.id) })),
    entries: input.entries.map((entry) => ({ ...entry, batch: idOf(entry.batch) })),
  };
}

test('two meals as one event: every pot, plate and gram of both, and each sitting gets what it got before', () => {
  fc.assert(
    fc.property(anyMeal, anyMeal, (a, b) => {
      const [first, second] = [named(a, 'first'), named(b, 'second')];
      let made = 0;
      const whole = joined(first, second, () => `made ${String((made += 1))}`);
      expect(isEvent(whole.meal)).toBe(true);
      expect(sittingsOf(whole.meal).map(({ name }) => name)).toEqual(['first', 'second']);
      expect(whole.batches).toHaveLength(first.batches.length + second.batches.length);
      expect(whole.entries).toHaveLength(first.entries.length + second.entries.length);
      expect(new Set(whole.meal.dishes.map(({ id }) => id)).size).toBe(whole.meal.dishes.length);
      const event = eventOf(openMeal({ ...first, ...whole }));
      for (const [i, one] of [first, second].entries()) {
        const alone = eventOf(openMeal(one));
        const sitting = event.sittings.find(({ id }) => id === sittingsOf(whole.meal)[i]?.id);
        const wants = alone.sittings[0]?.wants;
        expect(sitting?.wants.g).toBeCloseTo(wants?.g ?? 0, 6);
        const given = (of: typeof event, id: string | undefined) =>
          sum(of.gives.filter((gift) => gift.sitting === id).map(({ g }) => g));
        expect(given(event, sitting?.id)).toBeCloseTo(given(alone, alone.sittings[0]?.id), 0);
      }
      for (const dish of whole.meal.dishes) expect(['', 'made 1']).toContain(sittingOf(dish, whole.meal));
    }),
    { numRuns: runs(300, 40) },
  );
});
