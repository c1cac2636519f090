import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { preps } from '../../meal/choices.ts';
import { amountOf, components, massOf, plus, times } from '../../ledger/index.ts';
import { reference } from '@/reference/index.ts';
import { prepare } from './prep.ts';

const per = (id: string) => {
  const found = reference.ingredients.find((one) => one.id === id);
  if (!found) throw new Error(id);
  return amountOf(found.per);
};

const tap = (water: number) => amountOf({ water });

test('bought and tap water are what is thrown away, what boils off and what goes in; nothing is negative', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...reference.ingredients),
      fc.option(fc.constantFrom(...preps), { nil: undefined }),
      fc.double({ min: 0, max: 3000, noNaN: true }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      fc.option(fc.double({ min: 0, max: 4000, noNaN: true }), { nil: undefined }),
      fc.boolean(),
      (ingredient, prep, grams, goesIn, boiledTo, juiceIn) => {
        const item = { ...(prep && { prep }), juiceIn, soak: { water: { text: '' }, goesIn } };
        const all = prepare(item, ingredient, amountOf(ingredient.per), grams, tap(300 * goesIn), boiledTo);
        const left = plus(plus(plus(plus(all.bought, all.tap), all.thrown, -1), all.air, -1), all.goesIn, -1);
        for (const part of components) {
          expect(Math.abs(left[part])).toBeLessThan(1e-8);
          for (const flow of Object.values(all))
            expect((flow as typeof left)[part]).toBeGreaterThanOrEqual(0);
        }
      },
    ),
  );
});

describe('what is done beside the pot', () => {
  test('soaked in stock or wine, what is left of that goes in as what it is, or stays out', () => {
    const wine = times(per('wine-red'), 400);
    const soak = (goesIn: number) =>
      prepare({ soak: { water: { text: '' }, goesIn } }, {}, per('chilli-dried'), 50, wine, undefined);
    expect(soak(1).goesIn.alcohol).toBeCloseTo(wine.alcohol, 9);
    expect(soak(0).thrown.alcohol).toBeCloseTo(wine.alcohol * (1 - 80 / massOf(wine)), 9);
    expect(soak(0).thrown.alcohol + soak(0).goesIn.alcohol).toBeCloseTo(wine.alcohol, 9);
  });

  test('a peeled onion is nine tenths of one, and juice kept in is not lost', () => {
    expect(
      massOf(
        prepare({ prep: 'peeled' }, { off: { peeled: 0.1 } }, per('onion'), 1000, tap(0), undefined).goesIn,
      ),
    ).toBeCloseTo(900, 6);
    const tin = (juiceIn: boolean) =>
      prepare(
        { prep: 'drained', juiceIn },
        { off: { drained: 0.4 } },
        per('tomatoes-canned'),
        800,
        tap(0),
        undefined,
      );
    expect(massOf(tin(false).thrown)).toBeCloseTo(320, 6);
    expect(massOf(tin(true).goesIn)).toBeCloseTo(800, 6);
    // What runs off is thinner than what stays.
    const thin = (of: ReturnType<typeof tin>['thrown']) => of.other / massOf(of);
    expect(thin(tin(false).thrown)).toBeLessThan(thin(tin(false).goesIn));
  });

  test('wine boiled down to a third has lost its alcohol and kept its solids; until it is gone, only solids are left', () => {
    const wine = prepare({}, {}, per('wine-red'), 600, tap(0), 200);
    expect(massOf(wine.goesIn)).toBeCloseTo(200, 4);
    expect(wine.goesIn.alcohol).toBeLessThan(0.01 * wine.bought.alcohol);
    expect(wine.goesIn.other).toBeCloseTo(wine.bought.other, 9);
    // By a fifth, some of it is still there.
    expect(prepare({}, {}, per('wine-red'), 600, tap(0), 480).goesIn.alcohol).toBeGreaterThan(
      0.05 * wine.bought.alcohol,
    );
    expect(prepare({}, {}, per('wine-red'), 600, tap(0), 1).goesIn.water).toBeCloseTo(0, 6);
  });

  test('soaked chillies take up water, and their bitter water stays out if it is told to', () => {
    const soak = (goesIn: number) =>
      prepare({ soak: { water: { text: '' }, goesIn } }, {}, per('chilli-dried'), 50, tap(400), undefined);
    expect(massOf(soak(1).goesIn)).toBeCloseTo(450, 6);
    expect(massOf(soak(0).goesIn)).toBeCloseTo(50 + 80 - 0.1 * soak(0).bought.other, 6);
    expect(massOf(soak(0.5).goesIn)).toBeGreaterThan(massOf(soak(0).goesIn));
  });
});
