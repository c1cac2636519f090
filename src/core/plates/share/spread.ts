import type { FromBatch } from '../out.ts';
import type { DishShare, ShareDish, Sharing } from './wanted.ts';

/** Less than this of a gram is rounding. */
const SLACK = 1e-6;

/**
 * From which pots the servings come. A sharing is as good from one pot as from another, so a programme takes what comes first; hands
 * take of all there is: each dish, those of the fewest pots first, in proportion to what is left in each. What a mixture gives
 * hangs on which it is, so where there is one the programme's own choice stands; so it does where this one would not go round.
 */
export function spread({ dishes, sources }: Sharing, shares: readonly DishShare[]): readonly DishShare[] {
  if (sources.some(({ mixed }) => mixed)) return shares;
  const left = sources.map(({ shredG, liquidMl }) => ({ g: shredG, ml: liquidMl }));
  const open = (dish: ShareDish) =>
    sources.flatMap(({ batch }, b) => ((dish.from?.includes(batch) ?? true) ? [b] : []));
  const order = dishes
    .map((dish, d) => ({ d, on: open(dish) }))
    .toSorted((a, b) => a.on.length - b.on.length || a.d - b.d);
  const from = new Map<number, readonly FromBatch[]>();
  for (const { d, on } of order) {
    const share = shares[d];
    if (!share || share.servings === 0) continue;
    const n = share.servings;
    const all = (what: 'g' | 'ml') => on.reduce((sum, b) => sum + (left[b]?.[what] ?? 0), 0);
    const [allG, allMl] = [all('g'), all('ml')];
    if (n * share.meatG > allG + SLACK || n * share.liquidMl > allMl + SLACK) return shares;
    from.set(
      d,
      on.flatMap((b) => {
        const had = left[b];
        const batch = sources[b]?.batch;
        if (!had || batch === undefined) return [];
        const ofMeat = allG > 0 ? had.g / allG : 0;
        const ofLiquid = allMl > 0 ? had.ml / allMl : 0;
        const one = {
          batch,
          g: share.meatG * ofMeat,
          heldMl: share.heldMl * ofLiquid,
          ladledMl: share.ladledMl * ofLiquid,
        };
        left[b] = { g: had.g - n * one.g, ml: had.ml - n * (one.heldMl + one.ladledMl) };
        return one.g > SLACK || one.heldMl + one.ladledMl > SLACK ? [one] : [];
      }),
    );
  }
  return shares.map((share, d) => ({ ...share, from: from.get(d) ?? share.from }));
}
