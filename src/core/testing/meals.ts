import {
  type Finish,
  usualAfter,
  usualBatch,
  usualKitchen,
  type Batch,
  type Dish,
  type Entry,
  type Lot,
} from '../meal/index.ts';
import type { Input } from '../model/index.ts';
import { reference } from '@/reference/index.ts';

/** Small meals for tests: what differs is given, the rest is the usual. */
export const grams = (g: number) => ({ text: `${g} g`, lo: g, hi: g });

export const lotOf = (cut: string, g: number, changes: Partial<Lot> = {}): Lot => ({
  id: `lot-${cut}-${g}`,
  kind: 'meat',
  cut,
  weight: grams(g),
  ...changes,
});

/** What differs of a batch; of a list in the usual order only how its liquid is finished. */
export type Changes = Partial<Batch> & Partial<Finish>;

export function batchOf(
  lots: Lot[],
  { strain = true, skim = 'hot', reduceTo, ...changes }: Changes = {},
): Batch {
  const after = [...usualAfter({ strain, skim, reduceTo })];
  return { ...usualBatch('pot', 'Pot'), lots, after, ...changes };
}

export const dishOf = (kind: Dish['kind'], count: number, changes: Partial<Dish> = {}): Dish => ({
  id: `dish-${kind}`,
  kind,
  count: { text: String(count), lo: count, hi: count },
  ...changes,
});

export function inputOf(batches: Batch[], dishes: Dish[], entries: Entry[] = []): Input {
  return {
    meal: { id: 'meal', name: 'Supper', dishes, batches: batches.map((batch) => batch.id) },
    batches,
    entries,
    kitchen: usualKitchen,
    reference,
  };
}

export const weighedEntry = (
  flow: Entry['measures'] & { what: 'flow' | 'sum' },
  g: number,
  at = 1,
): Entry => ({
  id: `entry-${JSON.stringify(flow)}-${at}`,
  at,
  batch: 'pot',
  measures: flow,
  value: grams(g),
  measure: 'mass',
  source: 'typed',
});
