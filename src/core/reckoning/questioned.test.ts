import { describe, expect, test } from '@jest/globals';
import { askWords, questionedWords } from '@/words/index.ts';
import type { Entry } from '../meal/index.ts';
import { openMeal } from '../model/index.ts';
import { batchOf, dishOf, inputOf, lotOf, weighedEntry } from '../testing/meals.ts';
import { reckon } from './reckon.ts';

const ribs = lotOf('beef-short-ribs', 3000, { id: 'a' });
const mealOf = (entries: readonly Entry[]) => inputOf([batchOf([ribs])], [dishOf('taco', 10)], [...entries]);
const { meat } = reckon(openMeal(mealOf([]))).batches[0] ?? ({} as never);
const [shredG, boneG] = [meat.shredG.mid, meat.boneOutG.mid];
const asked = (...entries: Entry[]) => reckon(openMeal(mealOf(entries))).questioned;
const shred = (g: number) => weighedEntry({ what: 'sum', flow: 'shred' }, g);

describe('a weighing that can hardly be right is asked about, and stands', () => {
  test.each([
    ['the bone left in', shredG + boneG, 'bone in'],
    ['read in pounds', 2.2 * shredG, 'pounds'],
    ['the raw weight in pounds', shredG / 2.2, 'raw in pounds'],
    ['half of it', 0.48 * shredG, 'all of it'],
  ])('%s', (_, g, what) => {
    const [one] = asked(shred(g));
    expect(one?.grams).toBeCloseTo(g, 6);
    expect(one?.asks.map((ask) => ask.what)).toContain(what);
    expect(one?.likely.mid).toBeCloseTo(shredG, -2);
    // It is said in whole sentences, with what it would be.
    const mass = (x: number) => `${Math.round(x)} g`;
    const said = one ? questionedWords(one, mass) : '';
    expect(said).toMatch(/^\d+ g for the shred, where \d+ g to \d+ g was likely\.$/);
    for (const ask of one?.asks ?? []) expect(askWords(ask, mass)).toMatch(/\?( .+\.)?$/);
    const reckoned = reckon(openMeal(mealOf([shred(g)])));
    expect(reckoned.batches[0]?.meat.shredG.mid).toBeCloseTo(g, 0);
  });

  test('what a kitchen can well get is not asked about, nor is what was eaten at the bench', () => {
    for (const by of [0.8, 0.9, 1, 1.1, 1.2]) expect(asked(shred(by * shredG))).toEqual([]);
    const cooked = weighedEntry({ what: 'sum', flow: 'cooked' }, meat.onBenchG.mid, 1);
    expect(asked(cooked, shred(shredG - 40))).toEqual([]);
  });

  test('beside what else was weighed a smaller slip is seen, and only the one that is furthest off', () => {
    const rest = [
      weighedEntry({ what: 'sum', flow: 'cooked' }, meat.onBenchG.mid, 1),
      weighedEntry({ what: 'sum', flow: 'pickings' }, meat.pickingsG.mid, 2),
    ];
    const slip = 0.78 * shredG;
    expect(asked(shred(slip))).toEqual([]);
    const found = asked(...rest, shred(slip));
    expect(found).toHaveLength(1);
  });
});
