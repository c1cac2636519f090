import { useEffect } from 'react';
import { db } from './db.ts';
import { actsBefore, inOrder } from './queue.ts';

/*
 * What is typed and not entered yet: one row a field, written with each key, so that a crash brings it back to its
 * field. It goes once the entry that it became is on the disk.
 */

const say = (error: unknown) => {
  reportError(error);
};
// A store that takes no acts takes no drafts; that it does not is told by the acts.
const quietly = (work: () => Promise<unknown>): void => {
  inOrder(work).catch(() => undefined);
};

/** Keeps what stands in a field. */
export const keepDraft = (id: string, text: string): void => quietly(() => db.drafts.put({ id, text }));

/** What stood there has been entered, behind the act that did it. */
export const dropDraft = (id: string): void => quietly(() => db.drafts.delete(id));

/** Brings back to a field what was typed there before a crash, once, as long as nobody has typed there since. */
export function useDraft(id: string | undefined, stored: string, restore: (text: string) => void): void {
  useEffect(() => {
    if (id === undefined) return;
    let left = false;
    const look = async () => {
      await actsBefore();
      const row = await db.drafts.get(id);
      if (left || row === undefined) return;
      if (row.text === stored) dropDraft(id);
      else restore(row.text);
    };
    look().catch(say);
    return () => {
      left = true;
    };
    // Once for each field: what is typed and stored later is newer than any draft that was found.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [id]);
}
