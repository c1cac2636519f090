import { valueAt } from '../../columns/index.ts';
import { dealtFrom } from '../dealtFrom.ts';
import type { FromBatch } from '../out.ts';
import type { DishShare, ShareDish, Sharing } from './wanted.ts';

/** Less than this of a gram is rounding. */
const SLACK = 1e-6;

/**
 * From which pots the servings come. A sharing is as good from one pot as from another, so a programme takes what comes first; hands
 * take of all there is (see `dealtFrom`). What a mixture gives
 * hangs on which it is, so where there is one the programme's own choice stands; so it does where this one would not go round.
 * A dish of which none can be filled is shown its portion all the same: it would come of what there was.
 */
export function spread(sharing: Sharing, shares: readonly DishShare[]): readonly DishShare[] {
  const { dishes, sources } = sharing;
  const all = sources.map(({ shredG, liquidMl }) => ({ g: shredG, ml: liquidMl }));
  const given = sources.some(({ mixed }) => mixed) ? shares : ofAll(sharing, shares);
  return given.map((share, d) => {
    const dish = dishes[d];
    return dish && share.servings === 0 ? { ...share, from: from(sharing, dish, share, all) } : share;
  });
}

interface Left {
  readonly g: number;
  readonly ml: number;
}

/** The batches that a dish may draw on, by their places. */
const open = ({ sources }: Sharing, dish: ShareDish): readonly number[] =>
  sources.flatMap(({ batch }, b) => ((dish.from?.includes(batch) ?? true) ? [b] : []));

/** One serving by the batches it may draw on, in proportion to what is left of them; of each alike where nothing is. */
function from(
  sharing: Sharing,
  dish: ShareDish,
  share: DishShare,
  left: readonly Left[],
): readonly FromBatch[] {
  const on = open(sharing, dish);
  const sum = (what: keyof Left) => on.reduce((all, b) => all + (left[b]?.[what] ?? 0), 0);
  const [allG, allMl] = [sum('g'), sum('ml')];
  return on.flatMap((b) => {
    const batch = sharing.sources[b]?.batch;
    if (batch === undefined) return [];
    const part = (of: number, all: number) => (all > 0 ? of / all : 1 / on.length);
    const [ofMeat, ofLiquid] = [part(left[b]?.g ?? 0, allG), part(left[b]?.ml ?? 0, allMl)];
    const one = {
      batch,
      g: share.meatG * ofMeat,
      heldMl: share.heldMl * ofLiquid,
      ladledMl: share.ladledMl * ofLiquid,
    };
    return one.g > SLACK || one.heldMl + one.ladledMl > SLACK ? [one] : [];
  });
}

/** Of all that each may draw on, by the rule of the run in the middle; as it was where that does not go round. */
function ofAll(sharing: Sharing, shares: readonly DishShare[]): readonly DishShare[] {
  const { dishes, sources } = sharing;
  const n = sources.length;
  const pools = {
    g: Float64Array.from(sources, ({ shredG }) => shredG),
    ml: Float64Array.from(sources, ({ liquidMl }) => liquidMl),
  };
  const dealt = {
    usedG: Float64Array.from(shares, ({ servings, meatG }) => servings * meatG),
    usedMl: Float64Array.from(shares, ({ servings, liquidMl }) => servings * liquidMl),
    takenG: new Float64Array(shares.length * n),
    takenMl: new Float64Array(shares.length * n),
  };
  dealtFrom(pools, { on: dishes.map((dish) => open(sharing, dish)) }, dealt);
  const sumOf = (taken: Float64Array, d: number) =>
    taken.subarray(d * n, (d + 1) * n).reduce((sum, one) => sum + one, 0);
  const goesRound = shares.every(
    (_, d) =>
      sumOf(dealt.takenG, d) >= valueAt(dealt.usedG, d) - SLACK &&
      sumOf(dealt.takenMl, d) >= valueAt(dealt.usedMl, d) - SLACK,
  );
  if (!goesRound) return shares;
  return shares.map((share, d) => {
    const { servings, heldMl, liquidMl } = share;
    if (servings === 0) return share;
    const ofHeld = liquidMl > 0 ? heldMl / liquidMl : 0;
    const one = sources.flatMap(({ batch }, b): FromBatch[] => {
      const g = valueAt(dealt.takenG, d * n + b) / servings;
      const ml = valueAt(dealt.takenMl, d * n + b) / servings;
      return g > SLACK || ml > SLACK ? [{ batch, g, heldMl: ml * ofHeld, ladledMl: ml * (1 - ofHeld) }] : [];
    });
    return { ...share, from: one };
  });
}
