import type { StorageFault } from '@/store/faults.ts';
import { openStore } from '@/store/open.ts';
import { db } from './db.ts';

/*
 * The store as a whole: whether it could be opened at all. What single acts it did not take stands in the queue.
 */
let fault: StorageFault | undefined;
const listeners = new Set<() => void>();

function tell(now: StorageFault | undefined): void {
  fault = now;
  for (const listener of listeners) listener();
}

/** Why nothing can be kept or read at present; undefined if the store is open. */
export const storage = {
  fault: () => fault,
  subscribe: (listener: () => void) => {
    listeners.add(listener);
    return () => {
      listeners.delete(listener);
    };
  },
};

/**
 * Opens the store before anything asks it.
 * @returns whether it is open; why not is told on the page
 */
export async function openStorage(): Promise<boolean> {
  const why = await openStore(db, tell);
  if (why) tell(why);
  return why === undefined;
}
