import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useState } from 'react';
import { type Digest, isPast } from '@/core/log/index.ts';
import { clockNow } from './clock.ts';
import { db } from './db.ts';
import { type Mended, mendingNow, mendLog } from './taught.ts';
import { useWatched } from './watched.ts';

export interface Log {
  /** All past batches, oldest first; undefined while they are read. */
  readonly digests: readonly Digest[] | undefined;
  /** How far it is made anew, where that is under way. */
  readonly mending: Mended | undefined;
}

/** The log as it stands on the disk, brought up to date with the meals. */
export function useLog(): Log {
  // An act lets go of its meal's digest: it is made anew, and what stood before stands until then.
  const missing = useLiveQuery(async () => (await db.meals.count()) - (await db.digests.count()), []);
  useEffect(() => {
    mendLog().catch(reportError);
  }, [missing]);
  const digests = useLiveQuery(async () => {
    const rows = await db.digests.toArray();
    const now = clockNow();
    return rows
      .flatMap((row) => row.digests)
      .filter((digest) => isPast(digest, now))
      .sort((a, b) => a.at - b.at);
  }, []);
  const [stood, stand] = useState<readonly Digest[]>();
  if (digests && digests !== stood && (missing === 0 || !stood || digests.length > stood.length))
    stand(digests);
  return { digests: stood, mending: useWatched(mendingNow) };
}
