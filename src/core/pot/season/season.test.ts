import { openMeal } from '../../model/index.ts';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import type { Item } from '../../meal/schema.ts';
import { massOf, nothing, type FlowId } from '../../ledger/index.ts';
import { reckon } from '../../reckoning/reckon.ts';
import { type Changes, batchOf, dishOf, grams, inputOf, lotOf, weighedEntry } from '../../testing/meals.ts';
import { problemWords } from '@/words/index.ts';

const late = { phase: 0, minutes: 150 };
const water = (id: string, g: number, changes: Partial<Item> = {}): Item => ({
  id,
  ref: 'water',
  amount: grams(g),
  state: 'in',
  ...changes,
});
const pot = (changes: Changes, entries: Parameters<typeof inputOf>[2] = []) =>
  reckon(
    openMeal(
      inputOf(
        [batchOf([lotOf('beef-brisket', 2000)], { sear: false, ...changes })],
        [dishOf('taco', 20)],
        entries,
      ),
    ),
  );
const saltOf = (changes: Changes) => {
  const salt = pot(changes).batches[0]?.salt;
  if (!salt) throw new Error('no salt');
  return salt;
};

describe('three figures of salt', () => {
  test('unsalted, the plan ends at the strength that is wanted, reduced or not', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 300, max: 1500, noNaN: true }),
        fc.double({ min: 0.004, max: 0.015, noNaN: true }),
        (ml, liquid) => {
          for (const changes of [{}, { reduceTo: grams(ml) }])
            expect(Math.abs(saltOf({ strength: { liquid }, ...changes }).finished / liquid - 1)).toBeLessThan(
              0.005,
            );
        },
      ),
      { numRuns: runs(100) },
    );
  });

  test('boiling down to half wants less salt now', () => {
    expect(saltOf({ reduceTo: grams(500) }).nowG).toBeLessThan(0.8 * saltOf({}).nowG);
  });

  test('what is poured late does not count yet: the smallest volume decides', () => {
    const together = saltOf({ items: [water('a', 1000), water('b', 1500)] });
    const apart = saltOf({ items: [water('a', 1000), water('b', 1500, { at: late })] });
    expect(apart.nowG).toBeLessThan(0.75 * together.nowG);
    expect(apart.finished).toBeLessThan(together.finished);
  });

  test('meat from a broth to drink still wants salt, and the dressed meat then holds what is wanted', () => {
    const { ledger, batches } = pot({});
    const salt = batches[0]?.salt;
    expect(salt?.atDressingG).toBeGreaterThan(3);
    const plated = ledger.filter(({ from }) => from === 'dressed');
    const all = plated.reduce((sum, flow) => sum + massOf(flow.now), 0);
    const inIt = plated.reduce((sum, flow) => sum + flow.now.salt, 0);
    expect(inIt / all).toBeCloseTo(salt?.meatTarget ?? NaN, 6);
  });

  test('a plan that ends too salty says by how much to salt less, and that much less is right', () => {
    const { problems } = pot({ salt: grams(30) });
    const words = problems.map(problemWords)[0] ?? '';
    expect(words).toMatch(/^The broth would end at \d\.\d %, too salty to drink: salt \d+ g less now\.$/);
    const less = Number(/salt (\d+) g less/.exec(words)?.[1]);
    expect(saltOf({ salt: grams(30 - less) }).finished).toBeCloseTo(0.008, 3);
  });

  test('above 3 % is refused with the text that did it', () => {
    const { problems } = pot({ salt: { text: 'a cup', lo: 236, hi: 236 }, saltIn: 'volume' });
    expect(problems.map(problemWords)[0]).toMatch(
      /^“a cup” of salt would make the broth \d+\.\d %, too salty to eat \(3\.0 % at most\)/,
    );
  });

  test('soy alone can be too much: it says what to pour, and with that it is not', () => {
    const items = (more: Item[]): Item[] => [
      water('a', 1200),
      { id: 's', ref: 'soy-sauce', amount: grams(400), state: 'in' },
      ...more,
    ];
    const words = pot({ items: items([]) }).problems.map(problemWords)[0] ?? '';
    expect(words).toMatch(/by itself.*use unsalted stock, or thin it with \d\.\d l of water/);
    const litres = Number(/with (\d\.\d) l/.exec(words)?.[1]);
    expect(saltOf({ items: items([water('b', 1000 * litres)]) }).finished).toBeLessThan(0.0107);
  });

  test('by the spoon it weighs what the salt by the stove weighs', () => {
    const spoon = { text: '1 tbsp', lo: 14.7868, hi: 14.7868 };
    expect(saltOf({ salt: spoon, saltIn: 'volume' }).nowG).toBeCloseTo(18, 2);
  });
});

describe('marinade', () => {
  const items = [water('stock', 800), { ...water('wine', 500), ref: 'wine-red', marinade: true as const }];
  const flowsOf = (changes: Changes, entries: Parameters<typeof inputOf>[2] = []) => {
    const { ledger } = pot({ items, ...changes }, entries);
    const sum = (...ids: readonly FlowId[]) =>
      ledger.filter((flow) => ids.some((id) => id === flow.id)).reduce((g, flow) => g + massOf(flow.now), 0);
    return {
      takenUp: sum('takenUp'),
      givenBack: sum('givenBack'),
      thrown: sum('thrownAway'),
      poured: sum('pour', 'preparedPour'),
    };
  };

  test('boiled it all goes in; thrown away, only what the meat took up does', () => {
    const boiled = flowsOf({ marinade: { rest: 'in the pot', takenUp: 0.02 } });
    expect(boiled).toEqual({
      takenUp: expect.closeTo(40, 6),
      givenBack: expect.closeTo(40, 6),
      thrown: 0,
      poured: expect.closeTo(1260, 6),
    });
    const thrown = flowsOf({ marinade: { rest: 'thrown away', takenUp: 0.02 } });
    expect([thrown.thrown, thrown.poured]).toEqual([expect.closeTo(460, 6), expect.closeTo(800, 6)]);
  });

  test('weighed again after it, the meat says what it took up', () => {
    const found = flowsOf({}, [weighedEntry({ what: 'sum', flow: 'marinated' }, 2090)]);
    expect(found.takenUp).toBeCloseTo(90, 6);
  });
});

test('pepper and rub follow the meat, and the salt of a rub is counted', () => {
  const items: Item[] = [
    { id: 'p', ref: 'pepper-black', state: 'in' },
    { id: 'r', ref: 'rub-salted', state: 'in' },
  ];
  const { batches } = pot({ items });
  expect(batches[0]?.pot?.items.map(({ grams: g }) => g)).toEqual([6, 40]);
  // USDA SR24 02009: 1640 mg of sodium in 100 g.
  expect(batches[0]?.salt?.itemsG).toBeCloseTo(0.4 * 1.64 * (58.443 / 22.99), 1);
});

test('fat of the pan goes into the pot, the jar or the bin, to the gram', () => {
  const fat = (then: 'in the pot' | 'kept' | 'poured off') => {
    const { ledger } = pot({ sear: true, panFat: { amount: grams(50), then } });
    return ledger.filter(({ from }) => from === 'pan').map(({ to, now }) => [to, massOf(now)]);
  };
  expect(fat('in the pot')).toEqual([['liquid', 50]]);
  expect(fat('kept')).toEqual([['fat jar', 50]]);
  expect(fat('poured off')).toEqual([['bin', 50]]);
});

test('fat and scum taken off on the way are missing from the skim', () => {
  const skimOf = (changes: Changes, id: FlowId) => pot(changes).ledger.find((flow) => flow.id === id)?.now;
  const { ledger } = pot({ skimOnWay: { fat: grams(20), scum: grams(20) } });
  const of = (id: FlowId) => ledger.find((flow) => flow.id === id)?.now;
  expect(of('skimOnWay')?.fat).toBeCloseTo(20, 6);
  expect(massOf(of('scum') ?? nothing)).toBeCloseTo(20, 6);
  const floating = (skimOf({}, 'skim')?.fat ?? NaN) / 0.75;
  expect(of('skim')?.fat).toBeCloseTo(0.75 * (floating - 20), 6);
});
