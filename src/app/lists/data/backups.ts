import type { Course } from '@/store/backup/save.ts';
import type { Backup, BackupReading } from '@/store/backup/read.ts';
import type { Way } from '@/store/backup/restore.ts';
import { changeBackup } from '@/store/backup/lastBackup.ts';
import type { BackupChanges } from '@/core/meal/file/index.ts';
import { db, isDemo } from '../../browser/db.ts';
import { onDisk } from '../../open/memory.ts';
import { inOrder } from '../../open/queue.ts';
import { queries } from '../../open/queries.ts';
import { saveFile } from '../../browser/saveText.ts';
import { keepingKey } from './useKeeping.ts';

export type { Backup, Way };

/** "slow-spoon-2026-11-27.jsonl"; of the demo it says so. */
export function backupName(now: Date): string {
  const day = new Intl.DateTimeFormat('sv-SE', { dateStyle: 'short' }).format(now);
  return `slow-spoon-${isDemo ? 'demo-' : ''}${day}.jsonl`;
}

/** Everything that is kept, as one file. */
export async function allAsOneFile(course: Course): Promise<Blob> {
  const { saveAll } = await import('@/store/backup/save.ts');
  return inOrder(() => saveAll(db, course));
}

/** Saves everything as one file, and remembers that and when. */
export async function saveBackup(course: Course): Promise<void> {
  const now = new Date();
  saveFile(backupName(now), await allAsOneFile(course));
  await markBackedUp(now);
}

/** Remembers that all has been backed up. */
export const markBackedUp = (now: Date): Promise<void> =>
  changeBackup(db, ({ failed: _, ...row }) => ({ ...row, at: now.getTime() }));

/** Reads a backup; nothing is changed. */
export async function openBackup(file: File, course: Course): Promise<BackupReading> {
  const { readBackup } = await import('@/store/backup/read.ts');
  return readBackup(file, course);
}

/** What a backup would change here. */
export async function compareBackup(backup: Backup, course: Course): Promise<BackupChanges> {
  const { changesBy } = await import('@/store/backup/restore.ts');
  return inOrder(() => changesBy(db, backup, course));
}

/** Brings a backup in, whole or not at all; then the page and every other tab read anew. */
export async function bringBack(backup: Backup, way: Way, course: Course): Promise<void> {
  const { restore } = await import('@/store/backup/restore.ts');
  await onDisk(() => restore(db, backup, way, course));
  // A meal that the backup has taken away is not one that was lost under its page.
  queries.removeQueries({ queryKey: ['rows'], type: 'inactive' });
  await queries.invalidateQueries({ queryKey: keepingKey });
}
