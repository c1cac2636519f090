import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Batch, Dish, Item } from '../meal/index.ts';
import { openMeal } from '../model/index.ts';
import { anyMeal, builtMeal } from '../testing/anyMeal.ts';
import { batchOf, dishOf, grams, inputOf, lotOf } from '../testing/meals.ts';
import { runs } from '../testing/runs.ts';
import { cautionsOnPaper, cautionWords, LOCAL_CODE } from '@/words/index.ts';
import { careOf, cautionIds, cautionRows, cautionsAt, cautionsOf, type CautionId } from './index.ts';

const pot = (changes: Partial<Batch> = {}) =>
  batchOf([lotOf('beef-shank', 2000)], { sear: false, ...changes });
const facts = (changes: Partial<Batch> = {}, dishes: Dish[] = [dishOf('taco', 12)], kitchen: object = {}) => {
  const input = inputOf([pot(changes)], dishes);
  return careOf(openMeal({ ...input, kitchen: { ...input.kitchen, ...kitchen } }));
};
const item = (ref: string, more: Partial<Item> = {}): Item => ({
  id: ref,
  ref,
  state: 'in',
  amount: grams(200),
  measure: 'mass',
  ...more,
});

/** Of each caution that hangs on something: what it hangs on, and one place where hands meet it. */
const bites: Readonly<Partial<Record<CautionId, readonly [Partial<Batch>, Dish[]?]>>> = {
  'half cooked': [{ sear: true }],
  'slow cooker': [{ cook: [{ id: 'c', heat: 'slow cooker', setting: 'low', lid: 'on' }] }],
  beans: [{ items: [item('beans-dry')] }],
  'warm starch': [{}, [dishOf('burrito', 12)]],
  marinade: [{ steps: [{ what: 'marinade' }] }],
  'stands out': [{ steps: [{ what: 'stand out' }] }],
  'hot fat': [{ sear: true }],
  griddle: [{}, [dishOf('folded taco', 12)]],
  'smoke in the kitchen': [{ items: [item('chilli-dried', { ways: ['toasted'] })] }],
  chillies: [{ items: [item('chilli-dried')] }],
  'hot purée': [{ items: [item('onion', { fate: 'puréed' })] }],
  'carbon monoxide': [{ cook: [{ id: 's', heat: 'smoker', setting: grams(110), lid: 'off' }] }],
  'on the bone': [{}, [dishOf('on the bone', 4)]],
  'hot bowls': [{}, [dishOf('gratin', 4)]],
  alcohol: [
    { items: [item('wine-red', { amount: grams(750) })] },
    [
      dishOf('pasta', 8, {
        guests: { usual: { text: '6', lo: 6, hi: 6 }, children: { text: '2', lo: 2, hi: 2 } },
      }),
    ],
  ],
};

describe('each caution', () => {
  test.each(cautionIds)('%s stands somewhere, in words, with who says so', (id) => {
    const { sheets = [], tasks = [], cards = [], source } = cautionRows[id];
    expect(sheets.length + tasks.length + cards.length).toBeGreaterThan(0);
    expect(source).toMatch(/from memory|common practice/);
    const [batch = {}, dishes] = bites[id] ?? [];
    const { short, full } = cautionWords(id, facts(batch, dishes));
    expect(short.split(' ').length).toBeLessThanOrEqual(4);
    expect(full).toMatch(/^\p{Lu}.*\.$/u);
  });

  test.each(cautionIds.filter((id) => cautionRows[id].when))(
    '%s stands where it bites, and not elsewhere',
    (id) => {
      const found = bites[id];
      if (!found) throw new Error(`nothing here brings ${id}`);
      const when = cautionRows[id].when;
      expect(when?.(facts(...found))).toBe(true);
      expect(when?.(facts({ items: [item('water')] }, [dishOf('dip', 12)]))).toBe(false);
    },
  );

  test('what guests must not have and the cold never fold', () => {
    const cold: CautionId[] = [
      'hot or cold',
      'cool fast',
      'reheat',
      'half cooked',
      'slow cooker',
      'beans',
      'warm starch',
      'marinade',
    ];
    for (const id of cold) expect(cautionRows[id].folds).toBe(false);
  });
});

test('at the sear: hot fat, smoke, and that it goes on at once; in the blender: half full, vented, a towel', () => {
  expect(cautionsAt({ task: 'sear' }, facts({ sear: true }))).toEqual([
    'half cooked',
    'hot fat',
    'smoke in the kitchen',
  ]);
  const purée = facts({ items: [item('onion', { fate: 'puréed' })] });
  expect(cautionsAt({ task: 'blend' }, purée)).toEqual(['hot purée']);
  expect(cautionWords('hot purée', purée).full).toMatch(/half full.*vented.*towel/);
});

test('dried beans by their name, raw; tinned and soaked ones, peas and lentils not', () => {
  expect(facts({ items: [item('beans-dry')] }).driedBeans).toHaveLength(1);
  expect(facts({ items: [item('beans-tinned')] }).driedBeans).toEqual([]);
  expect(cautionWords('beans', facts({ items: [item('beans-dry')] })).full).toMatch(
    /soak five hours, pour the water away, and boil hard for 30 minutes in fresh water/,
  );
});

test('alcohol is what the ledger carries to the plate: half the wine, half of it; none, none', () => {
  const dishes = [dishOf('pasta', 10)];
  const wine = (g: number) =>
    facts(
      {
        items: [item('stock-low-salt', { amount: grams(2250 - g) }), item('wine-red', { amount: grams(g) })],
      },
      dishes,
    ).alcohol;
  const [whole, half] = [wine(750), wine(375)];
  // 750 g of red wine hold 80 g; of it 5 % are left after two and a half hours (USDA Table of Nutrient Retention Factors,
  // release 6, from memory), in all the liquid; ten plates get most of that.
  expect(whole?.g).toBeGreaterThan(0.1);
  expect(whole?.g).toBeLessThan((0.05 * 80) / 10);
  expect((half?.g ?? NaN) / (whole?.g ?? NaN)).toBeCloseTo(0.5, 1);
  expect(wine(0.1)).toBeUndefined();
  const words = cautionWords(
    'alcohol',
    facts({ items: [item('wine-red', { amount: grams(750) })] }, dishes),
  ).full;
  expect(words).toMatch(
    /About [\d.]+ g of alcohol is left in one serving of plates of pasta, [\d.]+ %.*1\.2 % by volume.*0\.5 %/,
  );
});

test('paper tells all that bites in its day, whole, and defers to the local code', () => {
  const care = facts({ sear: true });
  const text = cautionsOnPaper(cautionsOf(['sear', 'lift', 'cool fast'], care), care);
  for (const id of ['half cooked', 'hot fat', 'heavy pot', 'cool fast'] as const)
    expect(text).toContain(cautionWords(id, care).full);
  expect(text.endsWith(LOCAL_CODE)).toBe(true);
});

test('whatever the meal, its cautions are told in sentences', () => {
  fc.assert(
    fc.property(anyMeal, (input) => {
      const care = careOf(openMeal(builtMeal(input)));
      for (const id of cautionIds)
        expect(cautionWords(id, care).full).not.toMatch(/undefined|NaN|Infinity|\[object/);
    }),
    { numRuns: runs(300, 20) },
  );
});
