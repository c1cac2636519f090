import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { avoidable, buildChoices, type Dish, type DishKind } from '../meal/index.ts';
import { dishKinds } from '../meal/mealSchema.ts';
import { builds, builtOf, itemsFor, layersOf, partsOf } from '../order/index.ts';
import { withoutFigures } from '../pot/index.ts';
import { shelvedOf } from '../answers/index.ts';
import { asIngredient } from '../keep/index.ts';
import { reference } from '@/reference/index.ts';
import { batchOf, dishOf, inputOf, lotOf } from '../testing/meals.ts';
import { allergensByDish, allergensInPot, forGuests } from './allergens.ts';
import { openMeal } from './openMeal.ts';

/** A pot in which nothing of the list is but lamb: what a dish holds besides comes from how it is built. */
const lamb = (changes: object = {}) =>
  batchOf([lotOf('lamb-shoulder', 2000)], {
    items: [{ id: 'w', ref: 'water', state: 'in' as const }],
    ...changes,
  });
const of = (dish: Dish) => {
  const [found] = allergensByDish(inputOf([lamb()], [dish]));
  return {
    contains: (found?.contains ?? []).map(({ what }) => what),
    notKnown: (found?.notKnown ?? []).map(({ name }) => name),
  };
};

/**
 * What each build contains, choice by choice, written by hand: what such a thing is usually made with, by the fourteen of
 * Regulation (EU) 1169/2011, annex II (from memory; common practice, no source).
 */
const byHand: Readonly<
  Record<DishKind, { readonly usual: string; readonly choices: Readonly<Record<string, string>> }>
> = {
  taco: {
    usual: 'gluten',
    choices: {
      'base small wheat tortillas': 'gluten',
      'base small corn tortillas': '',
      'fresh limes': 'gluten',
      'fresh nothing': 'gluten',
    },
  },
  'folded taco': {
    usual: 'gluten milk',
    choices: {
      'base small wheat tortillas': 'gluten milk',
      'base small corn tortillas': 'milk',
      'cheese cheese that melts': 'gluten milk',
      'cheese cheese without milk': 'gluten ?',
      'cheese nothing': 'gluten',
      'fat skimmed fat': 'gluten milk',
      'fat oil': 'gluten milk',
    },
  },
  'cheese shell': {
    usual: 'milk',
    choices: { 'cheese cheese that melts': 'milk', 'cheese cheese without milk': '?' },
  },
  roll: {
    usual: 'gluten milk',
    choices: {
      'base rolls': 'gluten milk',
      'base enriched rolls': 'gluten milk egg',
      'base gluten-free rolls': 'milk ?',
      'fat butter': 'gluten milk',
      'fat skimmed fat': 'gluten',
      'fat oil': 'gluten',
      'fat nothing': 'gluten',
    },
  },
  'long roll': {
    usual: 'gluten milk',
    choices: {
      'base long rolls': 'gluten milk',
      'base gluten-free rolls': 'milk ?',
      'cheese cheese that melts': 'gluten milk',
      'cheese cheese without milk': 'gluten ?',
      'cheese nothing': 'gluten',
    },
  },
  'pressed sandwich': {
    usual: 'gluten milk',
    choices: {
      'base slices of bread': 'gluten milk',
      'base slices of gluten-free bread': 'milk ?',
      // Butter outside is left.
      'cheese cheese that melts': 'gluten milk',
      'cheese cheese without milk': 'gluten milk ?',
      'cheese nothing': 'gluten milk',
      'fat butter': 'gluten milk',
      'fat oil': 'gluten milk',
      'fat nothing': 'gluten milk',
    },
  },
  pasta: {
    usual: 'gluten milk',
    choices: {
      'base dried pasta': 'gluten milk',
      'base egg noodles': 'gluten milk egg',
      'base gluten-free pasta, of corn or rice': 'milk',
      'cheese hard cheese': 'gluten milk',
      'cheese cheese without milk': 'gluten ?',
      'cheese nothing': 'gluten',
    },
  },
  mash: {
    usual: 'milk',
    choices: {
      'base mash with milk and butter': 'milk',
      'base mash with oil': '',
      'base gnocchi': 'gluten egg',
    },
  },
  gratin: {
    usual: 'gluten milk',
    choices: {
      'base breadcrumbs': 'gluten milk',
      'base gluten-free crumbs': 'milk ?',
      'base nothing': 'milk',
      'cheese cheese to brown': 'gluten milk',
      'cheese cheese without milk': 'gluten ?',
      'cheese nothing': 'gluten',
    },
  },
  'hand pie': {
    usual: 'gluten milk egg',
    choices: {
      'base butter pastry': 'gluten milk egg',
      'base pastry without butter': 'gluten egg',
      'base gluten-free pastry': 'egg ?',
      'glaze egg': 'gluten milk egg',
      'glaze milk': 'gluten milk',
      'glaze nothing': 'gluten milk',
    },
  },
  burrito: {
    usual: 'gluten',
    choices: {
      'base large wheat tortillas': 'gluten',
      'base gluten-free wraps': '?',
      'base nothing': '',
      'side rice': 'gluten',
      'side beans': 'gluten',
      'side nothing': 'gluten',
    },
  },
  soup: { usual: '', choices: {} },
  dip: { usual: '', choices: {} },
  'on the bone': { usual: '', choices: {} },
  own: { usual: '', choices: {} },
};

const told = ({ contains, notKnown }: ReturnType<typeof of>): string =>
  [...contains, ...(notKnown.length > 0 ? ['?'] : [])].filter((what) => what !== 'lamb').join(' ');

describe.each(dishKinds)('%s', (kind) => {
  test('contains what its usual build does', () => {
    expect(told(of(dishOf(kind, 4)))).toBe(byHand[kind].usual);
  });

  test('each choice of each part contains what it is made with, and none is missing here', () => {
    const parts = partsOf(dishOf(kind, 4));
    const found = Object.fromEntries(
      parts.flatMap(({ part, among }) =>
        among.map((choice) => [
          `${part} ${choice}`,
          told(of(dishOf(kind, 4, { build: { [part]: choice } }))),
        ]),
      ),
    );
    expect(found).toEqual(byHand[kind].choices);
  });

  test('what is left out is no layer and is not bought; what is added is a layer, and nothing that nobody ordered', () => {
    for (const { part, among, chosen } of partsOf(dishOf(kind, 4))) {
      const layers = builds[kind].layers.filter((layer) => layer.of === part).map(({ words }) => words);
      expect(layersOf(dishOf(kind, 4))).toEqual(expect.arrayContaining(layers));
      if (!among.includes('nothing')) continue;
      const without = dishOf(kind, 4, { build: { [part]: 'nothing' } });
      for (const words of layers) expect(layersOf(without)).not.toContain(words);
      expect(itemsFor(without).map(({ name }) => name)).not.toContain(chosen);
    }
    const besides = [{ id: 'p', name: 'pickled beetroot' }];
    expect(layersOf(dishOf(kind, 4, { besides }))).toContain('pickled beetroot');
    expect(layersOf(dishOf(kind, 4)).join(' ')).not.toMatch(/pickle/);
  });
});

test('a cheese that the cook has named stands for the usual one', () => {
  const besides = [{ id: 'c', name: 'hard cheese, grated', holds: ['milk' as const] }];
  const dish = dishOf('pasta', 4, { besides });
  expect(itemsFor(dish).map(({ name }) => name)).not.toContain('hard cheese');
  expect(layersOf(dish)).toContain('hard cheese, grated');
  expect(layersOf(dish)).not.toContain('cheese at the table');
});

test('the order of the cook stands; what is new goes where it usually does', () => {
  const dish = dishOf('taco', 4, { layers: ['lime', 'warm tortilla', 'meat', 'a leaf of sage'] });
  expect(layersOf(dish)).toEqual(['lime', 'warm tortilla', 'meat', 'onion and herbs', 'a leaf of sage']);
});

describe('what is known, and what is not', () => {
  test('each thing of a pot with what holds it, once; what the cook named and what no table has any more is not known', () => {
    const own = withoutFigures('own', 'aunt’s paste');
    const refs = ['wine-red', 'stock-beef', 'stock-chicken', 'own', 'gone'];
    const pot = lamb({ items: refs.map((ref, i) => ({ id: String(i), ref, state: 'in' as const })) });
    const input = inputOf([pot], []);
    const found = allergensInPot(
      { ...input, kitchen: { ...input.kitchen, ingredients: [own as never] } },
      pot,
    );
    expect(found.contains.map(({ what, from }) => [what, from.map(({ name }) => name)])).toEqual([
      ['alcohol', ['red wine']],
      ['celery', ['beef stock, home made', 'chicken stock, home made']],
      ['sulphites', ['red wine']],
    ]);
    expect(found.notKnown.map(({ name }) => name)).toEqual(['aunt’s paste', 'gone']);
    const leftOut = lamb({ items: [{ id: 'w', ref: 'wine-red', state: 'out' as const }] });
    expect(allergensInPot(inputOf([leftOut], []), leftOut).contains).toEqual([]);
  });

  test('besides of which nobody has said is not known, until somebody says so', () => {
    const beside = (holds?: 'milk'[]) =>
      of(dishOf('soup', 4, { besides: [{ id: 'g', name: 'Gruyère', ...(holds && { holds }) }] }));
    expect(beside()).toEqual({ contains: [], notKnown: ['Gruyère'] });
    expect(beside(['milk'])).toEqual({ contains: ['milk'], notKnown: [] });
    expect(beside([])).toEqual({ contains: [], notKnown: [] });
  });

  test('a paste that the cook named is not known on the dish, on the label and in the next pot', () => {
    const paste = withoutFigures('paste', 'sambal');
    const batch = lamb({
      items: [
        { id: 'w', ref: 'water', state: 'in' },
        { id: 'p', ref: 'paste', state: 'in', amount: { text: '30 g', lo: 30, hi: 30 }, measure: 'mass' },
      ],
    });
    const input = inputOf([batch], [dishOf('soup', 2)]);
    const known = { ...input, kitchen: { ...input.kitchen, ingredients: [paste as never] } };
    expect(allergensByDish(known)[0]?.notKnown).toEqual([{ name: 'sambal', pot: batch.name }]);
    const boxes = shelvedOf(openMeal(known), batch.id);
    expect(boxes.length).toBeGreaterThan(0);
    for (const box of boxes) expect(box.notKnown).toEqual(['sambal']);
    const [box] = boxes;
    if (!box) throw new Error('nothing is left');
    const next = asIngredient({ ...box, id: 'b', made: 0, place: 'fridge' }, 0);
    const pot = lamb({ items: [{ id: 's', ref: next.id, state: 'in' }] });
    const again = inputOf([pot], []);
    const found = allergensInPot({ ...again, kitchen: { ...again.kitchen, ingredients: [next] } }, pot);
    expect(found.notKnown.map(({ name }) => name)).toEqual([next.name]);
  });

  test('what thickens, stretches or is added at the end counts as what went in at the start', () => {
    const pot = lamb({
      after: [
        { id: 't', what: 'thicken', with: 'flour' },
        { id: 's', what: 'stretch', ref: 'barley' },
        { id: 'a', what: 'add', ref: 'soy-sauce' },
      ],
    });
    const found = allergensInPot(inputOf([pot], []), pot);
    expect(found.contains.map(({ what, from }) => [what, from.map(({ name }) => name)])).toEqual([
      [
        'gluten',
        ['wheat flour', 'barley', 'soy sauce'].map((name) =>
          expect.stringContaining(name.split(' ')[0] ?? ''),
        ),
      ],
      ['soy', [expect.stringContaining('soy')]],
    ]);
  });
});

describe('guests', () => {
  const pork = { ...batchOf([lotOf('pork-picnic', 2000)], { items: [] }), id: 'two', name: 'Pot two' };
  const meal = (avoidFor?: { pork: number }) => {
    const input = inputOf(
      [lamb(), pork],
      [
        dishOf('taco', 4, { id: 'tacos', from: ['two'] }),
        dishOf('soup', 4, { id: 'soup', from: [lamb().id] }),
        dishOf('mash', 4, { id: 'mash' }),
      ],
    );
    return { ...input, meal: { ...input.meal, avoid: ['pork' as const], ...(avoidFor && { avoidFor }) } };
  };
  test('of one pot’s pork the other pot’s dishes are free; which may draw on both is not', () => {
    const [told] = forGuests(meal());
    expect(told?.count).toBeUndefined();
    expect(told?.can).toEqual(['bowls of broth']);
    expect(told?.cannot.map(({ name, from }) => [name, from[0]?.pot])).toEqual([
      ['soft tacos', 'Pot two'],
      ['plates on mash or gnocchi', 'Pot two'],
    ]);
    expect(forGuests(meal({ pork: 2 }))[0]?.count).toBe(2);
  });
  test('gluten-free bread is known to be without gluten, whatever else it is made with', () => {
    const input = inputOf(
      [lamb()],
      [dishOf('roll', 4, { build: { base: 'gluten-free rolls', fat: 'nothing' } })],
    );
    const asked = (avoid: 'gluten' | 'egg') =>
      forGuests({ ...input, meal: { ...input.meal, avoid: [avoid] } })[0];
    expect(asked('gluten')?.can).toEqual(['rolls with a dip cup']);
    expect(asked('egg')?.unsure.map(({ name }) => name)).toEqual(['rolls with a dip cup']);
  });
  test('the warning and the plates go by one rule: gluten-free bread is no question for who must not have gluten', () => {
    const input = inputOf(
      [lamb()],
      [dishOf('roll', 4, { build: { base: 'gluten-free rolls', fat: 'nothing' } })],
    );
    const warned = (avoid: 'gluten' | 'egg') =>
      openMeal({ ...input, meal: { ...input.meal, avoid: [avoid] } })
        .plan.problems()
        .flatMap(({ says }) => (says.what === 'guest: not known' ? [says.name] : []));
    expect(warned('gluten')).toEqual([]);
    expect(warned('egg')).toEqual(['gluten-free rolls']);
  });
  test('who must not have beef must not have veal', () => {
    const veal = reference.cuts.find(({ species }) => species === 'veal')?.id ?? '';
    const input = inputOf([batchOf([lotOf(veal, 2000)], { items: [] })], [dishOf('soup', 4)]);
    const asked = { ...input, meal: { ...input.meal, avoid: ['beef' as const] } };
    expect(forGuests(asked)[0]?.can).toEqual([]);
    expect(
      openMeal(asked)
        .plan.problems()
        .map(({ says }) => says.what),
    ).toContain('guest: animal');
  });
  test('nothing that a dish holds is told to nobody: each avoided thing names each dish once', () => {
    fc.assert(
      fc.property(
        fc.subarray([...avoidable]),
        fc.subarray([...dishKinds], { minLength: 1 }),
        fc.array(fc.constantFrom(...buildChoices), { maxLength: 6 }),
        (avoid, kinds, choices) => {
          const dishes = kinds.map((kind) =>
            dishOf(kind, 3, {
              id: kind,
              build: Object.fromEntries(
                partsOf({ kind }).map(({ part }, i) => [part, choices[i] ?? 'nothing']),
              ),
            }),
          );
          const input = inputOf([lamb(), pork], dishes);
          const byDish = allergensByDish(input);
          for (const { what, can, cannot, unsure } of forGuests({
            ...input,
            meal: { ...input.meal, avoid },
          })) {
            expect(can.length + cannot.length + unsure.length).toBe(dishes.length);
            for (const { name, contains } of byDish)
              expect(cannot.some((one) => one.name === name)).toBe(contains.some((one) => one.what === what));
          }
          // What is not offered for a kind is not what it is built of.
          for (const dish of dishes)
            expect(builtOf(dish).every(({ part }) => builds[dish.kind].parts[part])).toBe(true);
        },
      ),
    );
  });
});

/** Foods of several things, and what theirs must say (from memory; the label decides). */
test.each([
  ['sauce, teriyaki, ready-to-serve', 'soy'],
  ['sauce, hoisin, ready-to-serve', 'sesame'],
  ['sauce, homemade, white, medium', 'milk'],
  ['sauce, homemade, white, medium', 'gluten'],
  ['dulce de Leche', 'milk'],
  ['pasta, fresh-refrigerated, plain, as purchased', 'egg'],
  ['gelatins, dry powder, unsweetened', 'pork'],
  ['hummus, commercial', 'sesame'],
  ['malt beverage', 'gluten'],
] as const)('%s holds %s', async (name, what) => {
  const { pantry } = await import('@/reference/pantry.ts');
  expect(pantry.find((one) => (one.row ?? one.name) === name)?.holds).toContain(what);
});

test('every row of the pantry says what it holds, or that its label must', async () => {
  const { pantry } = await import('@/reference/pantry.ts');
  const rows = [...reference.ingredients, ...pantry];
  expect(rows.length).toBeGreaterThan(700);
  const known = new Set<string>(avoidable);
  for (const { name: shown, row, holds = [], unsure } of rows) {
    const name = row ?? shown;
    for (const one of holds) expect(known).toContain(one);
    // Made of several things that its name does not tell.
    if (
      /^(sauce|gravy|soup),|kimchi|relish/.test(name) &&
      !/cranberry sauce|hot, chili|tomato chili/.test(name)
    )
      expect({ name, says: unsure ?? holds.length > 0 }).toEqual({ name, says: true });
  }
});
