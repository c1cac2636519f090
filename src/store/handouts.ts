import type { Handout } from '@/core/meal/index.ts';
import type { SlowSpoonDb } from './db.ts';
import type { HandoutRow } from './kinds.ts';

/** Everything that was handed to this phone, the latest first. */
export const handouts = async (db: SlowSpoonDb): Promise<readonly HandoutRow[]> =>
  (await db.handouts.toArray()).toSorted((a, b) => b.handout.made - a.handout.made);

/** Keeps what was handed out; what was written under the one that it takes the place of stands. */
export const keepHandout = async (db: SlowSpoonDb, handout: Handout): Promise<void> =>
  db.transaction('rw', [db.handouts], async (tx) => {
    const table = tx.table<HandoutRow, string>('handouts');
    const { entries = [], notes = [] } = (await table.get(handout.id)) ?? {};
    await table.put({ id: handout.id, handout, entries, notes });
  });

/**
 * Writes into one.
 * @returns it as it stands then
 * @throws where it is not there any more
 */
export const writeIn = async (
  db: SlowSpoonDb,
  id: string,
  write: (row: HandoutRow) => HandoutRow,
): Promise<HandoutRow> =>
  db.transaction('rw', [db.handouts], async (tx) => {
    const table = tx.table<HandoutRow, string>('handouts');
    const row = await table.get(id);
    if (!row) throw new Error(`What was handed out as “${id}” is not on this phone any more.`);
    const next = write(row);
    await table.put(next);
    return next;
  });

export const removeHandout = async (db: SlowSpoonDb, id: string): Promise<void> => db.handouts.delete(id);
