import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import { reference } from '@/reference/index.ts';
import { type Amount, amountOf, batchReadings, lotReadings, massOf, plus } from '../ledger/index.ts';
import { anyAfter } from '../testing/anyAfter.ts';
import type { Ingredient } from './kind.ts';
import {
  type AfterStepOf,
  afterWhats,
  broughtIn,
  emptyLiquid,
  flowOfStep,
  type AfterStep,
  isStep,
  type Liquid,
  liquidOf,
  type LiquidStep,
  MAIN,
  makesLiquid,
  plannedStep,
  runnerOf,
  skims,
  skimShare,
  traitsOf,
  weighedOfStep,
} from './index.ts';
import { takesUp } from './steps/stretch.ts';

const find = (ref: string): Ingredient | undefined => {
  const found = reference.ingredients.find(({ id }) => id === ref);
  return found && { perGram: amountOf(found.per), density: 1 };
};
const none = amountOf({});
const grams = (g: number) => ({ text: `${String(g)} g`, lo: g, hi: g });

/** A pot of stock with onions and a bay leaf in it, its fat on top. */
function pot(): Liquid {
  const liquid = emptyLiquid(MAIN);
  Object.assign(liquid.pool, amountOf({ water: 2400, protein: 40, fat: 180, salt: 22, other: 60 }));
  Object.assign(liquid.solids, amountOf({ other: 40, fat: 2 }));
  Object.assign(liquid.comesOut, amountOf({ other: 8 }));
  liquid.solidsG = 500;
  liquid.comesOutG = 20;
  return liquid;
}

/** Does steps one after the other to a pot with two empty parts beside it. */
function done(steps: readonly LiquidStep[], weighed = NaN) {
  const liquids = [pot(), emptyLiquid('dip'), emptyLiquid('gravy')];
  const strainer = { pool: { ...none }, dry: { ...none } };
  const out = { liquids, saltOfMeatWater: 0, solids: 500, strainer };
  const taken = steps.map((step): Amount => {
    const pool = { ...none };
    const liquid = liquids.find(({ id }) => id === step.of);
    if (!liquid) throw new Error(step.of);
    runnerOf(step)(step, {
      plan: { solids: amountOf({ water: 460, other: 40 }), blended: none },
      meat: { meatWater: 800 },
      draw: { held: 1, skim: 1 },
      out,
      liquid,
      taken: pool,
      weighed,
    });
    return pool;
  });
  const all = liquids.reduce((sum, { pool }) => plus(sum, pool), none);
  return { liquids, out, taken, all };
}
const before = massOf(pot().pool);

describe('the register of steps', () => {
  test.each(afterWhats)(
    '%s: goes behind steps that there are, is weighed as a file can say, and has its day',
    (what) => {
      const { behind = [], weighs, inDay, works } = traitsOf(what);
      for (const other of behind) expect(afterWhats).toContain(other);
      if (weighs !== undefined) expect([...lotReadings, ...batchReadings, 'dressed']).toContain(weighs);
      if (inDay && 'minutes' in inDay) {
        expect(inDay.minutes).toBeGreaterThan(0);
        expect(inDay.minutes).toBeLessThanOrEqual(15);
      }
      // What is done with the liquid alone is no work on the meat.
      if (inDay && 'within' in inDay) expect(works).toBe('meat');
    },
  );

  test('a step with nothing written of it either does something, or is none', () => {
    const plain = afterWhats.map((what) => ({ id: what, what }));
    const planned = plain.flatMap((step) => plannedStep(step, { of: MAIN, find })?.what ?? []);
    expect(planned).toEqual(['lift', 'take out', 'strain', 'mash', 'skim', 'vegetables back']);
  });

  test('what a scale says of a step is of what it took, not of the meat that was lifted', () => {
    expect(weighedOfStep({ what: 'strain' })).toBe('strained');
    expect(weighedOfStep({ what: 'skim' })).toBe('skim');
    for (const what of ['lift', 'mash', 'salt', 'scum', 'skim on the way'] as const)
      expect(weighedOfStep({ what })).toBeUndefined();
  });
});

describe('what is planned of a step', () => {
  test('of any list: each has its own id and liquid, and figures that are none below nought', () => {
    fc.assert(
      fc.property(anyAfter, (steps) => {
        for (const step of steps) {
          const of = broughtIn(step) ?? liquidOf(step) ?? MAIN;
          const planned = plannedStep(step, { of, find });
          if (!planned) continue;
          expect(planned).toMatchObject({ id: step.id, of, what: step.what });
          for (const value of Object.values(planned))
            if (typeof value === 'number') expect(value).toBeGreaterThanOrEqual(0);
          if ('amount' in planned) expect(massOf(planned.amount)).toBeGreaterThanOrEqual(0);
        }
      }),
      { numRuns: runs(500, 100) },
    );
  });

  test('volumes go by the density of what is put in, and a thickener by how much it thickens', () => {
    const heavy = (ref: string) => {
      const found = find(ref);
      return found && { ...found, density: 1.3 };
    };
    const add = { id: 'a', what: 'add', ref: 'potato', amount: grams(100) } as const;
    const amountIn = (step: LiquidStep | undefined) => (step && 'amount' in step ? massOf(step.amount) : NaN);
    const mass = amountIn(plannedStep({ ...add, measure: 'mass' }, { of: MAIN, find: heavy }));
    const volume = amountIn(plannedStep({ ...add, measure: 'volume' }, { of: MAIN, find: heavy }));
    expect(volume / mass).toBeCloseTo(1.3, 9);
    const thick = (one: 'starch' | 'flour') => {
      const step = plannedStep(
        { id: 't', what: 'thicken', with: one, amount: grams(20) },
        { of: MAIN, find },
      );
      return step && 'thickG' in step ? step.thickG : NaN;
    };
    expect(thick('starch')).toBe(20);
    expect(thick('flour')).toBe(10);
  });

  test('what the kitchen no longer has is stirred in by nobody', () => {
    const gone = { ref: 'gone', amount: grams(100), measure: 'mass' } as const;
    expect(plannedStep({ id: 'a', what: 'add', ...gone }, { of: MAIN, find })).toBeUndefined();
    expect(
      plannedStep({ id: 's', what: 'stretch', cooked: 'raw', ...gone }, { of: MAIN, find }),
    ).toBeUndefined();
  });

  test('a part is not set apart as the pot itself, nor the pot put back into it', () => {
    const apart = (as: string | undefined, of: string) =>
      plannedStep({ id: 'a', what: 'set apart', as }, { of, find });
    expect(apart(undefined, MAIN)).toBeUndefined();
    expect(apart(MAIN, 'dip')).toBeUndefined();
    expect(apart('dip', 'dip')).toBeUndefined();
    expect(apart('dip', MAIN)).toMatchObject({ as: 'dip', share: 0.5, from: 'stirred' });
    expect(plannedStep({ id: 'b', what: 'put back' }, { of: MAIN, find })).toBeUndefined();
    expect(plannedStep({ id: 'b', what: 'put back' }, { of: 'dip', find })).toMatchObject({ into: MAIN });
  });

  test('a sauce that is brought in is a liquid of its own only once there is some', () => {
    const sauce: AfterStepOf<'add'> = { id: 's', what: 'add', as: 'gravy', ref: 'stock-low-salt' };
    expect(broughtIn(sauce)).toBeUndefined();
    expect(broughtIn({ ...sauce, amount: grams(300) })).toBe('gravy');
    expect(makesLiquid(sauce)).toBe('gravy');
    expect(makesLiquid({ id: 'b', what: 'put back', as: 'gravy' })).toBeUndefined();
  });

  test('raw beans take up liquid, half cooked half of it, cooked and potatoes none', () => {
    const beans = find('beans-dry');
    const potato = find('potato');
    if (!beans || !potato) throw new Error('no such food');
    expect(takesUp(beans.perGram, 'half cooked')).toBeCloseTo(takesUp(beans.perGram, 'raw') / 2, 9);
    expect(takesUp(beans.perGram, 'cooked')).toBe(0);
    expect(takesUp(potato.perGram, 'raw')).toBe(0);
  });
});

describe('what a step does', () => {
  const on = (of: string, id = 'one') => ({ id, of });

  test('what it takes is gone from the liquid, and nothing else is', () => {
    for (const step of [
      { ...on(MAIN), what: 'strain' },
      { ...on(MAIN), what: 'take out' },
      { ...on(MAIN), what: 'skim', share: 0.75 },
      { ...on(MAIN), what: 'boil down', toMl: 900 },
      { ...on(MAIN), what: 'scum', grams: 20 },
      { ...on(MAIN), what: 'skim on the way', fatG: 60 },
      { ...on(MAIN), what: 'stretch', item: 'beans', grams: 400 },
    ] as const) {
      const { taken, all } = done([step]);
      expect(massOf(all) + massOf(taken[0] ?? none)).toBeCloseTo(before, 9);
      expect(massOf(taken[0] ?? none)).toBeGreaterThan(0);
      expect(flowOfStep(step)).toBeDefined();
    }
  });

  test('what is stirred in is in it, and thickens', () => {
    const salted = { ...on(MAIN), what: 'salt', amount: amountOf({ salt: 12 }), thickG: 0 } as const;
    const thick = { ...on(MAIN), what: 'thicken', amount: amountOf({ starch: 15 }), thickG: 15 } as const;
    const { all, liquids } = done([salted, thick]);
    expect(massOf(all)).toBeCloseTo(before + 27, 9);
    expect(liquids[0]?.thickG).toBe(15);
  });

  test('a part that is ladled out and poured back leaves the pot as it was', () => {
    const apart = {
      ...on(MAIN),
      what: 'set apart',
      as: 'dip',
      share: 0.4,
      ml: undefined,
      from: 'stirred',
    } as const;
    const back = { ...on('dip', 'two'), what: 'put back', into: MAIN } as const;
    const { liquids } = done([apart, back]);
    const [main, dip] = liquids;
    for (const [key, value] of Object.entries(pot().pool))
      expect(main?.pool[key as keyof Amount]).toBeCloseTo(value, 9);
    expect(massOf(dip?.pool ?? none)).toBe(0);
    expect(main?.solidsG).toBeCloseTo(500, 9);
  });

  test('so many ml are so many ml, from wherever in the pot', () => {
    for (const from of ['the top', 'stirred', 'below'] as const) {
      const { liquids } = done([{ ...on(MAIN), what: 'set apart', as: 'dip', share: 0.5, ml: 400, from }]);
      const dip = liquids.find(({ id }) => id === 'dip');
      const fat = dip?.pool.fat ?? NaN;
      expect((massOf(dip?.pool ?? none) - fat) / 1.04 + fat / 0.92).toBeCloseTo(400, 6);
    }
  });

  test('each way to skim takes more than the one before; left in, none', () => {
    const fatOff = skims.map(
      (way) => done([{ ...on(MAIN), what: 'skim', share: skimShare[way] }]).taken[0]?.fat ?? NaN,
    );
    const [hot = NaN, settle = NaN, chill = NaN, leave = NaN] = fatOff;
    expect(hot).toBeLessThan(settle);
    expect(settle).toBeLessThan(chill);
    expect(leave).toBe(0);
  });

  test('a skim that was weighed is that heavy, with the broth that clings', () => {
    const { taken } = done([{ ...on(MAIN), what: 'skim', share: 0.75 }], 100);
    expect(massOf(taken[0] ?? none)).toBeCloseTo(100, 6);
    expect(taken[0]?.fat).toBeCloseTo(90, 6);
  });

  test('mashed they are no solids any more, and the sieve finds none', () => {
    const mash = { ...on(MAIN), what: 'mash' } as const;
    const { liquids, taken } = done([mash, { ...on(MAIN, 'two'), what: 'strain' }]);
    expect(massOf(taken[1] ?? none)).toBeCloseTo(0, 9);
    expect(liquids[0]?.thickG).toBeGreaterThan(0);
  });

  test('at the lift the meat’s water is as salt as the liquid, and the salt is only moved', () => {
    const { out, all } = done([{ ...on(MAIN), what: 'lift' }]);
    const salt = out.saltOfMeatWater * 800;
    expect(all.salt + salt).toBeCloseTo(22, 9);
    expect(salt / (800 - salt)).toBeCloseTo(22 / (2400 + 800), 3);
  });
});

test('a step is of its kind for the compiler too', () => {
  const steps: AfterStep[] = [
    { id: 'p', what: 'pull', tool: 'gloves' },
    { id: 's', what: 'skim', way: 'chill' },
  ];
  expect(steps.filter(isStep('pull')).map(({ tool }) => tool)).toEqual(['gloves']);
});
