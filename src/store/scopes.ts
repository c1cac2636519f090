import type { Act, Change, MealRow, Row } from './db.ts';

type Scope = Pick<Act, 'mealId' | 'house'>;

/**
 * Where an act is on offer to be undone: in its meal, and where no meal is open if it is of no meal, or makes a meal
 * or takes one away.
 * @param mealId the meal that was open when it was done
 */
export function scopeOf(changes: readonly Change[], mealId: string | undefined): Scope {
  const rows = changes.flatMap((change) =>
    change.what === 'append' ? [change.row] : [change.before, change.after],
  );
  const [own] = rows.flatMap(mealsOf);
  const of = own ?? mealId ?? '';
  const makesOrTakes = changes.some(
    (change) => change.what === 'put' && change.table === 'meals' && (!change.before || !change.after),
  );
  return { mealId: of, house: of === '' || makesOrTakes ? 1 : 0 };
}

const mealsOf = (row: Row | undefined): string[] =>
  row === undefined ? [] : 'mealId' in row ? [row.mealId] : isMeal(row) ? [row.id] : [];
const isMeal = (row: Row): row is MealRow => 'meal' in row;
