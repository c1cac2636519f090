import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import { mustClose } from '../ledger/balance.ts';
import { amountOf, emptyPool, flow, massOf, setLess, setPlus, type Flow } from '../ledger/index.ts';
import { item } from '../testing/liquids.ts';
import { cookLiquid } from './cookLiquid.ts';
import { liquidFlows } from './flows.ts';
import {
  emptyLiquidMass,
  mainOf,
  mlOf,
  noLiquidWeighed,
  noSteam,
  nominalLiquid,
  sumsOf,
  type FromMeat,
  type LiquidPlan,
} from './liquid.ts';
import { MAIN, type LiquidStep } from '../work/index.ts';

const items = [
  item('stock', 'liquid', 2000, { water: 0.98, salt: 0.01, fat: 0.01 }),
  item('onion', 'solid', 500, { water: 0.9, other: 0.1 }),
  item('bay', 'solid', 20, { water: 0.5, other: 0.5 }, 'comes out'),
];
const meat: FromMeat = { juiceWater: 600, juiceAsh: 5, protein: 5, fat: 200, meatWater: 800, inPot: 1500 };

function run(steps: readonly LiquidStep[], weighed: Partial<LiquidPlan['weighed']> = {}) {
  const plan: LiquidPlan = {
    items,
    ...sumsOf(items),
    panFatG: 0,
    saltG: 30,
    saltSpread: 0,
    saltWantedG: 30,
    steamFixed: 300,
    steamOpen: noSteam,
    minutesFixed: 180,
    minutesOpen: 0,
    steps,
    weighed: { ...noLiquidWeighed(), ...weighed },
  };
  const out = emptyLiquidMass(steps);
  cookLiquid(plan, meat, nominalLiquid, out);
  return { plan, out };
}

/** The flows of the liquids with what the meat gives to them, down to jugs that are poured away. */
function flowsOf({ plan, out }: ReturnType<typeof run>): Flow[] {
  const { flows } = liquidFlows(plan, out, 'pot', []);
  const salt = out.saltOfMeatWater * meat.meatWater;
  const { juiceWater, juiceAsh, protein, fat } = meat;
  const given = amountOf({ water: juiceWater + salt, ash: juiceAsh, protein });
  const shop = { batch: 'pot', from: 'shop', stage: 'meat', to: 'liquid' } as const;
  return [
    ...flows,
    { ...shop, id: 'juice', amount: given },
    { ...shop, id: 'renderedFat', amount: amountOf({ fat }) },
    { ...shop, id: 'saltTakenUp', from: 'liquid', to: 'shelf', amount: amountOf({ salt }) },
    ...flows.flatMap(({ to, amount, liquid }) => {
      const id = to === 'jug' ? 'keptLiquid' : 'keptFat';
      return to === 'jug' || to === 'fat jar' ? [flow(id, { batch: 'pot', liquid }, amount)] : [];
    }),
    // What of the strained did not go back.
    flow(
      'strainedOff',
      { batch: 'pot' },
      flows.reduce((sum, { from, to, amount }) => {
        if (to === 'strainer') setPlus(sum, sum, amount, 1);
        else if (from === 'strainer') setLess(sum, sum, amount);
        return sum;
      }, emptyPool()),
    ),
  ];
}

const LIQUIDS = [MAIN, 'dip', 'purée'] as const;
const on = fc.constantFrom(...LIQUIDS);
const share = fc.double({ min: 0, max: 1, noNaN: true });
const anyStep: fc.Arbitrary<LiquidStep> = fc
  .tuple(
    fc.uuid(),
    on,
    on,
    share,
    fc.double({ min: 0, max: 3000, noNaN: true }),
    fc.constantFrom(
      'skim on the way',
      'scum',
      'lift',
      'take out',
      'strain',
      'skim',
      'boil down',
      'set apart',
      'put back',
      'mash',
      'vegetables back',
      'thicken',
      'add',
      'salt',
    ),
    fc.constantFrom('the top' as const, 'stirred' as const, 'below' as const),
  )
  .map(([id, of, other, part, amount, what, where]): LiquidStep => {
    switch (what) {
      case 'skim on the way':
        return { id, of, what, fatG: part > 0.5 ? amount / 20 : undefined };
      case 'scum':
        return { id, of, what, grams: amount / 50 };
      case 'skim':
        return { id, of, what, share: part };
      case 'boil down':
        return { id, of, what, toMl: amount };
      case 'set apart':
        return {
          id,
          of,
          what,
          as: other,
          share: part,
          ml: amount > 1500 ? amount / 4 : undefined,
          from: where,
        };
      case 'thicken':
      case 'add':
      case 'salt':
        return { id, of, what, amount: amountOf({ water: amount, other: part, salt: part }), thickG: part };
      case 'put back':
        return { id, of, what, into: other };
      default:
        return { id, of, what };
    }
  });
/** The meat is lifted once, out of the pot. */
const anySteps = fc
  .array(anyStep, { maxLength: 12 })
  .map((steps): readonly LiquidStep[] => [
    { id: 'apart', of: MAIN, what: 'set apart', as: 'dip', share: 0.2, ml: undefined, from: 'the top' },
    { id: 'also', of: MAIN, what: 'set apart', as: 'purée', share: 0.1, ml: undefined, from: 'below' },
    { id: 'lift', of: MAIN, what: 'lift' },
    ...steps.filter(({ what }) => what !== 'lift'),
  ]);

test('in any order, repeated, on any liquid: every node closes to 1e-9 and no flow is negative', () => {
  const grams = fc.oneof(fc.constant(NaN), fc.double({ min: 0, max: 4000, noNaN: true }));
  fc.assert(
    fc.property(anySteps, fc.record({ strained: grams, skim: grams, liquid: grams }), (steps, weighed) => {
      mustClose(flowsOf(run(steps, weighed)));
    }),
    { numRuns: runs(500) },
  );
});

test('a mild part that is ladled into a boiled-down pot takes its own salt there, and brings none of the pot’s back', () => {
  const apart = {
    id: 'apart',
    of: MAIN,
    what: 'set apart',
    as: 'dip',
    share: 0.2,
    ml: undefined,
    from: 'the top',
  } as const;
  const before = run([apart]).out.liquids.find(({ id }) => id === 'dip');
  const after = run([
    apart,
    { id: 'down', of: MAIN, what: 'boil down', toMl: 100 },
    { id: 'back', of: 'dip', what: 'set apart', as: MAIN, share: 0.3, ml: undefined, from: 'the top' },
  ]).out.liquids.find(({ id }) => id === 'dip');
  const strength = (liquid = before) => (liquid?.pool.salt ?? NaN) / (liquid?.pool.water ?? NaN);
  expect(strength(after)).toBeCloseTo(strength(), 12);
  expect(after?.pool.salt ?? NaN).toBeLessThan(before?.pool.salt ?? NaN);
});

describe('a part of the liquid of its own', () => {
  const lift = { id: 'lift', of: MAIN, what: 'lift' } as const;
  const strain = { id: 'strain', of: MAIN, what: 'strain' } as const;
  const apart = {
    id: 'apart',
    of: MAIN,
    what: 'set apart',
    as: 'dip',
    share: 0.25,
    ml: undefined,
    from: 'stirred',
  } as const;
  const down = { id: 'down', of: 'dip', what: 'boil down', toMl: 300 } as const;

  test('boiled down by itself it is as much as was asked, and the rest is as it was', () => {
    const { out } = run([lift, strain, apart, down]);
    const whole = run([lift, strain]).out;
    expect(out.liquids.find(({ id }) => id === 'dip')?.ml).toBeCloseTo(300, 6);
    expect(mainOf(out).ml).toBeCloseTo(0.75 * mainOf(whole).ml, 6);
    expect(mlOf(out)).toBeCloseTo(300 + mainOf(out).ml, 9);
  });

  test('put back it is all one again, and boiling two parts down takes two lots of steam', () => {
    const back = { id: 'back', of: 'dip', what: 'put back', into: MAIN } as const;
    const { out } = run([lift, strain, apart, back]);
    expect(mlOf(out)).toBeCloseTo(mlOf(run([lift, strain]).out), 6);
    const again = { ...down, id: 'again', toMl: 200 };
    const twice = run([lift, strain, apart, down, again]);
    const reductions = flowsOf(twice).filter(({ id }) => id === 'reduction');
    expect(reductions.map(({ step }) => step)).toEqual(['down', 'again']);
    expect(massOf(reductions[1]?.amount ?? amountOf({}))).toBeGreaterThan(95);
  });

  test('a sieve takes each liquid’s own solids, and a second time nothing', () => {
    const dip = { ...strain, id: 'strain dip', of: 'dip' };
    const { out } = run([lift, apart, strain, dip, { ...strain, id: 'again' }]);
    const [whole] = run([lift, strain]).out.taken.slice(1);
    const [ofPot, ofDip, again] = out.taken.slice(2);
    expect(massOf(ofPot ?? amountOf({}))).toBeCloseTo(0.75 * massOf(whole ?? amountOf({})), 6);
    expect(massOf(ofDip ?? amountOf({}))).toBeCloseTo(0.25 * massOf(whole ?? amountOf({})), 6);
    expect(massOf(again ?? amountOf({ water: 1 }))).toBe(0);
  });
});
