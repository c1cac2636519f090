import { openMeal } from '../../model/index.ts';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import pantry from '@/reference/pantry.json' with { type: 'json' };
import { reference } from '@/reference/index.ts';
import type { Ingredient } from '@/reference/types.ts';
import { avoidable } from '../../meal/avoidable.ts';
import { reckon } from '../../reckoning/reckon.ts';
import { batchOf, dishOf, grams, inputOf, lotOf } from '../../testing/meals.ts';
import { fromPacket } from './figures.ts';
import { searchNames } from './search.ts';
import { problemWords } from '@/words/index.ts';

const large = pantry.ingredients as readonly Ingredient[];
const all = [...reference.ingredients, ...large];

test('several hundred ingredients, each closed to one, with its source and a name of its own', () => {
  expect(large.length).toBeGreaterThan(500);
  for (const { name, per, source } of large) {
    const parts = Object.values({ ...per });
    expect(parts.every((part) => part >= 0)).toBe(true);
    expect([name, Math.abs(parts.reduce((sum, part) => sum + part, 0) - 1) < 1e-4]).toEqual([name, true]);
    expect(source).toMatch(/^USDA SR24 \d{5}$|^estimate, from labels as remembered$/);
  }
  expect(new Set(all.map(({ id }) => id)).size).toBe(all.length);
});

describe('search', () => {
  const names = (typed: string) => searchNames(all, typed, 8).map(({ name }) => name);

  test('by the start of each word, what begins so first', () => {
    expect(names('oni')[0]).toBe('onion');
    expect(names('ser chi')[0]).toMatch(/^serrano/);
    expect(names('wine red').length).toBeGreaterThan(1);
    expect(names('   ')).toEqual([]);
    expect(names('zzz')).toEqual([]);
  });

  test('whatever is typed, it answers with names that hold it', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 12 }), (typed) => {
        for (const name of names(typed)) {
          for (const word of typed.toLowerCase().split(/[^\p{L}\p{N}%]+/u)) {
            expect(name.toLowerCase()).toContain(word);
          }
        }
      }),
    );
  });
});

test('an ingredient of the large table goes into the pot by the kitchen that the meal carries', () => {
  const parsnips = large.find(({ name }) => name === 'parsnip');
  if (!parsnips) throw new Error('no parsnips');
  const items = [
    { id: 'p', ref: parsnips.id, amount: grams(500), measure: 'mass' as const, state: 'in' as const },
    { id: 'w', ref: 'water', amount: grams(1000), measure: 'mass' as const, state: 'in' as const },
  ];
  const input = inputOf([batchOf([lotOf('beef-shank', 1000)], { items })], [dishOf('taco', 4)]);
  expect(reckon(openMeal(input)).problems.map(problemWords)).toEqual([expect.stringContaining(parsnips.id)]);
  const carried = { ...input, kitchen: { ...input.kitchen, ingredients: [parsnips as never] } };
  const found = reckon(openMeal(carried));
  expect(found.problems).toEqual([]);
  expect(found.batches[0]?.pot?.items[0]).toMatchObject({ name: 'parsnip', grams: 500 });
});

test('from its packet: what is not printed is water; more than the whole is said', () => {
  const figures = { fat: 0.1, other: 0.3, protein: 0.05, salt: 0.15, alcohol: 0 };
  expect(fromPacket(figures)).toMatchObject({ ok: true, per: { water: expect.closeTo(0.4, 9), salt: 0.15 } });
  expect(fromPacket({ ...figures, fat: 0.6 })).toEqual({ ok: false, sum: expect.closeTo(1.1, 9) });
});

/** What a packet of it would say (EU 1169/2011, annex II; from memory): held where it must be, and not beside it. */
test.each([
  ['soy sauce', ['gluten', 'soy']],
  ['sauce, worcestershire', ['fish']],
  ['soymilk (all flavors), unsweetened, with added calcium, vitamins A and D', ['soy']],
  ['eggplant, raw', []],
  ['cheese, goat, semisoft type', ['milk']],
  ['peanut butter, smooth style, with salt', ['peanuts']],
  ['vinegar, red wine', ['sulphites']],
  ['crabapples, raw', []],
  ['breadfruit, raw', []],
  ['mushrooms, oyster, raw', []],
  ['sauce, oyster, ready-to-serve', ['gluten', 'molluscs', 'soy']],
  ['oats', ['gluten']],
  ['lard', ['pork']],
  ['bacon, cured pork', ['pork']],
  ['apricots, raw', []],
  ['mustard, prepared, yellow', ['mustard']],
  ['rind of hard cheese', ['milk']],
])('%s holds %j', (name, holds) => {
  const found = all.find((one) => (one.row ?? one.name) === name);
  expect(found?.row ?? found?.name).toBe(name);
  expect([...(found?.holds ?? [])].sort()).toEqual(holds);
});

test('the fourteen allergens and what else guests leave out are all that the tables speak of', () => {
  const known = new Set<string>(avoidable);
  expect(all.flatMap(({ holds }) => holds ?? []).filter((what) => !known.has(what))).toEqual([]);
});
