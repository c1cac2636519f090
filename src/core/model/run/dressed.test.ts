import { describe, expect, test } from '@jest/globals';
import { massOf } from '../../ledger/index.ts';
import { isStrained } from '../../meal/index.ts';
import type { Quantity } from '../../quantity/index.ts';
import { reckon } from '../../reckoning/index.ts';
import { batchOf, dishOf, grams, inputOf, lotOf, weighedEntry } from '../../testing/meals.ts';
import { openMeal } from '../openMeal.ts';

const cups = (n: number): Quantity => ({ text: `${String(n)} cups`, lo: n * 236.588, hi: n * 236.588 });
const plain = batchOf([lotOf('beef-shank', 2000)]);
const dressedWith = (ml: number) => ({
  ...plain,
  after: plain.after.map((step) =>
    step.what === 'dress' ? { ...step, amount: cups(ml), measure: 'volume' as const } : step,
  ),
});

describe('what is tossed through the shred', () => {
  test('is what it holds, on every kind of dish, and comes out of the jug', () => {
    const dishes = [dishOf('taco', 4), dishOf('mash', 4)];
    const before = openMeal(inputOf([plain], dishes));
    const after = openMeal(inputOf([dressedWith(0.75)], dishes));
    const bowl = reckon(after).meal.shredG.mid;
    // 177 ml at 1.01 g/ml, of all the shred.
    for (const { held } of after.plan.tickets) expect(held).toBeCloseTo((0.75 * 236.588 * 1.01) / bowl, 6);
    expect(before.plan.tickets[1]?.held).toBe(0);
    const held = (of: typeof after) =>
      of.nominal.flows.reduce((g, one) => g + (one.id === 'servedHeld' ? massOf(one.amount) : 0), 0);
    expect(held(after)).toBeGreaterThan(held(before));
  });

  test('as soon as the dressed meat was weighed, that counts', () => {
    const shred = weighedEntry({ what: 'sum', flow: 'shred' }, 800, 1);
    const weighed = weighedEntry({ what: 'sum', flow: 'dressed' }, 1000, 2);
    const { plan } = openMeal(inputOf([dressedWith(0.75)], [dishOf('taco', 4)], [shred, weighed]));
    expect(plan.tickets[0]?.held).toBeCloseTo(0.25, 3);
  });
});

test('what a sieve held goes back in: a sauce again, with nothing lost', () => {
  const strained = openMeal(inputOf([plain], [dishOf('taco', 4)]));
  const at = plain.after.findIndex(({ what }) => what === 'strain') + 1;
  const back = {
    ...plain,
    after: plain.after.toSpliced(at, 0, { id: 'back', what: 'vegetables back' as const }),
  };
  const again = openMeal(inputOf([back], [dishOf('taco', 4)]));
  const g = ({ nominal }: typeof again, id: string) =>
    nominal.flows.reduce((sum, one) => sum + (one.id === id ? massOf(one.amount) : 0), 0);
  expect([isStrained(plain), isStrained(back)]).toEqual([true, false]);
  expect(g(again, 'vegetablesBack')).toBeCloseTo(g(strained, 'strained'), 6);
  expect(g(again, 'strainedOff')).toBe(0);
  expect(g(again, 'liquid')).toBeGreaterThan(g(strained, 'liquid') + 0.9 * g(strained, 'strained'));
});

test('a sauce that is tossed through the meat alone is not too salty for a broth', () => {
  const salty = (toss: boolean) => {
    const batch = {
      ...plain,
      after: [
        ...plain.after.filter(({ what }) => what !== 'dress'),
        {
          id: 'in',
          what: 'add' as const,
          ref: 'soy-sauce',
          as: 'glaze',
          amount: grams(200),
          measure: 'mass' as const,
        },
        { id: 'dress', what: 'dress' as const, ...(toss && { liquid: 'glaze' }) },
      ],
    };
    const [pot] = reckon(openMeal(inputOf([batch], [dishOf('taco', 4)]))).batches;
    return pot?.liquids.find(({ id }) => id === 'glaze')?.tooSalty;
  };
  expect([salty(false), salty(true)]).toEqual([true, false]);
});
