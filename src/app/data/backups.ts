import type { Course } from '@/store/backup/save.ts';
import type { Backup, BackupReading } from '@/store/backup/read.ts';
import type { Changes, Way } from '@/store/backup/restore.ts';
import type { HouseRow } from '@/store/db.ts';
import { db, isDemo } from './db.ts';
import { onDisk } from './memory.ts';
import { inOrder } from './queue.ts';
import { queries } from './queries.ts';
import { saveFile } from './saveText.ts';
import { keepingKey } from './useKeeping.ts';

export type { Backup, Changes, Way };

/** "slow-spoon-2026-11-27.jsonl"; of the demo it says so. */
export function backupName(now: Date): string {
  const day = new Intl.DateTimeFormat('sv-SE', { dateStyle: 'short' }).format(now);
  return `slow-spoon-${isDemo ? 'demo-' : ''}${day}.jsonl`;
}

/** Everything that is kept, as one file; remembers that and when. */
export async function allAsOneFile(course: Course): Promise<Blob> {
  const { saveAll } = await import('@/store/backup/save.ts');
  return inOrder(() => saveAll(db, course));
}

/** Saves everything as one file. */
export async function saveBackup(course: Course): Promise<void> {
  const now = new Date();
  saveFile(backupName(now), await allAsOneFile(course));
  await markBackedUp(now);
}

/** Remembers that all has been backed up. */
export const markBackedUp = (now: Date): Promise<void> =>
  changeHouse(({ failed: _, ...row }) => ({ ...row, at: now.getTime() }));

/** Changes what this browser remembers of its backups. */
export async function changeHouse(recipe: (row: HouseRow) => HouseRow): Promise<void> {
  await db.transaction('rw', db.house, async (tx) => {
    const house = tx.table<HouseRow, string>('house');
    await house.put(recipe((await house.get('backup')) ?? { id: 'backup' }));
  });
}

/** Reads a backup; nothing is changed. */
export async function openBackup(file: File, course: Course): Promise<BackupReading> {
  const { readBackup } = await import('@/store/backup/read.ts');
  return readBackup(file, course);
}

/** What a backup would change here. */
export async function compareBackup(backup: Backup, course: Course): Promise<Changes> {
  const { changesBy } = await import('@/store/backup/restore.ts');
  return inOrder(() => changesBy(db, backup, course));
}

/** Brings a backup in, whole or not at all; then the page and every other tab read anew. */
export async function bringBack(backup: Backup, way: Way, course: Course): Promise<void> {
  const { restore } = await import('@/store/backup/restore.ts');
  await onDisk(() => restore(db, backup, way, course));
  await queries.invalidateQueries({ queryKey: keepingKey });
}
