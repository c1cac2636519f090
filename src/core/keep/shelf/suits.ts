import type { Avoidable, Kitchen, ShelfItem } from '../../meal/index.ts';
import { bestBefore, daysUntil, isFromAhead, gramsLeft, onShelf } from './bestBefore.ts';
import { mustNot } from './edits.ts';

/** Something on the shelf that a pot could take, and how much of it. */
export interface Suits {
  readonly item: ShelfItem;
  readonly grams: number;
}

/**
 * What stands on the shelf and suits a pot, what must go first in front: broth to pour, all of it, and fat to brown in, as
 * much as the pan takes. What a guest must not have is not offered, nor what is past its day.
 */
export function suitsPot(
  shelf: readonly ShelfItem[],
  kitchen: Pick<Kitchen, 'keeps'>,
  now: number,
  { avoid = [], panFatG }: { readonly avoid?: readonly Avoidable[] | undefined; readonly panFatG: number },
): readonly Suits[] {
  return onShelf(shelf, kitchen)
    .filter(
      (item) =>
        (item.what === 'broth' || item.what === 'fat') &&
        mustNot(item, avoid).length === 0 &&
        daysUntil(bestBefore(item, kitchen), now, item.zone) >= 0 &&
        !isFromAhead(item, now),
    )
    .map((item) => ({
      item,
      grams: Math.round(item.what === 'fat' ? Math.min(gramsLeft(item), panFatG) : gramsLeft(item)),
    }))
    .filter(({ grams }) => grams >= 1);
}
