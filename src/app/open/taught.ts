import { usualKitchen } from '@/core/meal/index.ts';
import type { PastBatch } from '@/core/log/index.ts';
import { reference } from '@/reference/index.ts';
import { mendDigests, stampOf, taughtBy } from '@/store/digests.ts';
import { storageFaultOf } from '@/store/faults.ts';
import type { Damaged } from '@/store/meals.ts';
import { startLogger } from '@/workers/logger.ts';
import { db } from '../browser/db.ts';
import { actsBefore } from './queue.ts';
import { watched } from '../browser/watched.ts';

/** What the past batches say, as the reckoning of every meal here wants it. */
export const taughtNow = watched<readonly PastBatch[]>([]);

/** Reads what was made of the log last: before the first picture, so that its figures are this kitchen's own. */
async function readTaught(): Promise<void> {
  taughtNow.set(await taughtBy(db));
}

let asked: Promise<void> | undefined;

/** Reads it where nobody has yet: pages without a meal do not wait for it. */
export const ensureTaught = (): Promise<void> => (asked ??= readTaught());

export interface Mended {
  readonly done: number;
  readonly of: number;
}
/** How far the log is made anew; undefined while it is not. */
export const mendingNow = watched<Mended | undefined>(undefined);

/** Meals that the log could not read, and why; tried again whenever it is mended. */
export const unreadNow = watched<readonly Damaged[]>([]);

let mending: Promise<void> | undefined;
let again = false;

/** Brings the log up to date with the meals; asked again meanwhile, once more after. */
export function mendLog(): Promise<void> {
  if (mending) {
    again = true;
    return mending;
  }
  mending = mend()
    .catch(unlessStorage)
    .finally(() => {
      mending = undefined;
      if (!again) return;
      again = false;
      void mendLog().catch(reportError);
    });
  return mending;
}

/** A full disk loses nothing here: what is made of the meals is made anew once there is room. It is said by what was to be kept. */
function unlessStorage(error: unknown): void {
  if (storageFaultOf(error) === undefined) throw error;
}

async function mend(): Promise<void> {
  await actsBefore();
  const kept = await db.kept.get('kitchen');
  const stamp = stampOf(reference.version, kept?.id === 'kitchen' ? kept.kitchen : usualKitchen);
  let logger: ReturnType<typeof startLogger> | undefined;
  try {
    const { made, unread } = await mendDigests(db, {
      stamp,
      digester: (meals) => (logger ??= startLogger()).digester(meals),
      told: (done, of) => mendingNow.set(of > 0 && done < of ? { done, of } : undefined),
    });
    unreadNow.set(unread);
    if (made) await readTaught();
  } finally {
    logger?.stop();
    mendingNow.set(undefined);
  }
}
