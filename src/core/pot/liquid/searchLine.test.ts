import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import pantry from '@/reference/pantry.json' with { type: 'json' };
import { names } from '@/reference/names.ts';
import { reference } from '@/reference/index.ts';
import type { Ingredient } from '@/reference/types.ts';
import { soldIn } from '../../meal/index.ts';
import { readAmount } from './amount.ts';
import { searchLine } from './searchLine.ts';

const large = pantry.ingredients as readonly Ingredient[];
const offers = (typed: string) => searchLine(typed, { usual: reference.ingredients, large, names }, 9).offers;
const named = (id: string) => {
  const found = [...reference.ingredients, ...large].find((one) => one.id === id);
  if (!found) throw new Error(id);
  return found;
};

describe('the best match stands first', () => {
  test.each([
    ['onions', 'onion'],
    ['oni', 'onion'],
    ['3 carrots', 'carrot'],
    ['tin tomatoes', 'tomatoes, canned, with juice'],
    ['2 bay leaves', 'bay leaf'],
    ['tomato purée', 'tomato paste'],
    ['red wi', 'red wine'],
    ['butter', 'butter'],
    ['2 l water', 'water'],
    ['mushroom', 'mushrooms'],
  ])('%s', (typed, name) => expect(offers(typed)[0]?.ingredient.name).toBe(name));

  test('every offer holds what was typed, and nothing typed breaks it', () => {
    expect(offers('garl')[0]?.ingredient.name).toBe('garlic clove');
    fc.assert(
      fc.property(fc.string({ maxLength: 40 }), (typed) => offers(typed).length <= 9),
      { numRuns: runs(60) },
    );
  });
});

test('a slice, a leaf or a wedge of a thing is no whole one: it has a weight of its own or is asked for', () => {
  const weighs = (typed: string) => offers(typed)[0]?.grams;
  expect(weighs('4 slices lemon')).toBe(32);
  expect(weighs('2 cabbage leaves')).toBe(46);
  expect(weighs('2 bay leaves')).toBeCloseTo(0.4, 9);
  expect(weighs('6 garlic cloves')).toBe(18);
  for (const typed of ['2 slices cauliflower', '3 carrot leaves', '1 leaf leek'])
    expect([typed, weighs(typed)]).toEqual([typed, undefined]);
});

test('a tin holds what is usual where one cooks, and a pack what the cook has written', () => {
  const weighs = (typed: string, kitchen: Parameters<typeof soldIn>[1]) => {
    const usual = soldIn(reference.ingredients, kitchen);
    return searchLine(typed, { usual, large: [], names }, 1).offers[0]?.grams;
  };
  expect(weighs('2 tins tomatoes', {})).toBe(800);
  expect(weighs('2 cans tomatoes', { tins: '14.5 oz' })).toBe(822);
  expect(weighs('1 large can crushed tomatoes', { tins: '14.5 oz' })).toBe(794);
  expect(weighs('2 tins tomatoes', { tins: '14.5 oz', packs: { 'tomatoes-canned': 500 } })).toBe(1000);
  expect(weighs('1 tube tomato paste', { packs: { 'tomato-paste': 200 } })).toBe(200);
});

describe('how much of an ingredient', () => {
  const read = (text: string, id: string) => {
    const reading = readAmount(text, named(id), ['g']);
    return reading.ok ? [reading.quantity.lo, reading.measure] : reading.error;
  };

  test.each([
    ['2 tins', 'tomatoes-canned', [800, 'mass']],
    ['1 large tin', 'tomatoes-canned', [800, 'mass']],
    ['1 large', 'onion', [1.36 * 110, 'mass']],
    ['½', 'onion', [55, 'mass']],
    ['1 small tin', 'tomato-paste', [70, 'mass']],
    ['½ bottle', 'wine-red', [371.5, 'mass']],
    ['a bottle', 'vinegar', [505, 'mass']],
    ['half a bottle', 'orange-juice', [1045 / 2, 'mass']],
    ['3 cloves', 'garlic', [9, 'mass']],
    ['1 head', 'garlic', [30, 'mass']],
    ['3', 'garlic', [3, 'count']],
    ['0', 'onion', [0, 'mass']],
    ['0 ml', 'wine-red', [0, 'volume']],
    ['none', 'onion', [0, 'mass']],
    ['300', 'barley', [300, 'mass']],
    ['2 tbsp', 'flour', [2 * 14.78676478125, 'volume']],
  ])('%s of %s', (text, id, expected) => {
    const [lo, measure] = read(text, id);
    expect(measure).toBe(expected[1]);
    expect(lo).toBeCloseTo(Number(expected[0]), 6);
  });

  test('what has no weight here is asked for in one sentence with its text', () => {
    expect(read('2 jars', 'carrot')).toBe('“2 jars”: write the weight of the carrot.');
    expect(read('1 bunch', 'carrot')).toBe('“1 bunch”: write the weight of the carrot.');
    const solid = [...reference.ingredients, ...large].find(
      ({ role, density }) => role === 'solid' && density === undefined,
    );
    expect(read('2 tbsp', solid?.id ?? '')).toBe(`“2 tbsp”: write the weight of the ${solid?.name ?? ''}.`);
  });
});
