import { liveQuery } from 'dexie';
import type { BrowserRow } from '@/store/kinds.ts';
import { db } from './db.ts';
import { watched } from './watched.ts';

/** Cautions that somebody here has read: they stand folded, on this device alone. */
export const readCautions = watched<ReadonlySet<string>>(new Set());

let asked = false;
/** Reads them once, and follows what another tab folds. */
export function followReadCautions(): void {
  if (asked) return;
  asked = true;
  liveQuery(() => db.house.get('read cautions')).subscribe({
    next: (row) => readCautions.set(new Set(row?.id === 'read cautions' ? row.which : [])),
    // A store that does not open is said elsewhere: cautions then stand whole.
    error: () => undefined,
  });
}

/** Folds a caution, or shows it whole again. */
export function foldCaution(id: string, folded: boolean): void {
  const which = new Set(readCautions.now());
  if (folded) which.add(id);
  else which.delete(id);
  readCautions.set(which);
  const row: BrowserRow = { id: 'read cautions', which: [...which] };
  db.table<BrowserRow, string>('house').put(row).catch(reportError);
}
