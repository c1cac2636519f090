import { openMeal } from '../../model/index.ts';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import pantry from '@/reference/pantry.json' with { type: 'json' };
import { reference } from '@/reference/index.ts';
import type { Ingredient } from '@/reference/types.ts';
import { reckon } from '../../questions/reckon/reckon.ts';
import { recipeFile } from '@/words/index.ts';
import { recipeOut } from '../../questions/recipeOut.ts';
import { batchOf, dishOf, grams, inputOf, lotOf } from '../../testing/meals.ts';
import { readLine } from './line.ts';
import { matchLine } from './match.ts';
import { readRecipe } from './read.ts';
import { firstChoice, putRecipeIn } from './settle.ts';

const large = pantry.ingredients as readonly Ingredient[];
const nameOf = (id: string | undefined) =>
  [...reference.ingredients, ...large, ...reference.cuts].find((one) => one.id === id)?.name;
const matched = (text: string) => {
  const match = matchLine(readLine(text), reference.ingredients, large, reference.cuts);
  return { ...match, best: nameOf(match.found[0]) };
};

describe('a line of a recipe', () => {
  test.each([
    ['2 large onions, sliced', 2, 'count', 'onion'],
    ['800 g tin tomatoes', 800, 'mass', 'tomatoes, canned, with juice'],
    ['1 (28-oz) can crushed tomatoes', 28 * 28.349523125, 'mass', 'tomatoes, crushed'],
    ['2 x 400 g cans chopped tomatoes', 800, 'mass', 'tomatoes, canned, with juice'],
    ['• 3 bay leaves', 3, 'count', 'bay leaf'],
    ['6 garlic cloves', 6, 'count', 'garlic clove'],
    ['1 1/2 cups beef stock', 354.88235475, 'volume', 'beef stock, home made'],
    ['½ cup red wine', 118.29411825, 'volume', 'red wine'],
    ['two carrots (peeled)', 2, 'count', 'carrot'],
    ['2 beef bouillon cubes', 2, 'count', 'bouillon cube, beef'],
  ])('%s', (text, amount, measure, best) => {
    const match = matched(text);
    expect([match.line.measure, match.best, match.sure]).toEqual([measure, best, true]);
    expect(match.line.amount?.lo).toBeCloseTo(amount, 6);
  });

  test('what has no weight yet, or fits badly, is for the cook to settle', () => {
    for (const text of [
      '1 bottle of beer',
      '1-2 oranges',
      '½ tsp cinnamon',
      'a good slug of love',
      'black pepper',
    ])
      expect([text, matched(text).sure]).toEqual([text, false]);
    expect(matched('1.5 kg beef brisket')).toMatchObject({ kind: 'meat', best: 'Beef brisket, whole' });
    expect(matched('Salt, to taste').kind).toBe('salt');
    expect(matched('zzz').kind).toBe('unknown');
  });

  test('a handful is a range, and any text is read without a fault', () => {
    const { amount } = readLine('a handful of parsley');
    expect(amount?.lo).toBeLessThan(amount?.hi ?? 0);
    fc.assert(
      fc.property(fc.string({ maxLength: 60 }), (text) => {
        const { line } = matched(text);
        expect((line.amount?.lo ?? 1) > 0).toBe(true);
      }),
      { numRuns: 60 },
    );
  });
});

describe('a recipe', () => {
  const recipe = { '@type': 'Recipe', name: 'Shin &amp; barley', recipeIngredient: ['1 kg beef shank', ' '] };
  test.each([
    ['alone', JSON.stringify(recipe)],
    ['in a graph', JSON.stringify({ '@graph': [{ '@type': 'WebPage' }, recipe] })],
    ['in a list, of two types', JSON.stringify([{ ...recipe, '@type': ['Thing', 'Recipe'] }])],
    [
      'in its page',
      `<html><script type="application/ld+json">{broken</script><script type="application/ld+json">${JSON.stringify(recipe)}</script></html>`,
    ],
  ])('as JSON-LD %s', (_, text) => {
    expect(readRecipe(text)).toEqual({ ok: true, name: 'Shin & barley', lines: ['1 kg beef shank'] });
  });

  test('as plain lines, without its headings', () => {
    expect(readRecipe('For the pot:\n2 onions\n\n 1 l stock ')).toEqual({
      ok: true,
      name: undefined,
      lines: ['2 onions', '1 l stock'],
    });
  });

  test.each([
    ['', 'There is nothing in it; paste the lines of a recipe.'],
    ['{"@type":"Article"}', 'This file holds no recipe: it is a “Article”.'],
    ['{"@type":"Rec', 'This file is broken or not JSON: it may have been cut off.'],
    ['[1,2]', 'This file holds no recipe: nothing in it says that it is one.'],
    ['<!doctype html><p>hello</p>', 'This page holds no recipe as JSON-LD; paste its lines instead.'],
    ['{"@type":"Recipe","name":"Air"}', 'The recipe “Air” names no ingredients.'],
  ])('%j is refused in one sentence', (text, error) => {
    expect(readRecipe(text)).toEqual({ ok: false, error });
  });

  test('out and in again names the same things in the same amounts', () => {
    const items = [
      {
        id: 'w',
        ref: 'wine-red',
        amount: { text: '300 ml', lo: 300, hi: 300 },
        measure: 'volume' as const,
        state: 'in' as const,
      },
      {
        id: 'b',
        ref: 'bay-leaf',
        amount: { text: '2', lo: 2, hi: 2 },
        measure: 'count' as const,
        state: 'in' as const,
      },
      { id: 'p', ref: 'tomato-paste', amount: grams(40), state: 'in' as const },
    ];
    const input = inputOf([batchOf([lotOf('beef-brisket', 2000)], { items })], [dishOf('taco', 10)]);
    const text = recipeFile(recipeOut(openMeal(input), reckon(openMeal(input)), 'pot'));
    expect(JSON.parse(text)).toMatchObject({ '@context': 'https://schema.org', '@type': 'Recipe' });
    const read = readRecipe(text);
    if (!read.ok) throw new Error(read.error);
    const back = read.lines.map(matched);
    expect(back.map(({ best, kind }) => (kind === 'salt' ? 'salt' : best))).toEqual([
      'Beef brisket, whole',
      'red wine',
      'bay leaf',
      'tomato paste',
      'salt',
    ]);
    expect(back.map(({ line }) => line.amount?.lo).slice(0, 4)).toEqual([2000, 300, 2, 40]);
  });
});

test('settled lines go into the pot, onto the meat and among the lots; what no table has is carried', () => {
  const lines = ['2 onions', '1 tbsp salt', '1.5 kg beef brisket', '1 bottle of beer', 'a spoon of love'].map(
    (text) => {
      const match = matchLine(readLine(text), reference.ingredients, large, reference.cuts);
      return { match, choice: firstChoice(match) };
    },
  );
  expect(lines.map(({ choice }) => choice?.as)).toEqual([
    'ingredient',
    'salt',
    undefined,
    undefined,
    undefined,
  ]);
  const choices = [
    ...lines.slice(0, 2).map(({ choice }) => choice),
    { as: 'cut' as const, id: 'beef-brisket' },
    { as: 'ingredient' as const, id: 'beer' },
    { as: 'own' as const },
  ];
  let n = 0;
  const { batch, carried } = putRecipeIn(
    batchOf([], { items: [], saltIn: 'mass' }),
    lines.map(({ match }, i) => ({ match, choice: choices[i] })),
    reference.ingredients,
    large,
    () => String((n += 1)),
  );
  expect(batch.lots).toMatchObject([{ cut: 'beef-brisket', weight: { lo: 1500 } }]);
  expect(batch).toMatchObject({ salt: { text: '1 tbsp' }, saltIn: 'volume' });
  expect(batch.items?.map(({ ref, amount }) => [ref, amount?.lo])).toEqual([
    ['onion', 2],
    // A bottle has no weight in the table: how much is for the cook to write.
    ['beer', undefined],
    [carried[0]?.id, undefined],
  ]);
  expect(carried.map(({ name }) => name)).toEqual(['spoon love']);
});
