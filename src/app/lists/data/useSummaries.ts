import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect } from 'react';
import type { SummaryRow } from '@/store/kinds.ts';
import { mendSummaries } from '@/store/summaries.ts';
import { db } from '../../browser/db.ts';

/** What the lists say of each meal, newest first; undefined while it is read. */
export function useSummaries(): readonly SummaryRow[] | undefined {
  useEffect(() => {
    mendSummaries(db).catch(reportError);
  }, []);
  return useLiveQuery(() => db.summaries.orderBy('made').reverse().toArray(), []);
}
