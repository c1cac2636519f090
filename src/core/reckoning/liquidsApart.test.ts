import { describe, expect, test } from '@jest/globals';
import { shelvedOf } from '../answers/index.ts';
import { mustClose } from '../ledger/balance.ts';
import { massOf } from '../ledger/index.ts';
import { type Entry, withSetApart } from '../meal/index.ts';
import { openMeal } from '../model/index.ts';
import { batchOf, dishOf, inputOf, lotOf, weighedEntry } from '../testing/meals.ts';
import { reckon } from './reckon.ts';

const plain = batchOf([lotOf('beef-shank', 3000)]);
const lift = plain.after.findIndex(({ what }) => what === 'skim');
const apart = {
  ...plain,
  after: plain.after.toSpliced(lift + 1, 0, {
    id: 'apart',
    what: 'set apart',
    as: 'dip',
    amount: { text: '400 ml', lo: 400, hi: 400 },
  } as const),
};
const opened = (entries: Entry[] = []) => openMeal(inputOf([apart], [dishOf('taco', 10)], entries));
const liquid = (of: ReturnType<typeof opened>, id: string) =>
  reckon(of).batches[0]?.liquids.find((one) => one.id === id);

describe('a liquid that was set apart', () => {
  test('has a weighing of its own: what is read of it is it, and the other stays as it was', () => {
    const before = opened();
    const read: Entry = {
      ...{ id: 'jug', at: 1, batch: 'pot', source: 'typed' },
      measures: { what: 'sum', flow: 'liquid', liquid: 'dip' },
      value: { text: '300 ml', lo: 300, hi: 300 },
      measure: 'volume',
      celsius: 20,
    };
    const after = opened([read]);
    expect(liquid(before, 'dip')?.ml.mid).not.toBeCloseTo(300, 0);
    expect(liquid(after, 'dip')?.ml.mid).toBeCloseTo(300, 3);
    expect(liquid(after, 'pot')?.ml.mid).toBeCloseTo(liquid(before, 'pot')?.ml.mid ?? NaN, 6);
    mustClose(after.nominal.flows);
    // What it is more or less than was thought is missing or found, and it alone is weighed.
    const weighed = after.ledger.filter((flow) => flow.id === 'liquid' && flow.weighed);
    expect(weighed.map((flow) => flow.liquid)).toEqual(['dip']);
    // The later reading of each counts, each by itself.
    const both = opened([read, { ...weighedEntry({ what: 'sum', flow: 'liquid' }, 900), id: 'main', at: 2 }]);
    expect(liquid(both, 'dip')?.ml.mid).toBeCloseTo(300, 3);
    expect(liquid(both, 'pot')?.grams).toBeCloseTo(900, 3);
  });

  test('has a box of its own, with its name; together they are what no plate gets', () => {
    const meal = opened();
    const boxes = shelvedOf(meal, 'pot').filter(({ what }) => what === 'broth');
    expect(boxes.map(({ name, liquid: id }) => [name, id])).toEqual([
      ['beef shank broth', undefined],
      ['beef shank dip', 'dip'],
    ]);
    const left = reckon(meal).meal.leftMl?.mid ?? NaN;
    expect(boxes.reduce((sum, { ml = 0 }) => sum + ml, 0) / left).toBeCloseTo(1, 2);
    // By a share-out that leaves half of it, each leaves half.
    const half = shelvedOf(meal, 'pot', { leftBy: [{ batch: 'pot', shredG: 0, liquidMl: left / 2 }] });
    expect(half.filter(({ what }) => what === 'broth').map(({ ml = 0 }) => ml)).toEqual(
      boxes.map(({ ml = 0 }) => expect.closeTo(ml / 2, 0)),
    );
  });

  test('is ladled before the pot’s own, which the shred holds', () => {
    const { nominal } = openMeal(inputOf([apart], [dishOf('roll', 4)]));
    const ml = (id: string, of: string | undefined) =>
      nominal.flows.reduce((g, one) => g + (one.id === id && one.liquid === of ? massOf(one.amount) : 0), 0);
    // Four cups of 75 ml, of the 400 ml that were set apart.
    expect(ml('servedLiquid', 'dip')).toBeCloseTo(4 * 75 * 1.01, -1);
    expect(ml('servedLiquid', undefined)).toBe(0);
    expect(ml('servedHeld', 'dip')).toBe(0);
    expect(ml('servedHeld', undefined)).toBeGreaterThan(0);
  });

  test('for one dish is ladled to that dish; the other is ladled of the pot, and of it only what is over', () => {
    const dishes = [dishOf('roll', 8), dishOf('pasta', 6)];
    const ml = (dipMl: number) => {
      const batch = withSetApart(plain, 'apart', 'dip', dipMl, 'dish-roll');
      const { nominal } = openMeal(inputOf([batch], dishes));
      const per = nominal.batches[0]?.mass.liquid.liquids.map((one) => one.ml / one.grams) ?? [];
      return (dish: string, of: string | undefined) =>
        nominal.flows.reduce(
          (sum, one) =>
            one.id === 'servedLiquid' && one.dish === dish && one.liquid === of
              ? sum + massOf(one.amount) * (per[of === undefined ? 0 : 1] ?? NaN)
              : sum,
          0,
        );
    };
    // Eight cups of 75 ml, and six plates of 115 ml.
    const enough = ml(600);
    expect(enough('dish-roll', 'dip')).toBeCloseTo(600, 3);
    expect(enough('dish-roll', undefined)).toBeCloseTo(0, 6);
    expect(enough('dish-pasta', 'dip')).toBeLessThan(enough('dish-pasta', undefined));
    const short = ml(200);
    expect(short('dish-roll', 'dip')).toBeCloseTo(200, 3);
    expect(short('dish-roll', undefined)).toBeGreaterThan(100);
    expect(short('dish-pasta', 'dip')).toBe(0);
  });
});
