import { expect, test } from '@jest/globals';
import type { Entry } from '../meal/index.ts';
import { openMeal } from '../model/index.ts';
import { batchOf, dishOf, inputOf, lotOf, weighedEntry } from '../testing/meals.ts';
import { reckon } from './reckon.ts';

const shank = lotOf('beef-shank', 3000, { bone: 'in', pieces: { count: 6 } });
const weigh = (flow: 'cooked' | 'bone' | 'shred' | 'pickings' | 'eaten', g: number, at = 1) =>
  weighedEntry({ what: 'sum', flow }, g, at);
function causes(entries: readonly Entry[], tareG?: number) {
  const input = inputOf([batchOf([shank])], [dishOf('taco', 10)], [...entries]);
  const vessels = input.kitchen.vessels.map((vessel, i) =>
    i === 0 && tareG !== undefined ? { ...vessel, tareG } : vessel,
  );
  const kitchen = { ...input.kitchen, vessels };
  const { unaccounted } = reckon(openMeal({ ...input, kitchen }));
  return unaccounted.map((one) => ({ ...one, whats: one.causes.map(({ what }) => what) }));
}

test('a bowl that weighs as much as what is missing is the first thing to look at', () => {
  const entries = [weigh('cooked', 1900), weigh('bone', 600), weigh('pickings', 100), weigh('shred', 500)];
  const [plain] = causes(entries);
  expect(plain?.flow.id).toBe('missing');
  expect(plain?.whats).not.toContain('bowl');
  const [tared] = causes(entries, plain?.grams);
  expect(tared?.causes[0]).toMatchObject({ what: 'bowl', grams: plain?.grams });
});

test('what nobody has said is behind it: pickings not weighed, something eaten; what was said is not', () => {
  const lost = [weigh('cooked', 1900), weigh('bone', 600), weigh('shred', 500)];
  const [open] = causes(lost);
  expect(open?.whats).toEqual(
    expect.arrayContaining(['picked and not weighed', 'eaten or dropped', 'left in the pot']),
  );
  expect(open?.whats).toContain('bones still in');
  const [said] = causes([...lost, weigh('pickings', 80), weigh('eaten', 20)]);
  expect(said?.whats).not.toContain('picked and not weighed');
  expect(said?.whats).not.toContain('eaten or dropped');
});

test('more than there was: its bones or its sauce were weighed with it', () => {
  const found = causes([weigh('cooked', 1500), weigh('shred', 2400)]).find(({ flow }) => flow.id === 'found');
  expect(found?.whats).toEqual(expect.arrayContaining(['bones weighed with it', 'weighed with its sauce']));
});
