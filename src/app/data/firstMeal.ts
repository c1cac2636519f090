import { usualBatch, usualDish, usualKitchen, usualLot, usualMeal } from '@/core/batch/usual.ts';
import { reckon } from '@/core/reckon.ts';
import { reference } from '@/reference/index.ts';
import { loadMeal, type LoadedMeal } from '@/store/meals.ts';
import { db } from './db.ts';

let first: { readonly id: string; readonly loaded: LoadedMeal } | undefined;

/**
 * Reads the meal that the address names before anything is drawn, so that the first picture of the
 * page already has its figures. While the disk is busy a small meal is reckoned: the browser then
 * has the core compiled when the real one comes.
 */
export async function readFirstMeal(path: string): Promise<void> {
  const id = /^\/meals\/([^/]+)\//.exec(path)?.[1];
  if (id === undefined) return;
  const reading = loadMeal(db, id);
  warmUp();
  const loaded = await reading;
  if (loaded) first = { id, loaded };
}

function warmUp(): void {
  const lot = {
    ...usualLot('lot'),
    cut: reference.cuts[0]?.id ?? '',
    weight: { text: '', lo: 1000, hi: 1000 },
  };
  const dish = { ...usualDish('dish'), count: { text: '', lo: 8, hi: 8 } };
  reckon({
    meal: { ...usualMeal('meal', '', 'dish', 'batch'), dishes: [dish] },
    batches: [{ ...usualBatch('batch', ''), lots: [lot] }],
    entries: [],
    kitchen: usualKitchen,
    reference,
  });
}

/** The meal as it was when the page opened, if it is this one: once, while the live query starts. */
export function firstMealOf(id: string): LoadedMeal | undefined {
  return first?.id === id ? first.loaded : undefined;
}

/** From then on the live query answers. */
export function forgetFirstMeal(): void {
  first = undefined;
}
