import type { Act, Change, MealRow, Row } from './kinds.ts';

type Scope = Pick<Act, 'mealId' | 'house'>;

/**
 * Where an act is on offer to be undone: in its meal; where no meal is open only what belongs to none, and what has
 * taken a meal away, since there is no page of it any more.
 * @param mealId the meal that was open when it was done
 */
export function scopeOf(changes: readonly Change[], mealId: string | undefined): Scope {
  const of = mealId ?? mealsIn(changes)[0] ?? '';
  const takes = changes.some(
    (change) => change.what === 'put' && change.table === 'meals' && change.before && !change.after,
  );
  return { mealId: of, house: of === '' || takes ? 1 : 0 };
}

/** The meals whose rows are changed, each once. */
export function mealsIn(changes: readonly Change[]): readonly string[] {
  const rows = changes.flatMap((change) =>
    change.what === 'append' ? [change.row] : [change.before, change.after],
  );
  return [...new Set(rows.flatMap(mealsOf))];
}

const mealsOf = (row: Row | undefined): string[] =>
  row === undefined ? [] : 'mealId' in row ? [row.mealId] : isMeal(row) ? [row.id] : [];
const isMeal = (row: Row): row is MealRow => 'meal' in row;
