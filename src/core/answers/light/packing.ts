import type { MealReckoning } from '../../reckoning/index.ts';
import type { Avoidable, Parcel } from '../../meal/index.ts';
import type { OpenedMeal } from '../../model/index.ts';
import { perServing } from './perServing.ts';

import type { Shares } from '../heavy/shares.ts';

/** One dish as it is packed: how many, one serving of it, and all of them. */
export interface PackedDish {
  readonly dish: string;
  readonly name: string;
  readonly count: number;
  readonly meatG: number;
  readonly liquidMl: number;
  readonly allG: number;
  readonly allMl: number;
  readonly scoop: Shares['dishes'][number]['scoop'];
  readonly holds: readonly Avoidable[];
  /** What is in it of which nobody knows what it holds. */
  readonly notKnown: readonly string[];
}

/** What is packed for a place; without a parcel it stays here. */
export interface PackedPlace {
  readonly parcel: Parcel | undefined;
  readonly dishes: readonly PackedDish[];
}

/**
 * What stays here and what goes to each other place, by the portions of the share-out. No more of a dish is packed than can be
 * served: the places are served in their order.
 */
export function packingOf(
  meal: OpenedMeal,
  { dishes }: Shares,
  reckoned: Pick<MealReckoning, 'servings'>,
): readonly PackedPlace[] {
  const facts = perServing(meal, reckoned);
  const open = new Map(dishes.map(({ dish, servings }) => [dish, servings]));
  const packed = (counts: (dish: string) => number): readonly PackedDish[] =>
    dishes.flatMap(({ dish, name, meatG, liquidMl, scoop }) => {
      const count = Math.min(open.get(dish) ?? 0, counts(dish));
      if (count <= 0) return [];
      open.set(dish, (open.get(dish) ?? 0) - count);
      const { holds = [], notKnown = [] } = facts.find((one) => one.dish === dish) ?? {};
      return [
        {
          dish,
          name,
          count,
          meatG,
          liquidMl,
          allG: count * meatG,
          allMl: count * liquidMl,
          scoop,
          holds,
          notKnown,
        },
      ];
    });
  const away = (meal.input.meal.parcels ?? []).map((parcel) => ({
    parcel,
    dishes: packed((dish) => parcel.dishes.find((one) => one.dish === dish)?.count ?? 0),
  }));
  return [{ parcel: undefined, dishes: packed(() => Infinity) }, ...away];
}
