import { usualBatch, usualDish, usualKitchen, usualLot, usualMeal } from '@/core/batch/index.ts';
import { openMeal } from '@/core/model/index.ts';
import { reckon } from '@/core/questions/index.ts';
import { reference } from '@/reference/index.ts';
import { loadRows } from '@/store/meals.ts';
import type { Rows } from '@/store/rows.ts';
import { db } from './db.ts';
import { keptKey } from './memory.ts';
import { queries } from './queries.ts';

let first: { readonly id: string; readonly rows: Rows } | undefined;

/**
 * Reads the meal that the address names before anything is drawn, so that the first picture of the
 * page already has its figures. While the disk is busy a small meal is reckoned: the browser then
 * has the core compiled when the real one comes.
 */
export async function readFirstMeal(path: string): Promise<void> {
  const id = /^\/meals\/([^/]+)\//.exec(path)?.[1];
  if (id === undefined) return;
  const reading = loadRows(db, id);
  warmUp();
  const rows = await reading;
  if (!rows) return;
  first = { id, rows };
  queries.setQueryData(keptKey, rows.kept);
}

function warmUp(): void {
  const lot = {
    ...usualLot('lot'),
    cut: reference.cuts[0]?.id ?? '',
    weight: { text: '', lo: 1000, hi: 1000 },
  };
  const dish = { ...usualDish('dish'), count: { text: '', lo: 8, hi: 8 } };
  const input = {
    meal: { ...usualMeal('meal', '', 'dish', 'batch'), dishes: [dish] },
    batches: [{ ...usualBatch('batch', ''), lots: [lot] }],
    entries: [],
    kitchen: usualKitchen,
    reference,
  };
  reckon(openMeal(input));
}

/** The meal as it was when the page opened, if it is this one: once, while the query starts. */
export function firstMealOf(id: string): Rows | undefined {
  return first?.id === id ? first.rows : undefined;
}

/** From then on the query answers. */
export function forgetFirstMeal(): void {
  first = undefined;
}
