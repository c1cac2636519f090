import { expect, test } from '@jest/globals';
import { massOf } from '../ledger/index.ts';
import { openMeal } from '../model/index.ts';
import { batchOf, dishOf, inputOf, lotOf } from '../testing/meals.ts';

const shank = batchOf([lotOf('beef-short-ribs', 3000)], { goes: { strained: 'plates' } });
const dips = dishOf('folded taco', 30);
const bowls = dishOf('pasta', 10);
const flowsOf = (input: ReturnType<typeof inputOf>) => openMeal(input).nominal.flows;
const sum = (flows: ReturnType<typeof flowsOf>, id: string, dish?: string) =>
  flows.reduce((g, one) => g + (one.id === id && (!dish || one.dish === dish) ? massOf(one.amount) : 0), 0);

test('the jar gives to the griddle what is wanted of it, the rest is kept; short, all of it is fried in', () => {
  const jar = (flows: ReturnType<typeof flowsOf>) => sum(flows, 'skim') + sum(flows, 'skimOnWay');
  const few = flowsOf(inputOf([shank], [dishOf('folded taco', 2), bowls]));
  expect(jar(few)).toBeGreaterThan(100);
  // 7 g a taco: common practice, no source.
  expect(sum(few, 'fried', 'dish-folded taco')).toBeCloseTo(2 * 7, 9);
  expect(sum(few, 'fried', 'dish-pasta')).toBe(0);
  expect(sum(few, 'keptFat')).toBeCloseTo(jar(few) - 2 * 7, 9);
  const many = flowsOf(inputOf([shank], [dishOf('folded taco', 400)]));
  expect(sum(many, 'fried')).toBeCloseTo(jar(many), 9);
  expect(sum(many, 'keptFat')).toBeCloseTo(0, 9);
});

test('what is strained out is on every plate alike where it is served whole, else it is thrown out', () => {
  const served = flowsOf(inputOf([shank], [dips, bowls]));
  expect(sum(served, 'side', 'dish-folded taco')).toBeCloseTo(3 * sum(served, 'side', 'dish-pasta'), 9);
  expect(sum(served, 'side')).toBeCloseTo(sum(served, 'strained'), 9);
  const thrown = flowsOf(inputOf([{ ...shank, goes: {} }], [dips, bowls]));
  expect(sum(thrown, 'side')).toBe(0);
  expect(sum(thrown, 'strainedOff')).toBeCloseTo(sum(thrown, 'strained'), 9);
});

test('plates that are meant for other places go there, in their order, and the rest to the table', () => {
  const input = inputOf([shank], [dips]);
  const parcels = [
    { id: 'hall', place: 'the hall', dishes: [{ dish: 'dish-folded taco', count: 12 }] },
    { id: 'mill', place: 'the mill', dishes: [{ dish: 'dish-folded taco', count: 300 }] },
  ];
  const { nominal } = openMeal({ ...input, meal: { ...input.meal, parcels } });
  const filled = nominal.served.filled[0] ?? 0;
  expect(filled).toBeGreaterThan(12);
  const to = (parcel: string) =>
    nominal.flows.reduce((g, one) => g + (one.parcel === parcel ? massOf(one.amount) : 0), 0);
  const all = to('hall') + to('mill') + sum(nominal.flows, 'onTable');
  expect(to('hall') / all).toBeCloseTo(12 / filled, 9);
  expect(sum(nominal.flows, 'onTable')).toBe(0);
  expect(all).toBeCloseTo(
    ['servedMeat', 'servedHeld', 'servedSalt', 'servedLiquid', 'side', 'fried'].reduce(
      (g, id) => g + sum(nominal.flows, id),
      0,
    ),
    9,
  );
});
