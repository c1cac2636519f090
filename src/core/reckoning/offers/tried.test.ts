import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import { problemWords } from '@/words/index.ts';
import { usualKitchen } from '../../meal/index.ts';
import { drawsOf, openMeal, type Problem } from '../../model/index.ts';
import { builtFilled as built, filledMeal as meal } from '../../testing/filledMeal.ts';
import { largestMl } from '../../pot/index.ts';
import { reckon } from '../reckon.ts';
import { withRemedy } from './withRemedy.ts';

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
      { numRuns: runs(1000, 75) },
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
      { numRuns: runs(1000, 75) },
    );
  });
});
