import { withChilling } from './afterEdits.ts';
import type { Batch, Kitchen, Meal } from './schema.ts';
import { handsOf } from './usual.ts';

/** What a cook can change at once about pots that have no place in the day: one rule for the trying and for the taking. */
const placeEdits = ['raw in', 'the day before', 'another pair of hands'] as const;
export type PlaceEdit = (typeof placeEdits)[number];
export const isPlaceEdit = (way: string): way is PlaceEdit => placeEdits.some((one) => one === way);

/** A pot without a place, changed so; undefined where that changes nothing of it. */
export function potPlaced(batch: Batch, way: PlaceEdit): Batch | undefined {
  switch (way) {
    case 'raw in':
      return batch.sear ? { ...batch, sear: false } : undefined;
    case 'the day before':
      return batch.chilled ? undefined : withChilling(batch, true);
    case 'another pair of hands':
      return undefined;
  }
}

/** The meal of such pots, changed so. */
export const mealPlaced = (meal: Meal, kitchen: Pick<Kitchen, 'hands'>, way: PlaceEdit): Meal =>
  way === 'another pair of hands'
    ? { ...meal, day: { ...meal.day, hands: handsOf(meal, kitchen) + 1 } }
    : meal;
