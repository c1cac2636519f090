import { useQuery } from '@tanstack/react-query';
import type { Handout } from '@/core/meal/index.ts';
import { handouts, keepHandout, removeHandout, writeIn } from '@/store/handouts.ts';
import type { HandoutRow } from '@/store/kinds.ts';
import { db } from '../browser/db.ts';
import { queries } from '../open/queries.ts';

const key = ['handouts'] as const;

/** What was handed to this phone; undefined while it is read. */
export const useHandouts = (): readonly HandoutRow[] | undefined =>
  useQuery({ queryKey: key, queryFn: () => handouts(db), staleTime: Infinity, throwOnError: true }).data;

const reread = () => queries.invalidateQueries({ queryKey: key });

export async function takeHandout(handout: Handout): Promise<void> {
  await keepHandout(db, handout);
  await reread();
}

export async function letGo(id: string): Promise<void> {
  await removeHandout(db, id);
  await reread();
}

/** Writes into what was handed out: on the disk before it is shown. */
export function writeHandout(id: string, write: (row: HandoutRow) => HandoutRow): void {
  writeIn(db, id, write)
    .then((row) => {
      queries.setQueryData<readonly HandoutRow[]>(key, (rows = []) =>
        rows.map((one) => (one.id === id ? row : one)),
      );
    })
    .catch(reportError);
}
