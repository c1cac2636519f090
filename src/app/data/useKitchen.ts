import { useLiveQuery } from 'dexie-react-hooks';
import { usualKitchen } from '@/core/batch/usual.ts';
import type { Kitchen } from '@/core/batch/schema.ts';
import { db } from './db.ts';

/** The kitchen that all meals share, unless they came with their own. */
export function useKitchen(): Kitchen {
  return useLiveQuery(
    async () => {
      const row = await db.kept.get('kitchen');
      return row?.id === 'kitchen' ? row.kitchen : usualKitchen;
    },
    [],
    usualKitchen,
  );
}
