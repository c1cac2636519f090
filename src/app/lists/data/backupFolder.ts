import { afterFirstPaint } from '../../browser/afterFirstPaint.ts';
import { changeBackup, lastBackup, type LastBackup } from '@/store/backup/lastBackup.ts';
import { allAsOneFile, backupName, markBackedUp } from './backups.ts';
import { db } from '../../browser/db.ts';

/*
 * A backup that is written by itself into a folder, where the browser lets a page do that: once a day in which
 * something has changed.
 */

const HOUR_MS = 3_600_000;
const OLD_MS = 20 * HOUR_MS;
/** The first look waits until the page has done with its start. */
const FIRST_LOOK_MS = 15_000;

/** What the browsers that have folders add to their handles. */
interface Allowed {
  queryPermission?(mode: { mode: 'readwrite' }): Promise<PermissionState>;
  requestPermission?(mode: { mode: 'readwrite' }): Promise<PermissionState>;
}
type Folder = FileSystemDirectoryHandle & Allowed;
interface Picks {
  showDirectoryPicker?(options: { id: string; mode: 'readwrite' }): Promise<FileSystemDirectoryHandle>;
}

/** Whether this browser lets a page write into a folder. */
export const hasFolders = (): boolean => 'showDirectoryPicker' in globalThis;

/** Asks for a folder, and writes the first backup into it. */
export async function chooseFolder(): Promise<void> {
  const folder = await (globalThis as Picks).showDirectoryPicker?.({ id: 'slow-spoon', mode: 'readwrite' });
  if (!folder) return;
  await changeBackup(db, (row) => ({ ...row, folder }));
  await backUpToFolder();
}

/** No backup is written by itself any more; those in the folder stay. */
export const leaveFolder = (): Promise<void> => changeBackup(db, ({ folder: _, failed: __, ...row }) => row);

/** Writes everything into the folder now; asks first, if the browser wants to be asked anew. */
export async function backUpToFolder(): Promise<void> {
  const { folder }: { folder?: Folder } = await lastBackup(db);
  if (!folder) return;
  try {
    if ((await folder.requestPermission?.({ mode: 'readwrite' })) === 'denied')
      throw new Error('the browser does not allow it');
    await write(folder);
  } catch (error) {
    const failed = error instanceof Error ? error.message : String(error);
    await changeBackup(db, (row) => ({ ...row, failed }));
  }
}

async function write(folder: FileSystemDirectoryHandle): Promise<void> {
  const now = new Date();
  const all = await allAsOneFile({});
  const file = await folder.getFileHandle(backupName(now), { create: true });
  // What was there under this name stays until all of the new one is written.
  const stream = await file.createWritable();
  await stream.write(all);
  await stream.close();
  await markBackedUp(now);
}

/** Writes into the folder if that is due and the browser allows it without asking. */
export async function backUpIfDue(): Promise<void> {
  const { folder, at = 0, changed }: LastBackup & { folder?: Folder } = await lastBackup(db);
  if (!folder || !changed || Date.now() - at < OLD_MS) return;
  if ((await folder.queryPermission?.({ mode: 'readwrite' })) !== 'granted') {
    await changeBackup(db, (before) => ({ ...before, failed: 'the browser wants to be asked again' }));
    return;
  }
  await backUpToFolder();
}

/** Looks after the folder from now on; of several tabs one does. */
export function keepFolder(): void {
  const now = () => {
    void navigator.locks
      .request('slow-spoon-backup', { ifAvailable: true }, (lock) => (lock ? backUpIfDue() : undefined))
      .catch(reportError);
  };
  void afterFirstPaint.then(() => {
    setTimeout(now, FIRST_LOOK_MS);
    setInterval(now, HOUR_MS);
  });
}
