import { openMeal } from '../model/index.ts';
import { describe, expect, test } from '@jest/globals';
import { reference } from '@/reference/index.ts';
import { reckon } from '../reckoning/reckon.ts';
import { batchOf, dishOf, grams, inputOf, lotOf } from '../testing/meals.ts';
import { countOf, heldFor, juices, juicyOf, portionProblem } from './dishes.ts';
import { servingsFor } from './guests.ts';
import { problemWords, saysWords } from '@/words/index.ts';

const n = (count: number) => ({ text: String(count), lo: count, hi: count });

describe('guests', () => {
  test('each eats servings by appetite, and the sum is whole servings', () => {
    expect(servingsFor({ usual: n(10), each: n(3) })).toBe(30);
    expect(servingsFor({ light: n(4), usual: n(10), hungry: n(2), children: n(5), each: n(3) })).toBe(
      // 3 × (4 × .75 + 10 + 2 × 1.35 + 5 × .5), rounded up
      55,
    );
    expect(servingsFor({})).toBe(0);
  });

  test('they stand for the count', () => {
    expect(countOf(dishOf('taco', 7, { guests: { usual: n(4), each: n(2) } }))).toBe(8);
    const meal = reckon(
      openMeal(inputOf([batchOf([])], [dishOf('taco', 7, { guests: { usual: n(4) } })])),
    ).meal;
    expect(meal.needG).toBe(4 * 52);
  });
});

test('a filling is juicier by its kind, and what is of its own is none of them', () => {
  expect(juicyOf(dishOf('taco', 1))).toBe('usual');
  for (const juicy of juices)
    expect(juicyOf(dishOf('taco', 1, { held: heldFor('taco', juicy) }))).toBe(juicy);
  expect(juicyOf(dishOf('taco', 1, { held: 0.3 }))).toBeUndefined();
  expect(heldFor('taco', 'juicier')).toBeGreaterThan(heldFor('taco', 'usual'));
});

describe('portions', () => {
  test.each([
    [{ want: grams(40), min: grams(50) }, '40 g'],
    [{ want: grams(90), max: grams(60) }, '90 g'],
    [{ min: grams(90), max: grams(60) }, '90 g'],
  ])('%o is said with its figure', (portion, figure) => {
    const fault = portionProblem(portion, 'Soft tacos', 'meat');
    expect(fault && saysWords(fault)).toContain(figure);
  });
  test('one that can be is left alone', () => {
    expect(portionProblem({ want: grams(50), min: grams(40), max: grams(60) }, 'x', 'meat')).toBeUndefined();
    expect(portionProblem(undefined, 'x', 'meat')).toBeUndefined();
  });
});

describe('what guests must not have is checked against the pots', () => {
  const input = inputOf(
    [
      batchOf([lotOf('pork-picnic', 1000), lotOf('beef-shank', 1000)], {
        items: [{ id: 'w', ref: 'wine-red', state: 'in' }],
      }),
    ],
    [dishOf('taco', 4)],
  );
  const words = (avoid: NonNullable<(typeof input.meal)['avoid']>) =>
    reckon(openMeal({ ...input, meal: { ...input.meal, avoid } })).problems.map(problemWords);

  test('meat by its animal, ingredients by what they hold', () => {
    expect(words(['pork', 'alcohol'])).toEqual([
      expect.stringContaining('pork'),
      expect.stringContaining('red wine (alcohol)'),
    ]);
    expect(words(['fish'])).toEqual([]);
  });

  test('the usual pot is checked too: a stock may hold celery', () => {
    const usual = inputOf([batchOf([lotOf('beef-shank', 1000)])], [dishOf('taco', 4)]);
    const found = reckon(openMeal({ ...usual, meal: { ...usual.meal, avoid: ['celery'] } })).problems;
    expect(found.map(problemWords)).toEqual([expect.stringContaining('celery')]);
  });

  test('an own cut is its relative’s animal', () => {
    const own = { id: 'own', name: 'Own', like: 'pork-picnic' };
    const pots = inputOf([batchOf([lotOf('own', 1000)])], [dishOf('taco', 4)]);
    const found = reckon(
      openMeal({
        ...pots,
        reference,
        kitchen: { ...pots.kitchen, cuts: [own] },
        meal: { ...pots.meal, avoid: ['pork'] },
      }),
    ).problems;
    expect(found).toHaveLength(1);
  });
});
