import type { FromBatch } from '../out.ts';
import type { DishShare, ShareDish, Sharing } from './wanted.ts';

/** Less than this of a gram is rounding. */
const SLACK = 1e-6;

/**
 * From which pots the servings come. A sharing is as good from one pot as from another, so a programme takes what comes first; hands
 * take of all there is: each dish, those of the fewest pots first, in proportion to what is left in each. What a mixture gives
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

/** Dish by dish, of all that each may draw on; as it was where that does not go round. */
function ofAll(sharing: Sharing, shares: readonly DishShare[]): readonly DishShare[] {
  const { dishes, sources } = sharing;
  const left = sources.map(({ shredG, liquidMl }) => ({ g: shredG, ml: liquidMl }));
  const order = dishes
    .map((dish, d) => ({ dish, d, on: open(sharing, dish) }))
    .toSorted((a, b) => a.on.length - b.on.length || a.d - b.d);
  const found = [...shares];
  for (const { dish, d, on } of order) {
    const share = shares[d];
    if (!share || share.servings === 0) continue;
    const n = share.servings;
    const all = (what: keyof Left) => on.reduce((sum, b) => sum + (left[b]?.[what] ?? 0), 0);
    if (n * share.meatG > all('g') + SLACK || n * share.liquidMl > all('ml') + SLACK) return shares;
    const one = from(sharing, dish, share, left);
    found[d] = { ...share, from: one };
    for (const { batch, g, heldMl, ladledMl } of one) {
      const b = sources.findIndex((source) => source.batch === batch);
      const had = left[b];
      if (had) left[b] = { g: had.g - n * g, ml: had.ml - n * (heldMl + ladledMl) };
    }
  }
  return found;
}
