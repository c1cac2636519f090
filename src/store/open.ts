import { copyBefore } from './copyBefore.ts';
import type { SlowSpoonDb } from './db.ts';
import { storageFaultOf, type StorageFault } from './faults.ts';

/** The library keeps ten numbers for each version of a store. */
const NUMBERS = 10;

/**
 * Opens the store, and says why if it cannot be: one that a newer version of the program has written is left as it
 * is (the library would open it, and write into it by the older plan).
 * @param told called with all that is news: why it cannot be opened, with what the browser said, or not yet, or may not be written any
 *   more; with undefined once it is open
 */
export async function openStore(
  db: SlowSpoonDb,
  told: (fault: StorageFault | undefined, cause?: string) => void,
): Promise<void> {
  db.on('blocked', () => told('blocked'));
  db.on('versionchange', () => {
    // The library's own answer would open it again with the next act, and write into the newer store.
    db.close({ disableAutoOpen: true });
    told('outdated');
    return false;
  });
  try {
    if (await isNewer(db)) told('newer');
    else {
      await copyBefore(db);
      await db.open();
      told(undefined);
    }
  } catch (error) {
    told(storageFaultOf(error) ?? 'broken', causeOf(error));
  }
}

/** How many errors may lie in one another. */
const DEEP = 5;

/** What the browser said, from the outermost to the innermost: "AbortError: …, DataError: …". */
function causeOf(error: unknown): string {
  const said: string[] = [];
  let now = error;
  for (let i = 0; i < DEEP && now instanceof Error; i += 1) {
    said.push(`${now.name}: ${now.message.split('\n')[0] ?? ''}`);
    now = 'inner' in now ? now.inner : now.cause;
  }
  return said.length > 0 ? said.join(', ') : String(error);
}

async function isNewer(db: SlowSpoonDb): Promise<boolean> {
  // Not every browser tells; then the library's own way with it must do.
  const known = (await (globalThis.indexedDB as Partial<IDBFactory> | undefined)?.databases?.()) ?? [];
  const version = known.find(({ name }) => name === db.name)?.version ?? 0;
  return Math.floor(version / NUMBERS) > db.verno;
}
