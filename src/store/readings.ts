import type { Table, Transaction } from 'dexie';
import type { Entry } from '@/core/meal/index.ts';
import type { EntryRow, ReadingsRow } from './kinds.ts';

/*
 * Readings lie in one row a batch: five thousand rows come in in seconds where three hundred thousand took half a
 * minute, and a batch is read with one look.
 */

const readingsTable = (tx: Transaction) => tx.table<ReadingsRow, string>('entries');

/** The readings of a batch, each as acts know it. */
export function entriesIn({ id, mealId, entries }: ReadingsRow): readonly EntryRow[] {
  // A damaged row is for whoever draws the meal to stumble on: read as nothing, it would be lost unseen.
  return isDamaged(entries)
    ? [{ id, mealId, entry: entries as never }]
    : entries.map((entry) => ({ id: entry.id, mealId, entry }));
}

const isDamaged = (entries: unknown): boolean => !Array.isArray(entries);

/** Readings as one row a batch, in their order. */
export function byBatch(entries: readonly EntryRow[]): readonly ReadingsRow[] {
  const rows = new Map<string, { id: string; mealId: string; entries: Entry[] }>();
  for (const { mealId, entry } of entries) {
    const row = rows.get(entry.batch) ?? { id: entry.batch, mealId, entries: [] };
    row.entries.push(entry);
    rows.set(entry.batch, row);
  }
  return [...rows.values()];
}

/** Puts readings in, or takes them out, in the order of these changes: one write a batch. */
export async function writeEntries(
  tx: Transaction,
  changes: readonly { readonly before?: EntryRow | undefined; readonly after?: EntryRow | undefined }[],
): Promise<void> {
  const open = new Map<string, ReadingsRow>();
  for (const { before, after } of changes) {
    const one = after ?? before;
    if (!one) continue;
    const { batch } = one.entry;
    const row = open.get(batch) ??
      (await readingsTable(tx).get(batch)) ?? { id: batch, mealId: one.mealId, entries: [] };
    // With its batch it may have come into another meal.
    open.set(batch, { ...row, mealId: one.mealId, entries: withEntry(row.entries, one.id, after?.entry) });
  }
  for (const row of open.values())
    await (row.entries.length > 0 ? readingsTable(tx).put(row) : readingsTable(tx).delete(row.id));
}

function withEntry(entries: readonly Entry[], id: string, entry: Entry | undefined): readonly Entry[] {
  const at = entries.findIndex((other) => other.id === id);
  if (at < 0) return entry ? [...entries, entry] : entries;
  return entry ? entries.with(at, entry) : entries.toSpliced(at, 1);
}

/** The reading of that id, if it is there still. */
export async function entryOf(tx: Transaction, of: EntryRow): Promise<EntryRow | undefined> {
  const row = await readingsTable(tx).get(of.entry.batch);
  return row && entriesIn(row).find(({ id }) => id === of.id);
}

/** Turns a table of single rows, as versions before the third kept them, into one a batch. */
export async function rowsByBatch(table: Table<EntryRow | ReadingsRow, string>): Promise<void> {
  const single = (await table.toArray()).filter((row): row is EntryRow => 'entry' in row);
  // What has no batch cannot be put into one; it stays as it lies, and its meal says that it cannot be read.
  const whole = single.filter(({ entry }) => typeof (entry as Partial<Entry> | null)?.batch === 'string');
  await table.bulkDelete(whole.map(({ id }) => id));
  await table.bulkPut([...byBatch(whole)]);
}
