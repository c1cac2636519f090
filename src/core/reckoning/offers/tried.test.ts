import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import { problemWords } from '@/words/index.ts';
import { type Batch, type Phase, usualKitchen } from '../../meal/index.ts';
import { drawsOf, type Input, openMeal, type Problem } from '../../model/index.ts';
import { batchOf, dishOf, grams, inputOf, lotOf } from '../../testing/meals.ts';
import { largestMl } from '../../pot/index.ts';
import { reckon } from '../reckon.ts';
import { withRemedy } from './withRemedy.ts';

const CUTS = ['beef-shank', 'beef-short-ribs', 'beef-brisket', 'pork-picnic', 'lamb-shoulder'] as const;
const VESSELS = ['pot-20', 'pot-24', 'pot-28', 'slow-cooker', 'roasting-pan'] as const;

/** A pot as somebody fills it, and now and then too full, too hot, too open, too salt. */
const pot = fc.record({
  cut: fc.constantFrom(...CUTS),
  g: fc.integer({ min: 500, max: 9000 }),
  vessel: fc.option(fc.constantFrom(...VESSELS), { nil: undefined }),
  heat: fc.constantFrom<Phase['heat']>('oven', 'oven', 'stove', 'slow cooker'),
  celsius: fc.constantFrom(95, 140, 160, 180, 220),
  lid: fc.constantFrom<Phase['lid']>('on', 'on', 'ajar', 'off'),
  hours: fc.option(fc.constantFrom(2, 4, 8), { nil: undefined }),
  level: fc.constantFrom<'cover' | 'half way' | 'own juice'>('cover', 'half way', 'own juice'),
  saltG: fc.option(fc.constantFrom(0, 20, 150), { nil: undefined }),
  stockMl: fc.option(fc.integer({ min: 200, max: 6000 }), { nil: undefined }),
  isOn: fc.boolean(),
});
type Pot = typeof pot extends fc.Arbitrary<infer T> ? T : never;
const meal = fc.record({
  pot,
  dish: fc.constantFrom('taco' as const, 'soup' as const),
  plates: fc.integer({ min: 4, max: 60 }),
});
type Meal = typeof meal extends fc.Arbitrary<infer T> ? T : never;

function batchFrom({ cut, g, vessel, heat, celsius, lid, hours, level, saltG, stockMl, isOn }: Pot) {
  const setting = { text: `${celsius} °C`, lo: celsius, hi: celsius };
  const minutes =
    hours === undefined ? {} : { minutes: { text: `${hours} h`, lo: 60 * hours, hi: 60 * hours } };
  return batchOf([lotOf(cut, g)], {
    cook: [
      { id: 'heat', heat, lid, ...(heat === 'oven' && { setting }), ...(vessel && { vessel }), ...minutes },
    ],
    level,
    ...(saltG !== undefined && { salt: grams(saltG) }),
    ...(stockMl !== undefined && {
      items: [{ id: 'stock', ref: 'stock-low-salt', state: 'in', measure: 'volume', amount: grams(stockMl) }],
    }),
    ...(isOn && { lidOn: 0 }),
  });
}
const built = ({ pot: one, dish, plates }: Meal): Input => inputOf([batchFrom(one)], [dishOf(dish, plates)]);
const offered = (problems: readonly Problem[]) => problems.flatMap(({ remedies = [] }) => remedies);

describe('what is offered', () => {
  test('taken alone does what it says: its problem is gone, and no other has come', () => {
    let tried = 0;
    fc.assert(
      fc.property(meal, (any) => {
        const input = built(any);
        const { problems } = reckon(openMeal(input));
        for (const problem of problems)
          for (const remedy of problem.remedies ?? []) {
            tried += 1;
            const batches = input.batches.map((batch) => withRemedy(batch, remedy, () => 'second half'));
            const then = reckon(openMeal({ ...input, batches })).problems;
            // As much less as can be poured may still be more than the plates need.
            const eased = then.filter(({ says: now }) =>
              now.what === 'slow cooker keeps it' &&
              problem.says.what === now.what &&
              remedy.what === 'pour less'
                ? problem.says.leftMl - now.leftMl < 0.7 * remedy.lessMl
                : true,
            );
            const after = eased.map(({ says }) => says.what);
            expect([remedy.what, after]).not.toEqual([
              remedy.what,
              expect.arrayContaining([problem.says.what]),
            ]);
            const come = after.filter((what) => !problems.some(({ says }) => says.what === what));
            // A pot that was dry could not be tasted, and one on the heat has room for what has boiled off.
            const hidden = problem.says.what === 'boils dry' ? /^salt: |^fits: / : /^$/;
            expect([remedy.what, come.filter((what) => !hidden.test(what))]).toEqual([remedy.what, []]);
          }
      }),
      { numRuns: runs(1000, 150) },
    );
    expect(tried).toBeGreaterThan(20);
  });

  test('no two of it contradict: one vessel, one heat, more or less of a liquid, and no other named', () => {
    fc.assert(
      fc.property(meal, (any) => {
        const opened = openMeal(built(any));
        const { problems, meal: all } = reckon(opened, any.plates % 4 === 0 ? drawsOf(opened) : undefined);
        const offers = offered(problems);
        const of = (what: string) => offers.filter((one) => one.what === what);
        const vessels = new Set(offers.flatMap((one) => (one.what === 'take' ? [one.name] : [])));
        expect(vessels.size).toBeLessThanOrEqual(1);
        expect(
          new Set(offers.flatMap((one) => (one.what === 'heat' ? [one.celsius] : []))).size,
        ).toBeLessThan(2);
        const said = problems.map(problemWords).join(' ');
        const named = usualKitchen.vessels.flatMap(({ name }) =>
          said.includes(`use the ${name}`) || said.includes(`: the ${name} holds it`) ? [name] : [],
        );
        for (const name of named) expect([...vessels]).toContain(name);
        // Nobody is told to pour or to thin with more than the largest vessel holds.
        const most = largestMl(usualKitchen) / 1000;
        for (const [, litres] of said.matchAll(/(?:thin it with|pour) ([\d.]+) l/g))
          expect(Number(litres)).toBeLessThanOrEqual(most);
        const wantsMore = of('pour more').length > 0 || all.moreMl !== null || /put in more/.test(said);
        if (wantsMore) expect([of('pour less').length, /pour [\d.]+ l less/.test(said)]).toEqual([0, false]);
      }),
      { numRuns: runs(1000, 150) },
    );
  });

  test('so much more meat does what it says, and nobody doubles a lot without its cost', () => {
    let tried = 0;
    fc.assert(
      fc.property(meal, (any) => {
        const input = built({ ...any, dish: 'taco' });
        const opened = openMeal(input);
        const { more, moreMl } = reckon(opened, drawsOf(opened)).meal;
        if (!more) return;
        tried += 1;
        expect(more.doubles !== null).toBe(more.grams > any.pot.g);
        const [first] = input.batches;
        const [lot] = first?.lots ?? [];
        if (!first || !lot) throw new Error('no lot');
        const heavier = { ...first, lots: [{ ...lot, weight: grams(any.pot.g + more.grams) }] };
        const enoughOf = (batch: Batch) => {
          const after = openMeal({ ...input, batches: [batch] });
          return reckon(after, drawsOf(after)).meal.enough ?? NaN;
        };
        const alone = enoughOf(heavier);
        // Where nobody knows how much liquid there will be, no chance is told.
        if (Number.isNaN(alone)) expect(more.enough).toBeUndefined();
        else if (moreMl === null) expect(Math.abs(alone - (more.enough ?? NaN))).toBeLessThan(0.03);
        else expect(alone).toBeLessThan(0.95);
      }),
      { numRuns: runs(300, 15) },
    );
    expect(tried).toBeGreaterThan(0);
  });
});
