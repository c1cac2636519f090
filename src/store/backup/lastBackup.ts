import type { Transaction } from 'dexie';
import type { SlowSpoonDb } from '../db.ts';
import type { BrowserRow } from '../kinds.ts';

const DAY_MS = 86_400_000;
/** After so many days with changes it is time for another (common practice, no source). */
const DUE_DAYS = 14;

/** What this browser remembers of its backups. */
export interface LastBackup extends Remembered {
  /** Something has been done since. */
  readonly changed: boolean;
}
interface Remembered {
  /** Epoch ms; undefined if there never was one. */
  readonly at?: number;
  readonly folder?: FileSystemDirectoryHandle;
  readonly failed?: string;
}

const houseOf = (tx: Transaction) => tx.table<BrowserRow, string>('house');

const remembered = (row: BrowserRow | undefined): Remembered => {
  if (row?.id !== 'backup') return {};
  const { id: _, ...rest } = row;
  return rest;
};

/** When all was backed up last, and whether something has been done since. */
export async function lastBackup(db: SlowSpoonDb): Promise<LastBackup> {
  const [backup, change] = await db.house.bulkGet(['backup', 'changed']);
  const row = remembered(backup);
  const changedAt = change?.id === 'changed' ? change.at : 0;
  return { ...row, changed: changedAt > (row.at ?? 0) };
}

/** Whether it is time for another: something has been done, and the last one is old or there is none. */
export const isDue = ({ at = 0, changed }: LastBackup, now: number): boolean =>
  changed && now - at > DUE_DAYS * DAY_MS;

/** Remembers, with what is changed, that something was. */
export const markChanged = (tx: Transaction, at: number): Promise<unknown> =>
  houseOf(tx).put({ id: 'changed', at });

/** Changes what is remembered of the backups. */
export async function changeBackup(db: SlowSpoonDb, recipe: (row: Remembered) => Remembered): Promise<void> {
  await db.transaction('rw', db.house, async (tx) => {
    await houseOf(tx).put({ id: 'backup', ...recipe(remembered(await houseOf(tx).get('backup'))) });
  });
}
