import { beforeAll, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { isCheck } from '@/core/testing/runs.ts';
import { loadSolver } from '../../../scripts/solver.ts';
import { ticketsOf } from '../order/index.ts';
import { dishOf } from '../testing/meals.ts';
import { fillingOf } from './filling.ts';
import { emptyServed, nominalServing, serveFrom } from './serve.ts';
import type { LpSolver } from './share/program.ts';
import { shareOut } from './share/shareOut.ts';

let solver: LpSolver;
beforeAll(async () => {
  solver = await loadSolver();
});

const dish = fc.record({
  kind: fc.constantFrom('taco' as const, 'roll' as const, 'pasta' as const, 'soup' as const, 'dip' as const),
  count: fc.integer({ min: 1, max: 40 }),
  priority: fc.integer({ min: 1, max: 3 }),
  from: fc.constantFrom(undefined, undefined, ['beef'], ['pork'], ['beef', 'lamb']),
  firm: fc.constantFrom(undefined, undefined, undefined, 'meat' as const),
});
const pot = fc.record({ g: fc.integer({ min: 0, max: 4000 }), ml: fc.integer({ min: 0, max: 4000 }) });

const meal = fc.tuple(fc.array(dish, { minLength: 1, maxLength: 6 }), fc.tuple(pot, pot, pot));
type Any = typeof meal extends fc.Arbitrary<infer T> ? T : never;

/** Servings of each priority by the core's rule, and by the programme with the same full portions. */
function both([some, pots]: Any): readonly (readonly [mine: number, exact: number])[] {
  const tickets = ticketsOf(
    some.map(({ kind, count, priority, from, firm }, i) =>
      dishOf(kind, count, {
        id: String(i),
        priority,
        ...(from && { from: [...from] }),
        ...(firm && { firm }),
      }),
    ),
  );
  const batches = ['beef', 'pork', 'lamb'].map((id) => ({ id, mixed: false }));
  const pools = {
    g: Float64Array.from(pots, ({ g }) => g),
    ml: Float64Array.from(pots, ({ ml }) => ml),
  };
  const served = emptyServed(tickets.length, batches.length);
  const draw = nominalServing(tickets.length);
  serveFrom(tickets, pools, fillingOf(tickets, batches, pools), draw, served);
  const exact = shareOut(
    {
      dishes: tickets.map(({ id, name, count, meat, liquid, held, priority, firm, from }) => ({
        ...{ id, name, count, held, priority, firm, from },
        // Full portions: no less.
        meat: { ...meat, min: meat.want },
        liquid: { ...liquid, min: liquid.want },
        ...{ grows: false, lockedG: undefined, lockedMl: undefined, scoops: [], ladles: [] },
      })),
      sources: pots.map(({ g, ml }, b) => ({
        batch: batches[b]?.id ?? '',
        shredG: g,
        liquidMl: ml,
        mixed: false,
      })),
      evenOut: false,
    },
    solver,
  );
  return [1, 2, 3].map((of) => {
    const sum = (n: (t: number) => number) =>
      tickets.reduce((all, { priority }, t) => all + (priority === of ? n(t) : 0), 0);
    return [sum((t) => served.filled[t] ?? 0), sum((t) => exact.dishes[t]?.servings ?? 0)];
  });
}

test('the core’s rule fills as many servings of each priority as the programme does, to one', () => {
  const n = isCheck ? 300 : 40;
  const samples = fc.sample(meal, isCheck ? n : { numRuns: n, seed: 28 });
  let alike = 0;
  for (const one of samples) {
    const found = both(one);
    const at = found.find(([mine, exact]) => mine !== exact);
    // Nothing is served that is not there.
    if (at) expect(at[0]).toBeLessThan(at[1]);
    if (!at || at[1] - at[0] <= 1) alike += 1;
  }
  // 2,992 of 3,000 when it was written: of two ways to serve as many of one priority, one leaves more to the next.
  expect(alike).toBeGreaterThanOrEqual(0.98 * n);
});
