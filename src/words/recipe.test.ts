import { reckon } from '@/core/reckoning/index.ts';
import { describe, expect, test } from '@jest/globals';
import { openMeal } from '@/core/model/index.ts';
import { recipeOut } from '@/core/answers/index.ts';
import { type Changes, batchOf, dishOf, inputOf, lotOf } from '@/core/testing/meals.ts';
import { readRecipe } from '@/core/pot/index.ts';
import { noRecipeWords, recipeFile } from './index.ts';

interface Recipe {
  readonly name: string;
  readonly recipeYield: string;
  readonly cookTime?: string;
  readonly recipeIngredient: readonly string[];
  readonly recipeInstructions: readonly { readonly text: string }[];
}
function recipeOf(changes: Changes = {}): Recipe {
  const opened = openMeal(inputOf([batchOf([lotOf('beef-shank', 2500)], changes)], [dishOf('taco', 20)]));
  return JSON.parse(recipeFile(recipeOut(opened, reckon(opened), 'pot'))) as Recipe;
}
const steps = (changes: Changes = {}) => recipeOf(changes).recipeInstructions.map(({ text }) => text);

describe('a batch as a recipe', () => {
  test('names its meat, what goes in and its salt, with a figure each', () => {
    const { name, recipeYield, recipeIngredient } = recipeOf();
    expect(name).toBe('Supper: Pot');
    expect(recipeYield).toMatch(/^\d\.\d\d kg of shredded meat$/);
    expect(recipeIngredient[0]).toBe('2.50 kg beef shank, cross-cut, bone in');
    for (const line of recipeIngredient) expect(line).toMatch(/^\d/);
    expect(recipeIngredient.at(-1)).toMatch(/^\d+ g salt$/);
  });

  test('what was written stands as it was written, with what is done to it', () => {
    const onion = { id: 'o', ref: 'onion', state: 'in' as const, prep: 'peeled' as const };
    const amount = { text: 'a pound or so', lo: 453, hi: 453 };
    const { recipeIngredient } = recipeOf({ items: [{ ...onion, amount, measure: 'mass' }] });
    expect(recipeIngredient).toContain('a pound or so onion, peeled');
  });

  test('tells the work in its order, as the batch has it', () => {
    expect(steps()).toEqual([
      'Brown the meat in one layer, not crowded.',
      'Pour liquid until only the tops show.',
      expect.stringMatching(/^Braise in the oven at 160 °C, lid on\.$/),
      expect.stringMatching(/^After about \d+ minutes, test: a fork turns freely\.$/),
      'Strain the liquid and skim it.',
      'Shred the meat, pick it over, and dress it.',
    ]);
    const other = steps({
      sear: false,
      level: 'own juice',
      strain: false,
      steps: [{ what: 'dry brine', minutes: { text: '12 h', lo: 720, hi: 720 } }],
      cook: [{ id: 'heat2', heat: 'slow cooker', setting: 'low', lid: 'on' }],
    });
    expect(other.slice(0, 4)).toEqual([
      'Salt it and keep it in the fridge for 12 h.',
      'Put the meat in raw.',
      'Pour nothing: it braises in its own juice.',
      'Braise in the slow cooker, low, lid on.',
    ]);
    expect(other).toContain('Skim the sauce and keep its vegetables.');
  });

  test('a time that nobody knows is left out', () => {
    const cold = { text: '40 °C', lo: 40, hi: 40 };
    const recipe = recipeOf({ cook: [{ id: 'heat', heat: 'oven', setting: cold, lid: 'on' }] });
    expect(recipe).not.toHaveProperty('cookTime');
    expect(recipe.recipeInstructions.map(({ text }) => text).join(' ')).not.toMatch(/after about|NaN/);
    expect(recipeOf().cookTime).toMatch(/^PT\dH\d{1,2}M$/);
  });

  test('of a pot that is not there is an error, not an empty recipe', () => {
    const opened = openMeal(inputOf([batchOf([])], []));
    expect(() => recipeOut(opened, reckon(opened), 'gone')).toThrow('“gone”');
  });
});

test.each([
  ['', 'There is nothing in it; paste the lines of a recipe.'],
  ['{"@type":"Article"}', 'This file has no recipe in it: it is a “Article”.'],
  ['{"@type":"Rec', 'This file is broken or not JSON: it may have been cut off.'],
  ['[1,2]', 'This file has no recipe in it: nothing in it says that it is one.'],
  ['<!doctype html><p>hello</p>', 'This page has no recipe as JSON-LD in it; paste its lines instead.'],
  ['{"@type":"Recipe","name":"Air"}', 'The recipe “Air” lists no ingredients.'],
])('%j is refused in one sentence', (text, error) => {
  const read = readRecipe(text);
  expect(read.ok ? '' : noRecipeWords(read.why)).toBe(error);
});
