import { useEffect } from 'react';
import type { SummaryRow } from '@/store/kinds.ts';
import { mendSummaries } from '@/store/summaries.ts';
import { db } from '../../browser/db.ts';
import { useStored } from '../../browser/useStored.ts';

/** What the lists say of each meal, newest first; undefined while it is read. */
export function useSummaries(): readonly SummaryRow[] | undefined {
  useEffect(() => {
    mendSummaries(db).catch(reportError);
  }, []);
  return useStored(['summaries'], () => db.summaries.orderBy('made').reverse().toArray());
}
