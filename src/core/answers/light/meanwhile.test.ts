import { beforeAll, expect, test } from '@jest/globals';
import { loadSolver } from '../../../../scripts/solver.ts';
import type { Entry } from '../../meal/index.ts';
import { openMeal } from '../../model/index.ts';
import type { LpSolver } from '../../plates/index.ts';
import { batchOf, dishOf, inputOf, lotOf } from '../../testing/meals.ts';
import { answer } from '../questions.ts';
import { meanwhile } from './meanwhile.ts';

let solver: LpSolver;
beforeAll(async () => {
  solver = await loadSolver();
});

test.each([1200, 2400])('after a tap it says at once what the share-out says, of %s g', (rawG) => {
  const input = inputOf([batchOf([lotOf('beef-shank', rawG)])], [dishOf('taco', 12), dishOf('roll', 4)]);
  const meal = openMeal(input);
  const before = answer('shares', meal, undefined, solver);
  const [tacos] = before.dishes;
  const tap: Entry = {
    ...{ id: 'out', at: 1, batch: 'pot', source: 'typed', measure: 'count' },
    measures: { what: 'served', dish: 'dish-taco', on: [...(tacos?.from ?? [])] },
    value: { text: '5', lo: 5, hi: 5 },
  };
  const after = openMeal({ ...input, entries: [tap] });
  const [now, then] = [meanwhile(before, after), answer('shares', after, undefined, solver)];
  const counts = (of: typeof now) => of.dishes.map(({ of: still, servings }) => [still, servings]);
  expect(counts(now)).toEqual(counts(then));
  expect(now.left.shredG).toBeCloseTo(then.left.shredG, 1);
  expect(now.left.liquidMl).toBeCloseTo(then.left.liquidMl, 1);
  expect(now.proved).toBe(false);
});
