import { expect, test } from '@jest/globals';
import { afterBy, type AfterStep, type DrawnFrom, type StretchState } from '../meal/index.ts';
import { massOf } from '../ledger/index.ts';
import { openMeal } from '../model/index.ts';
import type { AfterStepOf } from '../work/index.ts';
import { batchOf, dishOf, grams, inputOf, lotOf } from '../testing/meals.ts';

const pot = (...steps: readonly AfterStep[]) => batchOf([lotOf('beef-shank', 3000)], { after: [...steps] });
const opened = (batch: ReturnType<typeof pot>) => openMeal(inputOf([batch], [dishOf('taco', 30)]));
const liquidOf = (batch: ReturnType<typeof pot>, id: string) => {
  const found = opened(batch).nominal.batches[0]?.mass.liquid.liquids.find((one) => one.id === id);
  if (!found) throw new Error(id);
  return found;
};
const lifted: readonly AfterStep[] = [{ id: 'lift', what: 'lift' }];
const ladle = (from: DrawnFrom | undefined): AfterStep => ({
  id: 'for-the-shred',
  what: 'set apart',
  as: 'for the shred',
  measure: 'volume',
  amount: { text: '400 ml', lo: 400, hi: 400 },
  ...(from && { from }),
});

test('a ladle from the top takes the fat, one from below leaves it; either is as many ml as were asked for', () => {
  const [top, stirred, below] = (['the top', undefined, 'below'] as const).map((from) =>
    liquidOf(pot(...lifted, ladle(from)), 'for the shred'),
  );
  for (const one of [top, stirred, below]) expect(one?.ml).toBeCloseTo(400, 6);
  expect(top?.pool.fat).toBeGreaterThan(2 * (stirred?.pool.fat ?? NaN));
  expect(below?.pool.fat).toBeLessThan(0.2 * (stirred?.pool.fat ?? NaN));
  // Each share is skimmed by itself.
  const skimmed = pot(...lifted, ladle('the top'), { id: 'skim', what: 'skim', liquid: 'for the shred' });
  expect(liquidOf(skimmed, 'for the shred').pool.fat).toBeLessThan(0.4 * (top?.pool.fat ?? NaN));
  expect(liquidOf(skimmed, 'pot').pool.fat).toBeCloseTo(
    liquidOf(pot(...lifted, ladle('the top')), 'pot').pool.fat,
    6,
  );
});

test('the shred is dressed with the share that is said, half of it with each where two are', () => {
  const dress = (id: string, liquid: string | undefined): AfterStepOf<'dress'> => ({
    id,
    what: 'dress',
    ...(liquid !== undefined && { liquid, share: 0.5 }),
  });
  const heldOf = (batch: ReturnType<typeof pot>, liquid: string | undefined) =>
    opened(batch)
      .nominal.flows.filter((flow) => flow.id === 'servedHeld' && flow.liquid === liquid)
      .reduce((sum, flow) => sum + massOf(flow.amount), 0);
  const all = pot(...lifted, ladle('the top'), { ...dress('all', 'for the shred'), share: 1 });
  expect(heldOf(all, undefined)).toBeCloseTo(0, 6);
  const half = pot(...lifted, ladle('the top'), dress('half', 'for the shred'), {
    ...dress('rest', undefined),
    share: 0.5,
  });
  const [own, pots] = [heldOf(half, 'for the shred'), heldOf(half, undefined)];
  expect(own / (own + pots)).toBeCloseTo(0.5, 1);
});

test('a sauce that is brought in stands beside the pot’s own, and brings its salt', () => {
  const add: AfterStep = {
    id: 'sauce',
    what: 'add',
    ref: 'tomatoes-crushed',
    as: 'tomato sauce',
    amount: grams(600),
    measure: 'mass',
  };
  const batch = pot(...afterBy('broth').filter(({ what }) => what !== 'dress'), add, {
    id: 'dress',
    what: 'dress',
    liquid: 'tomato sauce',
  });
  const sauce = liquidOf(batch, 'tomato sauce');
  expect(sauce.madeG).toBeCloseTo(600, 6);
  expect(sauce.pool.salt).toBeGreaterThan(0);
  expect(sauce.pool.fat).toBeLessThan(5);
});

test('dried beans take up the pot’s liquid, tinned ones none', () => {
  const stretch = (ref: string, cooked: StretchState): AfterStep => ({
    id: 'beans',
    what: 'stretch',
    ref,
    amount: grams(300),
    measure: 'mass',
    cooked,
  });
  const shredOf = (batch: ReturnType<typeof pot>) =>
    opened(batch)
      .nominal.flows.filter(({ id, to }) => (id === 'stretch' || id === 'soakedUp') && to === 'bowl')
      .reduce((sum, flow) => sum + massOf(flow.amount), 0);
  const dry = pot(...lifted, stretch('beans-dry', 'raw'));
  const half = pot(...lifted, stretch('beans-dry', 'half cooked'));
  // SR24 16014 and 16015 by their dry matter: black beans weigh 2.6 times as much when they are boiled.
  expect(shredOf(dry) / 300).toBeGreaterThan(2.4);
  expect(shredOf(dry) / 300).toBeLessThan(2.8);
  expect(shredOf(half)).toBeGreaterThan(300);
  expect(shredOf(half)).toBeLessThan(shredOf(dry));
  expect(shredOf(pot(...lifted, stretch('beans-tinned', 'raw')))).toBeCloseTo(300, 6);
  expect(liquidOf(dry, 'pot').ml).toBeLessThan(liquidOf(pot(...lifted), 'pot').ml - 400);
});
