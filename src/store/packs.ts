import type { Table, Transaction } from 'dexie';
import type { Entry } from '@/core/meal/index.ts';
import type { EntryRow, PackRow } from './kinds.ts';

/*
 * Readings lie in one row a batch: five thousand rows come in in seconds where three hundred thousand took half a
 * minute, and a batch is read with one look.
 */

const packsOf = (tx: Transaction) => tx.table<PackRow, string>('entries');

/** The readings of a pack, each as acts know it. */
export function unpacked({ id, mealId, entries }: PackRow): readonly EntryRow[] {
  // A damaged pack is for whoever draws the meal to stumble on: read as nothing, it would be lost unseen.
  return isDamaged(entries)
    ? [{ id, mealId, entry: entries as never }]
    : entries.map((entry) => ({ id: entry.id, mealId, entry }));
}

const isDamaged = (entries: unknown): boolean => !Array.isArray(entries);

/** Readings as one row a batch, in their order. */
export function packed(rows: readonly EntryRow[]): readonly PackRow[] {
  const packs = new Map<string, { id: string; mealId: string; entries: Entry[] }>();
  for (const { mealId, entry } of rows) {
    const pack = packs.get(entry.batch) ?? { id: entry.batch, mealId, entries: [] };
    pack.entries.push(entry);
    packs.set(entry.batch, pack);
  }
  return [...packs.values()];
}

/** Puts readings in, or takes them out, in the order of these changes: one write a batch. */
export async function writeEntries(
  tx: Transaction,
  changes: readonly { readonly before?: EntryRow | undefined; readonly after?: EntryRow | undefined }[],
): Promise<void> {
  const open = new Map<string, PackRow>();
  for (const { before, after } of changes) {
    const row = after ?? before;
    if (!row) continue;
    const batch = row.entry.batch;
    const pack = open.get(batch) ??
      (await packsOf(tx).get(batch)) ?? { id: batch, mealId: row.mealId, entries: [] };
    open.set(batch, { ...pack, entries: withEntry(pack.entries, row.id, after?.entry) });
  }
  for (const pack of open.values())
    await (pack.entries.length > 0 ? packsOf(tx).put(pack) : packsOf(tx).delete(pack.id));
}

function withEntry(entries: readonly Entry[], id: string, entry: Entry | undefined): readonly Entry[] {
  const at = entries.findIndex((other) => other.id === id);
  if (at < 0) return entry ? [...entries, entry] : entries;
  return entry ? entries.with(at, entry) : entries.toSpliced(at, 1);
}

/** The reading of that id, if it is there still. */
export async function entryOf(tx: Transaction, row: EntryRow): Promise<EntryRow | undefined> {
  const pack = await packsOf(tx).get(row.entry.batch);
  return pack && unpacked(pack).find(({ id }) => id === row.id);
}

/** Turns a table of single rows, as versions before the third kept them, into packs. */
export async function packRows(table: Table<EntryRow | PackRow, string>): Promise<void> {
  const single = (await table.toArray()).filter((row): row is EntryRow => 'entry' in row);
  // What has no batch cannot be packed; it stays as it lies, and its meal says that it cannot be read.
  const whole = single.filter(({ entry }) => typeof (entry as Partial<Entry> | null)?.batch === 'string');
  await table.bulkDelete(whole.map(({ id }) => id));
  await table.bulkPut([...packed(whole)]);
}
