import type { FromBatch } from '../out.ts';
import { at, distance, draws, dry, k, type Model, modelOf, s, t, v } from './model.ts';
import { type LpSolver, type Row, solved, type Terms } from './program.ts';
import { spread } from './spread.ts';
import type { Both, DishShare, Measure, ShareDish, ShareOut, Sharing } from './wanted.ts';

/** Less than this of a gram is rounding. */
const SLACK = 1e-6;

/**
 * Shares the shred and the liquid that are there among the dishes: first as many whole servings as there can be, those of
 * a higher priority before the others and of equals the one that stands first; then portions as near to what was wanted as
 * may be, the worst-off first, each dish with one portion for all of its servings. By scoop a portion is so many level
 * measures. Two integer programmes for HiGHS, solved to the end: nothing is better, which is said with the answer.
 */
export function shareOut(sharing: Sharing, solver: LpSolver): ShareOut {
  const { dishes, sources } = sharing;
  const servings = dishes.reduce((sum, { count }) => sum + count, 0);
  if (servings === 0 || sources.length === 0) return nothing(sharing);
  const model = modelOf(sharing);
  const served = mostServed(sharing, model, solver);
  if (!served) return nothing(sharing);
  const given = dishes.map((_, d) => Math.round(served.of(s(d))));
  const fixed: Row[] = given.map((n, d) => ({ terms: [[s(d), 1]], is: '=', than: n }));
  // The worst-off is so by what its servings get, not by those that go without.
  const filled = modelOf({
    ...sharing,
    dishes: dishes.map((dish, d) => ({ ...dish, count: given[d] ?? 0 })),
  });
  const nearest = solved(
    { sense: 'min', objective: distance(sharing), ...filled, rows: [...filled.rows, ...fixed] },
    solver,
  );
  const end = nearest ?? served;
  const shares = spread(
    sharing,
    dishes.map((dish, d) => shareOf(dish, d, sources, end.of)),
  );
  const usedG = shares.reduce((sum, one) => sum + one.servings * one.meatG, 0);
  const usedMl = shares.reduce((sum, one) => sum + one.servings * one.liquidMl, 0);
  const there = thereIs(sharing);
  const left = {
    shredG: Math.max(0, there.shredG - usedG),
    liquidMl: Math.max(0, there.liquidMl - usedMl),
  };
  return {
    dishes: shares,
    there,
    left,
    leftBy: leftBy(sharing, shares),
    short: shortOf(shares, left),
    proved: served.optimal && (nearest?.optimal ?? false),
  };
}

/**
 * As many whole servings as there can be: those of the highest priority first, and of each next class as many as leave those
 * before as many; of equals the dish that stands first.
 */
function mostServed({ dishes }: Sharing, model: Model, solver: LpSolver): ReturnType<typeof solved> {
  const servings = dishes.reduce((sum, { count }) => sum + count, 0);
  const first = dishes.length * (servings + 1) * 2;
  const all = (of: (priority: number, d: number) => number): Terms =>
    dishes.flatMap(({ priority }, d) => {
      const weight = of(priority, d);
      return weight > 0 ? [[s(d), weight] as const] : [];
    });
  const asTheyStand = (d: number) => (dishes.length - d) / first;
  const classes = [...new Set(dishes.map(({ priority }) => priority))].toSorted((a, b) => a - b);
  const rows: Row[] = [];
  const most = (objective: Terms) =>
    solved({ sense: 'max', objective, ...model, rows: [...model.rows, ...rows] }, solver);
  if (classes.length === 1) return most(all((_, d) => 1 + asTheyStand(d)));
  let optimal = true;
  for (const one of classes) {
    const own = all((priority) => (priority === one ? 1 : 0));
    const found = most(own);
    if (!found) return undefined;
    optimal = optimal && found.optimal;
    const n = own.reduce((sum, [name]) => sum + Math.round(found.of(name)), 0);
    rows.push({ terms: own, is: '>=', than: n });
  }
  const last = most(all((_, d) => asTheyStand(d)));
  return last && { ...last, optimal: optimal && last.optimal };
}

function shareOf(
  dish: ShareDish,
  d: number,
  sources: Sharing['sources'],
  of: (name: string) => number,
): DishShare {
  const n = Math.round(of(s(d)));
  const chosen = (kind: 'm' | 'l', measures: readonly Measure[]) =>
    measures.find((_, j) => of(at(`z${kind}`, d, j)) > 0.5);
  const scoop = dish.lockedG === undefined ? chosen('m', dish.scoops) : undefined;
  const ladle = dish.lockedMl === undefined ? chosen('l', dish.ladles) : undefined;
  const meatG = n > 0 ? of(t(d)) / n : (scoop?.amount ?? dish.lockedG ?? dish.meat.want);
  const ladledMl = n > 0 ? of(v(d)) / n : (ladle?.amount ?? dish.lockedMl ?? dish.liquid.want);
  return shareWith(dish, {
    servings: n,
    meatG,
    ladledMl,
    heldMl: dish.held * meatG - (n > 0 && dry(dish) ? of(k(d)) / n : 0),
    scoop: n > 0 ? scoop : undefined,
    ladle: n > 0 ? ladle : undefined,
    from: n > 0 ? fromOf(dish, d, n, sources, of) : [],
  });
}

/** One serving by its batches: of the liquid of each, what the shred holds and what is ladled as the dish has them in all. */
function fromOf(
  dish: ShareDish,
  d: number,
  n: number,
  sources: Sharing['sources'],
  of: (name: string) => number,
): readonly FromBatch[] {
  const held = dish.held * of(t(d)) - (dry(dish) ? of(k(d)) : 0);
  const all = held + of(v(d));
  return sources.flatMap(({ batch }, b) => {
    if (!draws(dish, batch)) return [];
    const [g, ml] = [of(at('x', d, b)) / n, of(at('w', d, b)) / n];
    if (!(g > SLACK || ml > SLACK)) return [];
    const heldMl = all > 0 ? Math.min(ml, (ml * held) / all) : 0;
    return [{ batch, g: Math.max(0, g), heldMl: Math.max(0, heldMl), ladledMl: Math.max(0, ml - heldMl) }];
  });
}

/** A portion that has no largest is drawn as if it could grow by so much. */
const ROOM = 1.3;
const NO_LARGEST = 1e5;

const shareWith = (
  { id, name, count, meat }: ShareDish,
  got: Pick<DishShare, 'servings' | 'meatG' | 'ladledMl' | 'heldMl' | 'scoop' | 'ladle' | 'from'>,
): DishShare => ({
  dish: id,
  name,
  of: count,
  ...got,
  liquidMl: got.ladledMl + got.heldMl,
  smallestG: meat.min,
  largestG: meat.max < NO_LARGEST ? meat.max : ROOM * meat.want,
});

/** What no serving takes of each batch. */
const leftBy = ({ sources }: Sharing, shares: readonly DishShare[]): ShareOut['leftBy'] =>
  sources.map(({ batch, shredG, liquidMl }) => {
    const taken = shares.flatMap(({ servings, from }) =>
      from.filter((one) => one.batch === batch).map((one) => ({ ...one, servings })),
    );
    const rest = (had: number, of: (one: FromBatch) => number) =>
      Math.max(0, had - taken.reduce((sum, one) => sum + one.servings * of(one), 0));
    return {
      batch,
      shredG: rest(shredG, ({ g }) => g),
      liquidMl: rest(liquidMl, ({ heldMl, ladledMl }) => heldMl + ladledMl),
    };
  });

const thereIs = ({ sources }: Sharing): Both => ({
  shredG: sources.reduce((sum, { shredG }) => sum + shredG, 0),
  liquidMl: sources.reduce((sum, { liquidMl }) => sum + liquidMl, 0),
});

function shortOf(shares: readonly DishShare[], left: Both): ShareOut['short'] {
  const lacking = (of: (share: DishShare) => number) =>
    shares.reduce((sum, one) => sum + (one.of - one.servings) * of(one), 0);
  const servings = lacking(() => 1);
  return {
    servings,
    meatG: servings > 0 ? Math.max(0, lacking(({ meatG }) => meatG) - left.shredG - SLACK) : 0,
    liquidMl: servings > 0 ? Math.max(0, lacking(({ liquidMl }) => liquidMl) - left.liquidMl - SLACK) : 0,
  };
}

/** Nobody has ordered anything, or nothing is there. */
function nothing(sharing: Sharing): ShareOut {
  const shares = spread(
    sharing,
    sharing.dishes.map((dish) =>
      shareWith(dish, {
        servings: 0,
        meatG: dish.lockedG ?? dish.meat.want,
        ladledMl: dish.lockedMl ?? dish.liquid.want,
        heldMl: dish.held * (dish.lockedG ?? dish.meat.want),
        scoop: undefined,
        ladle: undefined,
        from: [],
      }),
    ),
  );
  const there = thereIs(sharing);
  return {
    dishes: shares,
    there,
    left: there,
    leftBy: leftBy(sharing, shares),
    short: shortOf(shares, there),
    proved: true,
  };
}
