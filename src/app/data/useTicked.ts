import { useLiveQuery } from 'dexie-react-hooks';
import { db } from './db.ts';

const nothing: ReadonlySet<string> = new Set();

/** The lines of the shopping list that have been ticked off. */
export function useTicked(): ReadonlySet<string> {
  return useLiveQuery(
    async () => {
      const row = await db.kept.get('shopping');
      return new Set(row?.id === 'shopping' ? row.got : []);
    },
    [],
    nothing,
  );
}
