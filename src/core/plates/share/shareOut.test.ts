import { beforeAll, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import { loadSolver } from '../../../../scripts/solver.ts';
import type { LpSolver } from './program.ts';
import { shareOut } from './shareOut.ts';
import { waysOut } from './ways.ts';
import type { Measure, ShareDish, ShareOut, Sharing } from './wanted.ts';

let solver: LpSolver;
beforeAll(async () => {
  solver = await loadSolver();
});

const scoop = (name: string, amount: number, times = 1): Measure => ({ id: name, name, times, amount });
const dishOf = (id: string, count: number, min: number, want: number, max: number, more = {}): ShareDish => ({
  id,
  name: id,
  count,
  meat: { min, want, max },
  liquid: { min: 0, want: 0, max: 0 },
  held: 0,
  priority: 2,
  firm: undefined,
  from: undefined,
  grows: false,
  lockedG: undefined,
  lockedMl: undefined,
  scoops: [],
  ladles: [],
  ...more,
});
const pot = (shredG: number, liquidMl = 0, mixed = false, batch = 'pot') => ({
  batch,
  shredG,
  liquidMl,
  mixed,
});
const of = (sharing: Partial<Sharing>): ShareOut =>
  shareOut({ dishes: [], sources: [pot(1000)], evenOut: false, ...sharing }, solver);
const servings = ({ dishes }: ShareOut) => dishes.map((dish) => dish.servings);
const portions = ({ dishes }: ShareOut) => dishes.map(({ meatG }) => Math.round(10 * meatG) / 10);

describe('sharing out', () => {
  test('what was wanted where there is enough; the rest is left', () => {
    const out = of({ dishes: [dishOf('taco', 10, 45, 52, 60)] });
    expect([servings(out), portions(out), Math.round(out.left.shredG), out.proved]).toEqual([
      [10],
      [52],
      480,
      true,
    ]);
  });

  test('short, portions go down evenly before anybody goes without', () => {
    const dishes = [dishOf('taco', 10, 40, 50, 60), dishOf('roll', 5, 80, 100, 120)];
    const out = of({ dishes, sources: [pot(900)] });
    expect(servings(out)).toEqual([10, 5]);
    // Both are a tenth below what they want.
    expect(portions(out)).toEqual([45, 90]);
    const less = of({ dishes, sources: [pot(790)] });
    expect(servings(less)).toEqual([10, 4]);
    expect(less.short.servings).toBe(1);
    expect(less.short.meatG).toBeGreaterThan(0);
  });

  test('a priority is served first, a locked portion stays, and nothing is drawn from a batch that a dish must not have', () => {
    const roll = dishOf('roll', 5, 100, 100, 120);
    const dishes = [dishOf('taco', 10, 50, 50, 60), { ...roll, priority: 1 }];
    expect(servings(of({ dishes, sources: [pot(600)] }))).toEqual([2, 5]);
    const locked = of({ dishes: [dishOf('taco', 10, 40, 50, 60, { lockedG: 55 })], sources: [pot(500)] });
    expect([servings(locked), portions(locked)]).toEqual([[9], [55]]);
    const lamb = dishOf('lamb', 5, 100, 100, 100, { from: ['lamb'] });
    const sources = [pot(1000, 0, false, 'beef'), pot(250, 0, false, 'lamb')];
    expect(servings(of({ dishes: [lamb], sources }))).toEqual([2]);
    expect(servings(of({ dishes: [{ ...lamb, from: undefined }], sources }))).toEqual([5]);
  });

  test('no number of plates of a lower priority displaces one of a higher', () => {
    // One large plate of the first, or twelve hundred crumbs of the second.
    const dishes = [
      dishOf('crumbs', 1200, 1, 1, 1),
      dishOf('roast', 1, 1200, 1200, 1200, { priority: 1 }),
      dishOf('last', 50, 1, 1, 1, { priority: 3 }),
    ];
    expect(servings(of({ dishes, sources: [pot(1210)] }))).toEqual([10, 1, 0]);
    expect(servings(of({ dishes, sources: [pot(1201)] }))).toEqual([1, 1, 0]);
  });

  test('who is worst off is told by what the servings get, whoever goes without', () => {
    // Of the first only one of three can be filled: what it gets is a tenth below what it wants, as the other's is.
    const dishes = [dishOf('large', 3, 400, 500, 500), dishOf('small', 2, 80, 100, 100)];
    const out = of({ dishes, sources: [pot(630)] });
    const short = out.dishes.map(({ servings: n, meatG, dish }) =>
      n > 0 ? 1 - meatG / (dish === 'large' ? 500 : 100) : 0,
    );
    expect(out.dishes.map(({ servings: n }) => n)).toEqual([1, 2]);
    expect(short[0]).toBeCloseTo(short[1] ?? NaN, 4);
  });

  test('both strands at once: what the shred holds is liquid too, and the scarcer one decides', () => {
    const wet = dishOf('roll', 10, 100, 100, 100, { held: 0.1, liquid: { min: 50, want: 60, max: 70 } });
    const out = of({ dishes: [wet], sources: [pot(2000, 600)] });
    expect(servings(out)).toEqual([10]);
    expect(out.dishes[0]?.liquidMl).toBeCloseTo(60, 6);
    expect(out.dishes[0]?.heldMl).toBeCloseTo(10, 6);
    expect(servings(of({ dishes: [wet], sources: [pot(2000, 480)] }))).toEqual([8]);
    expect(servings(of({ dishes: [{ ...wet, firm: 'meat' }], sources: [pot(2000, 100)] }))).toEqual([10]);
  });

  test('of a mixture each portion has the pot’s own proportion', () => {
    const out = of({
      dishes: [dishOf('pasta', 8, 100, 110, 120, { liquid: { min: 100, want: 115, max: 130 } })],
      sources: [pot(1000, 500, true)],
    });
    expect(servings(out)).toEqual([8]);
    expect(out.dishes[0]?.liquidMl).toBeCloseTo(0.5 * (out.dishes[0]?.meatG ?? NaN), 6);
  });

  test('by scoop a portion is so many level ones, and the scoop is named', () => {
    const scoops = [scoop('No. 16', 38), scoop('No. 16', 76, 2), scoop('No. 12', 50)];
    const out = of({ dishes: [dishOf('taco', 10, 40, 52, 60, { scoops })], sources: [pot(530)] });
    expect([servings(out), portions(out)]).toEqual([[10], [50]]);
    expect(out.dishes[0]?.scoop?.name).toBe('No. 12');
  });

  test('come out even, nothing is left while portions may grow', () => {
    const dishes = [dishOf('taco', 10, 45, 52, 60), dishOf('roll', 2, 110, 130, 150)];
    const out = of({ dishes, sources: [pot(850)], evenOut: true });
    expect(out.left.shredG).toBeCloseTo(0, 4);
    expect(of({ dishes, sources: [pot(2000)], evenOut: true }).left.shredG).toBeCloseTo(1100, 4);
  });

  test('nothing ordered, nothing there: nobody is served and nothing breaks', () => {
    expect(of({}).left.shredG).toBe(1000);
    expect(servings(of({ dishes: [dishOf('taco', 10, 45, 52, 60)], sources: [pot(0)] }))).toEqual([0]);
    expect(servings(of({ dishes: [dishOf('taco', 10, 45, 52, 60)], sources: [] }))).toEqual([0]);
  });
});

/** Every way to serve dishes by scoop from one pot, tried one by one: the most servings, those in front first. */
function brute(dishes: readonly ShareDish[], shredG: number): number {
  const best = (d: number, left: number): number => {
    const dish = dishes[d];
    if (!dish) return 0;
    let most = best(d + 1, left);
    for (const { amount } of dish.scoops)
      for (let k = 1; k <= dish.count && k * amount <= left + 1e-9; k += 1)
        most = Math.max(most, k + best(d + 1, left - k * amount));
    return most;
  };
  return best(0, shredG);
}

test('on small cases no way of serving, tried one by one, serves more', () => {
  const small = fc.record({
    count: fc.integer({ min: 0, max: 5 }),
    scoops: fc.array(fc.integer({ min: 20, max: 160 }), { minLength: 1, maxLength: 3 }),
  });
  fc.assert(
    fc.property(
      fc.array(small, { minLength: 1, maxLength: 3 }),
      fc.integer({ min: 0, max: 900 }),
      (some, g) => {
        const dishes = some.map(({ count, scoops }, i) =>
          dishOf(`dish${String(i)}`, count, 20, 80, 160, {
            scoops: scoops.map((one) => scoop('scoop', one)),
          }),
        );
        const out = of({ dishes, sources: [pot(g)] });
        expect(servings(out).reduce((sum, n) => sum + n, 0)).toBe(brute(dishes, g));
      },
    ),
    { numRuns: runs(150, 20) },
  );
});

const anyDish = fc.record({
  count: fc.integer({ min: 0, max: 60 }),
  min: fc.integer({ min: 10, max: 100 }),
  more: fc.tuple(fc.integer({ min: 0, max: 60 }), fc.integer({ min: 0, max: 60 })),
  liquid: fc.integer({ min: 0, max: 200 }),
  held: fc.constantFrom(0, 0.1),
  priority: fc.integer({ min: 1, max: 3 }),
  byScoop: fc.boolean(),
});

test('on large ones: within every bound, alike within a dish, nothing from nowhere, and never fewer than at the smallest', () => {
  fc.assert(
    fc.property(
      fc.array(anyDish, { minLength: 1, maxLength: 12 }),
      fc.array(fc.tuple(fc.integer({ min: 0, max: 9000 }), fc.integer({ min: 0, max: 9000 })), {
        minLength: 1,
        maxLength: 3,
      }),
      fc.boolean(),
      (some, pots, evenOut) => {
        const dishes = some.map(({ count, min, more: [a, b], liquid, held, priority, byScoop }, i) =>
          dishOf(`dish${String(i)}`, count, min, min + a, min + a + b, {
            held,
            priority,
            liquid: { min: liquid / 2, want: liquid, max: liquid },
            scoops: byScoop ? [scoop('one', min + a / 2)] : [],
          }),
        );
        const sources = pots.map(([g, ml], i) => pot(g, ml, false, `pot${String(i)}`));
        const out = of({ dishes, sources, evenOut });
        expect(out.proved).toBe(true);
        const total = (what: 'shredG' | 'liquidMl') => sources.reduce((sum, source) => sum + source[what], 0);
        const used = (what: 'meatG' | 'liquidMl') =>
          out.dishes.reduce((sum, one) => sum + one.servings * one[what], 0);
        expect(used('meatG') + out.left.shredG).toBeCloseTo(total('shredG'), 3);
        expect(used('liquidMl')).toBeLessThanOrEqual(total('liquidMl') + 1e-3);
        for (const [i, { servings: n, meatG, of: wanted }] of out.dishes.entries()) {
          expect(Number.isInteger(n) && n >= 0 && n <= wanted).toBe(true);
          const { min, max } = dishes[i]?.meat ?? { min: 0, max: 0 };
          if (n > 0 && !some[i]?.byScoop) expect(meatG).toBeGreaterThanOrEqual(min - 1e-4);
          if (n > 0 && !some[i]?.byScoop) expect(meatG).toBeLessThanOrEqual(max + 1e-4);
        }
        // A plain cook who gives the smallest to each in turn serves no more of the first class.
        const first = Math.min(...dishes.map(({ priority }) => priority));
        let [g, ml, greedy] = [total('shredG'), total('liquidMl'), 0];
        for (const [d, dish] of dishes.entries()) {
          if (dish.priority !== first || sources.length > 1) continue;
          const one = some[d]?.byScoop ? (dish.scoops[0]?.amount ?? 0) : dish.meat.min;
          const wet = dish.liquid.min + dish.held * one;
          const n = Math.floor(Math.min(dish.count, g / one, wet > 0 ? ml / wet : Infinity));
          greedy += n;
          g -= n * one;
          ml -= n * wet;
        }
        const mine = out.dishes.reduce(
          (sum, one, d) => sum + (dishes[d]?.priority === first ? one.servings : 0),
          0,
        );
        expect(mine).toBeGreaterThanOrEqual(greedy);
      },
    ),
    { numRuns: runs(60, 12) },
  );
});

describe('ways out', () => {
  const dishes = [
    dishOf('taco', 48, 48, 50, 60),
    dishOf('roll', 22, 125, 130, 150),
    dishOf('pie', 12, 60, 60, 80),
  ];
  const ways = (g: number) => {
    const sharing = { dishes, sources: [pot(g, 0)], evenOut: false };
    const now = shareOut(sharing, solver);
    return { now, ways: waysOut(sharing, now, solver) };
  };

  test('short: each says how many it would serve, and does', () => {
    const { now, ways: all } = ways(5000);
    const before = servings(now).reduce((sum, n) => sum + n, 0);
    expect(now.short.servings).toBeGreaterThan(0);
    expect(all.map(({ what }) => what)).toEqual(
      expect.arrayContaining(['all down', 'one down', 'stretch', 'fewer']),
    );
    for (const way of all) if (way.what !== 'fewer') expect(way.served).toBeGreaterThan(before);
    const down = all.find((way) => way.what === 'one down');
    if (down?.what !== 'one down') throw new Error('no way down');
    const taken = dishes.map((dish) =>
      dish.id === down.dish ? { ...dish, lockedG: down.meatG - 1e-6 } : dish,
    );
    const after = shareOut({ dishes: taken, sources: [pot(5000)], evenOut: false }, solver);
    expect(servings(after).reduce((sum, n) => sum + n, 0)).toBe(down.served);
  });

  test('over: more each, more plates, or all of it shared', () => {
    const { ways: all } = ways(9000);
    expect(all.map(({ what }) => what)).toEqual(
      expect.arrayContaining(['more each', 'more plates', 'even out']),
    );
    expect(all.find(({ what }) => what === 'even out')?.leftG).toBeCloseTo(0, 3);
  });
});
