import { useEffect, useMemo, useState } from 'react';
import { type Digest, isPast, type Logged } from '@/core/log/index.ts';
import { clockNow } from '../../browser/clock.ts';
import type { Damaged } from '@/store/meals.ts';
import { logOf } from '@/store/digests.ts';
import { db } from '../../browser/db.ts';
import { type Mended, mendingNow, mendLog, unreadNow } from '../../open/taught.ts';
import { useWatched } from '../../browser/watched.ts';
import { useStored } from '../../browser/useStored.ts';

export interface Log {
  /** All past batches, oldest first; undefined while they are read. */
  readonly digests: readonly Logged[] | undefined;
  /** How far it is made anew, where that is under way. */
  readonly mending: Mended | undefined;
  /** Meals that it could not read. */
  readonly unread: readonly Damaged[];
}

/** The first picture of the log is not kept waiting, ms. */
const AFTER_MS = 150;
const AT_MOST_MS = 600;

/** The log as it stands on the disk, brought up to date with the meals. */
export function useLog(): Log {
  // An act lets go of its meal's digest: it is made anew, and what stood before stands until then.
  const counts = useStored(['digests missing'], async () => [
    await db.meals.count(),
    await db.digests.count(),
  ]);
  const missing = counts && (counts[0] ?? 0) - (counts[1] ?? 0);
  // Meals may also have gone, with their digests: nothing is missing then, and the log still lists them.
  const marks = counts?.join();
  const log = useStored(['log'], () => logOf(db));
  const digests = useMemo(() => {
    if (!log) return undefined;
    const now = clockNow();
    return log.filter((digest) => isPast(digest, now));
  }, [log]);
  const [stood, stand] = useState<readonly Logged[]>();
  const unread = useWatched(unreadNow);
  if (digests && digests !== stood && (missing === unread.length || !stood || digests.length > stood.length))
    stand(digests);
  // What is there is shown first: looking for what is missing takes a moment of its own.
  const isShown = stood !== undefined;
  useEffect(() => {
    const later = setTimeout(() => void mendLog().catch(reportError), isShown ? AFTER_MS : AT_MOST_MS);
    return () => clearTimeout(later);
  }, [marks, isShown]);
  return { digests: stood, mending: useWatched(mendingNow), unread };
}

/** A batch of the log with its strands; undefined while they are read. */
export function useWhole(of: Logged | undefined): Digest | undefined {
  const found = useStored(['digest', of?.meal, of?.batch], async () => {
    if (!of) return undefined;
    const row = await db.digests.get(of.meal);
    return row?.digests.find(({ batch }) => batch === of.batch);
  });
  return found?.batch === of?.batch ? found : undefined;
}
