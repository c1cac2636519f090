import { cookedAt, type Shelvable } from '@/core/answers/index.ts';
import type { ShelfItem, ShelfPlace } from '@/core/meal/index.ts';
import { useOpenMeal } from './MealContext.ts';
import { zoneHere } from './useWall.ts';

interface Boxed {
  readonly place: ShelfPlace;
  /** Epoch ms. */
  readonly at: number;
  readonly boxes?: number | undefined;
}

/** How what is left of a pot stands on the shelf: made when its pot was seen cooked, else now. */
export function useBoxing(): (one: Shelvable, boxed: Boxed) => ShelfItem {
  const { loaded, opened } = useOpenMeal();
  const zone = loaded.meal.serving?.zone ?? zoneHere();
  return (one, { place, at, boxes }) => ({
    ...one,
    id: crypto.randomUUID(),
    // What nobody has seen cooked is in the cook's hands now.
    made: (one.batch !== undefined ? cookedAt(opened, one.batch, at) : undefined) ?? at,
    zone,
    place,
    ...(boxes !== undefined && boxes > 1 && { boxes }),
    ...(place === 'freezer' && { frozen: at }),
    meal: loaded.meal.id,
  });
}

/** Of a pot what kind of thing it is, and which of its liquids. */
export const boxedAs = ({ batch, what, liquid }: Pick<ShelfItem, 'batch' | 'what' | 'liquid'>): string =>
  `${batch ?? ''} ${what} ${liquid ?? ''}`;
