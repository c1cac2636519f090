import { describe, expect, test } from '@jest/globals';
import { openMeal } from '../model/index.ts';
import { reckon } from '../reckoning/reckon.ts';
import { shoppingList } from '../answers/light/shoppingList.ts';
import { batchOf, dishOf, inputOf, lotOf } from '../testing/meals.ts';
import { problemWords } from '@/words/index.ts';

const cheese = {
  id: 'c',
  name: 'cheese',
  each: { text: '20 g', lo: 20, hi: 20 },
  measure: 'mass' as const,
  holds: ['milk' as const],
};
const input = (avoid: ('gluten' | 'milk')[]) => {
  const made = inputOf([batchOf([lotOf('beef-shank', 3000)])], [dishOf('roll', 30, { besides: [cheese] })]);
  return { ...made, meal: { ...made.meal, avoid } };
};

describe('what goes on a dish besides', () => {
  test('is counted on the list', () => {
    const list = shoppingList([openMeal(input([]))]);
    expect(list.find(({ name }) => name === 'cheese')).toMatchObject({ amount: 600, measure: 'mass' });
  });

  test('rolls warn of gluten, and what lies on them of what it holds', () => {
    const said = (avoid: ('gluten' | 'milk')[]) =>
      reckon(openMeal(input(avoid)))
        .problems.map(problemWords)
        .join(' ');
    expect(said(['gluten'])).toMatch(/come with rolls \(gluten\), which a guest must not have/);
    expect(said(['milk'])).toMatch(/come with cheese \(milk\)/);
    expect(said([])).not.toMatch(/guest/);
  });
});
