import type { MealReckoning } from '../../reckoning/index.ts';
import type { Avoidable } from '../../meal/index.ts';
import type { Amount } from '../../ledger/index.ts';
import { allergensByDish, NO_ALCOHOL, oneServing, type OpenedMeal } from '../../model/index.ts';
import type { Range } from '../../quantity/index.ts';

/** What one serving of a dish holds, of what comes out of the pots; bread and what goes on it are not in it. */
export interface PerServing {
  readonly dish: string;
  readonly name: string;
  readonly energyKcal: Range;
  readonly proteinG: Range;
  readonly fatG: Range;
  readonly saltG: Range;
  /** Alcohol that is left; undefined: none that counts. */
  readonly alcoholG: Range | undefined;
  /** What guests may have to avoid: of the pots it may draw on, of what it is built of and what goes on it. */
  readonly holds: readonly Avoidable[];
  /** What is in it of which nobody knows what it holds. */
  readonly notKnown: readonly string[];
}

/** kcal in a gram (Atwater's general factors, published: as USDA SR24 documents them; salt and water have none). */
const ATWATER = { protein: 4, fat: 9, carbohydrate: 4, alcohol: 7 } as const;

/** Energy of an amount, kcal. */
export const energyOf = ({ protein, fat, starch, other, alcohol }: Amount): number =>
  ATWATER.protein * protein +
  ATWATER.fat * fat +
  ATWATER.carbohydrate * (starch + other) +
  ATWATER.alcohol * alcohol;

/**
 * What one serving of each dish holds: the flows to its plates over its servings, as far as the serving's own weight is
 * known. An estimate throughout: what is in the flesh comes from the tables.
 */
export function perServing(
  meal: OpenedMeal,
  { servings }: Pick<MealReckoning, 'servings'>,
): readonly PerServing[] {
  const { input, plan } = meal;
  const allergens = allergensByDish(input);
  return plan.tickets.map((ticket, t) => {
    const one = oneServing(meal, t);
    const { mid = 0, p10 = mid, p90 = mid } = servings.find(({ dish }) => dish === ticket.id)?.meatG ?? {};
    const [low, high] = mid > 0 ? [p10 / mid, p90 / mid] : [1, 1];
    const range = (value: number, off: number): Range => ({
      mid: value,
      p10: value * low * (1 - off),
      p50: value,
      p90: value * high * (1 + off),
    });
    const { contains = [], notKnown = [] } = allergens.find(({ dish }) => dish === ticket.id) ?? {};
    return {
      dish: ticket.id,
      name: ticket.name,
      energyKcal: range(energyOf(one), OFF.energy),
      proteinG: range(one.protein, OFF.protein),
      fatG: range(one.fat, OFF.fat),
      saltG: range(one.salt, OFF.salt),
      alcoholG: one.alcohol >= NO_ALCOHOL ? range(one.alcohol, OFF.alcohol) : undefined,
      holds: contains.map(({ what }) => what),
      notKnown: [...new Set(notKnown.map(({ name }) => name))],
    };
  });
}

/** What the composition itself is off by, relative: cooked fat is known worst (estimates; see numbers.md 1). */
const OFF = { energy: 0.07, protein: 0.05, fat: 0.2, salt: 0.1, alcohol: 0.3 } as const;
