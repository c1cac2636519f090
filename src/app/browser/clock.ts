import type { SlowSpoonDb } from '@/store/db.ts';
import type { BrowserRow } from '@/store/kinds.ts';

/** ms: how far the kitchen's clock is ahead of this machine's; only the demo has a clock of its own. */
let ahead = 0;

/** The moment by the kitchen's clock, epoch ms: what is planned, weighed and tested is told by it. */
export const clockNow = (): number => Date.now() + ahead;

/** Sets the clock, and keeps it: it runs on from there, through any reload. */
export async function setClock(db: SlowSpoonDb, moment: number): Promise<void> {
  ahead = moment - Date.now();
  await db.table<BrowserRow, string>('house').put({ id: 'clock', ahead });
}

/** Takes up the clock as it was kept. */
export async function readClock(db: SlowSpoonDb): Promise<void> {
  const row = await db.house.get('clock');
  ahead = row?.id === 'clock' ? row.ahead : 0;
}
