import { expect, test } from '@jest/globals';
import { openMeal } from '../model/index.ts';
import { unfinite } from '../testing/finite.ts';
import { batchOf, dishOf, grams, inputOf, lotOf } from '../testing/meals.ts';
import { problemWords } from '@/words/index.ts';
import { reckon } from './reckon.ts';

/** A pot with a salty thing in it, for a cook who wants so much salt in its liquid. */
const salty = (liquid: number | undefined) => {
  const batch = batchOf([lotOf('beef-shank', 2000)], {
    items: [{ id: 'salty', ref: 'soy-sauce', state: 'in', amount: grams(400) }],
    ...(liquid !== undefined && { strength: { liquid, meat: 0.011 } }),
  });
  const opened = openMeal(inputOf([batch], [dishOf('soup', 4)]));
  return reckon(opened);
};
const said = ({ problems }: ReturnType<typeof reckon>) =>
  problems.find(({ says }) => says.what === 'salt: brought in');

test('a liquid too salty by what goes in is thinned with so much water as was tried', () => {
  const found = said(salty(0.008));
  expect(found?.says).toMatchObject({ what: 'salt: brought in' });
  expect(found && problemWords(found)).toMatch(/or thin it with [\d.]+ l of water\.$/);
});

test('where no salt at all is wanted no water is enough: that is said, and everything else is reckoned', () => {
  for (const none of [0, 1e-300, 1e-9]) {
    const reckoned = salty(none);
    expect(unfinite(reckoned)).toBeUndefined();
    const found = said(reckoned);
    expect(found && problemWords(found)).toMatch(/use unsalted stock; water alone does not help it\.$/);
  }
});
