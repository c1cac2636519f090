import type { StorageFault } from '@/store/faults.ts';
import { openStore } from '@/store/open.ts';
import { db } from './db.ts';
import { watched } from './watched.ts';

/** Why nothing can be kept or read at present; undefined if the store is open. What single acts it did not take stands in the queue. */
export const storageFault = watched<StorageFault | undefined>(undefined);

/** What the browser said of it, for whoever looks into it. */
export const storageCause = watched<string | undefined>(undefined);

/**
 * Opens the store before anything asks it.
 * @returns whether it is open, as soon as there is news: one that another tab holds may still be opened later
 */
export function openStorage(): Promise<boolean> {
  return new Promise((resolve) => {
    void openStore(db, (fault, cause) => {
      storageCause.set(cause);
      storageFault.set(fault);
      resolve(fault === undefined);
    });
  });
}
