import type { LpSolver } from './program.ts';
import { shareOut } from './shareOut.ts';
import type { ShareDish, ShareOut, Sharing } from './wanted.ts';

/** A way out of too little or too much, and what it does. */
export type Way = {
  /** Servings that go out if it is taken, and what is left then, g. */
  readonly served: number;
  readonly leftG: number;
  /** What each dish gets then. */
  readonly gives: readonly Given[];
} & (
  | { readonly what: 'all down'; readonly share: number; readonly portions: readonly Portioned[] }
  | { readonly what: 'one down'; readonly dish: string; readonly name: string; readonly meatG: number }
  | {
      readonly what: 'fewer';
      readonly dish: string;
      readonly name: string;
      readonly count: number;
      readonly by: number;
    }
  | { readonly what: 'stretch'; readonly grams: number }
  | { readonly what: 'pour'; readonly ml: number }
  | { readonly what: 'more each'; readonly portions: readonly Portioned[] }
  | { readonly what: 'more plates'; readonly dish: string; readonly name: string; readonly by: number }
  | { readonly what: 'even out'; readonly portions: readonly Portioned[] }
);

export interface Given extends Portioned {
  readonly servings: number;
  readonly of: number;
  readonly liquidMl: number;
}

export interface Portioned {
  readonly dish: string;
  readonly meatG: number;
}

/** A serving cut below this share of its smallest is no serving (estimate). */
const NO_SERVING = 0.5;
/** Less than this is not worth a way out, g. */
export const CRUMBS = 20;

const servedIn = ({ dishes }: ShareOut) => dishes.reduce((sum, { servings }) => sum + servings, 0);
const portionsOf = ({ dishes }: ShareOut): Portioned[] => dishes.map(({ dish, meatG }) => ({ dish, meatG }));

/** The ways out that serve more, or use more of what is there: each is a sharing of its own, so what it says is so. */
export function waysOut(sharing: Sharing, now: ShareOut, solver: LpSolver): readonly Way[] {
  const tried = (change: Partial<Sharing>): ShareOut => shareOut({ ...sharing, ...change }, solver);
  const withDish = (id: string, change: (dish: ShareDish) => ShareDish): ShareOut =>
    tried({ dishes: sharing.dishes.map((dish) => (dish.id === id ? change(dish) : dish)) });
  return now.short.servings > 0 ? short(sharing, now, tried, withDish) : over(sharing, now, tried, withDish);
}

type Tried = (change: Partial<Sharing>) => ShareOut;
type WithDish = (id: string, change: (dish: ShareDish) => ShareDish) => ShareOut;

const effect = (out: ShareOut) => ({
  served: servedIn(out),
  leftG: out.left.shredG,
  gives: out.dishes.map(({ dish, servings, of, meatG, liquidMl }) => ({
    dish,
    servings,
    of,
    meatG,
    liquidMl,
  })),
});
const smaller = (dish: ShareDish, min: number): ShareDish => ({
  ...dish,
  scoops: [],
  lockedG: undefined,
  meat: { ...dish.meat, min: Math.min(dish.meat.min, min) },
});

function short(sharing: Sharing, now: ShareOut, tried: Tried, withDish: WithDish): readonly Way[] {
  const before = servedIn(now);
  const ways: Way[] = [];
  const meatShort = now.short.meatG > 0;
  if (meatShort) {
    const down = tried({ dishes: sharing.dishes.map((dish) => smaller(dish, NO_SERVING * dish.meat.min)) });
    if (servedIn(down) > before) {
      const wanted = sharing.dishes.reduce((sum, { count, meat }) => sum + count * meat.want, 0);
      const given = down.dishes.reduce((sum, { servings, meatG }) => sum + servings * meatG, 0);
      ways.push({ what: 'all down', share: 1 - given / wanted, portions: portionsOf(down), ...effect(down) });
    }
    const byWeight = [...now.dishes].sort((a, b) => b.meatG * b.of - a.meatG * a.of);
    for (const { dish, name } of byWeight.slice(0, 2)) {
      const one = withDish(dish, (d) => smaller(d, NO_SERVING * d.meat.min));
      const meatG = one.dishes.find((of) => of.dish === dish)?.meatG ?? 0;
      if (servedIn(one) > before && meatG > 0)
        ways.push({ what: 'one down', dish, name, meatG, ...effect(one) });
    }
    const grams = now.short.meatG;
    const stretched = tried({
      sources: sharing.sources.map((source, i) =>
        i === 0 ? { ...source, shredG: source.shredG + grams } : source,
      ),
    });
    if (servedIn(stretched) > before) ways.push({ what: 'stretch', grams, ...effect(stretched) });
    const [biggest] = [...now.dishes]
      .filter(({ servings }) => servings > 1)
      .sort((a, b) => b.meatG - a.meatG);
    if (biggest) {
      const by = Math.ceil(grams / biggest.meatG);
      const fewer = withDish(biggest.dish, (d) => ({ ...d, count: Math.max(0, d.count - by) }));
      if (fewer.short.servings < now.short.servings && by < biggest.of)
        ways.push({
          what: 'fewer',
          dish: biggest.dish,
          name: biggest.name,
          count: biggest.of - by,
          by,
          ...effect(fewer),
        });
    }
  }
  if (now.short.liquidMl > 0) {
    const ml = now.short.liquidMl;
    const poured = tried({
      sources: sharing.sources.map((source, i) =>
        i === 0 ? { ...source, liquidMl: source.liquidMl + ml } : source,
      ),
    });
    if (servedIn(poured) > before) ways.push({ what: 'pour', ml, ...effect(poured) });
  }
  return ways;
}

function over(sharing: Sharing, now: ShareOut, tried: Tried, withDish: WithDish): readonly Way[] {
  if (now.left.shredG <= CRUMBS) return [];
  const ways: Way[] = [];
  const grown = tried({ evenOut: true });
  if (grown.left.shredG < now.left.shredG - CRUMBS)
    ways.push({ what: 'more each', portions: portionsOf(grown), ...effect(grown) });
  for (const { dish, name, meatG } of now.dishes) {
    const by = meatG > 0 ? Math.floor(now.left.shredG / meatG) : 0;
    if (by <= 0) continue;
    const more = withDish(dish, (d) => ({ ...d, count: d.count + by }));
    const served = servedIn(more) - servedIn(now);
    if (served > 0) ways.push({ what: 'more plates', dish, name, by: served, ...effect(more) });
  }
  const even = tried({
    evenOut: true,
    dishes: sharing.dishes.map((dish) => ({
      ...dish,
      scoops: [],
      meat: { ...dish.meat, max: dish.meat.want > 0 ? Infinity : 0 },
    })),
  });
  if (even.left.shredG < grown.left.shredG - CRUMBS)
    ways.push({ what: 'even out', portions: portionsOf(even), ...effect(even) });
  return ways;
}
