import type { Transaction } from 'dexie';
import { sameKept, type Kitchen } from '@/core/meal/index.ts';
import { countOf, dishName } from '@/core/order/index.ts';
import { reference } from '@/reference/index.ts';
import type { SlowSpoonDb } from './db.ts';
import type { BatchRow, Change, KeptRow, MealRow, SummaryRow } from './kinds.ts';

const cutNames = new Map(reference.cuts.map(({ id, name }) => [id, name]));

/**
 * What a list says of a meal; of one that cannot be read, that it is damaged.
 * @param shared the kitchen of meals that have none of their own
 */
export function summaryOf(
  { id, made, meal, kitchen }: MealRow,
  batches: readonly BatchRow[],
  shared: Kitchen | undefined,
): SummaryRow {
  try {
    const own = new Map((kitchen ?? shared)?.cuts.map((cut) => [cut.id, cut.name]));
    const cuts = batches.flatMap(({ batch }) =>
      batch.lots.map(({ cut }) => own.get(cut) ?? cutNames.get(cut) ?? ''),
    );
    const words = [
      meal.name,
      meal.notes ?? '',
      ...meal.dishes.map(dishName),
      ...batches.map(({ batch }) => batch.name),
      ...cuts,
    ];
    return {
      id,
      made,
      name: meal.name,
      ...(meal.serving && { serving: meal.serving.local, zone: meal.serving.zone }),
      pots: meal.batches.length,
      plates: meal.dishes.reduce((sum, dish) => sum + countOf(dish), 0),
      words: [...new Set(words)].join(' ').toLowerCase(),
    };
  } catch {
    const name = nameOf(meal);
    return { ...DAMAGED, id, made, name, words: name.toLowerCase() };
  }
}

const DAMAGED = { pots: 0, plates: 0, damaged: true } as const;

/** The name of a meal that may be damaged: it need not hold what its type says. */
export function nameOf(meal: unknown): string {
  const name: unknown = typeof meal === 'object' && meal && 'name' in meal ? meal.name : undefined;
  return typeof name === 'string' ? name : '';
}

/** Makes the summaries anew of the meals that these changes have touched. */
export async function summarize(tx: Transaction, changes: readonly Change[]): Promise<void> {
  const meals = new Set(
    changes.flatMap((change) => {
      if (change.what === 'append') return [];
      const row = change.after ?? change.before;
      if (change.table === 'meals') return [change.id];
      return change.table === 'batches' && row && 'mealId' in row ? [row.mealId] : [];
    }),
  );
  for (const id of meals) await summarizeMeal(tx, id);
}

/** Makes the summary of a meal anew, or takes it out with its meal. */
export async function summarizeMeal(tx: Transaction, id: string): Promise<void> {
  const summaries = tx.table<SummaryRow, string>('summaries');
  const meal = await tx.table<MealRow, string>('meals').get(id);
  if (!meal) return summaries.delete(id);
  const batches = await tx.table<BatchRow, string>('batches').where('mealId').equals(id).toArray();
  const kept = await tx.table<KeptRow, string>('kept').get('kitchen');
  const summary = summaryOf(meal, batches, kept?.id === 'kitchen' ? kept.kitchen : undefined);
  if (!sameKept(await summaries.get(id), summary)) await summaries.put(summary);
}

/** Makes the summaries that are missing and takes out those whose meal is gone: after an upgrade, or a fault. */
export async function mendSummaries(db: SlowSpoonDb): Promise<void> {
  const [meals, summed] = await Promise.all([
    db.meals.toCollection().primaryKeys(),
    db.summaries.toCollection().primaryKeys(),
  ]);
  const [have, want] = [new Set(summed), new Set(meals)];
  const wrong = [...meals.filter((id) => !have.has(id)), ...summed.filter((id) => !want.has(id))];
  if (wrong.length === 0) return;
  await db.transaction('rw', db.meals, db.batches, db.kept, db.summaries, async (tx) => {
    for (const id of wrong) await summarizeMeal(tx, id);
  });
}
