import type { SlowSpoonDb } from './db.ts';
import type { TimerRow } from './kinds.ts';

/** What a meal's plan calls to: words, and when. */
export interface PlannedRing {
  readonly key: string;
  readonly name: string;
  /** Epoch ms. */
  readonly at: number;
}

/** What has rung rings again only if the plan has moved it by more than this, ms. */
const AGAIN = 10 * 60_000;

/**
 * Keeps the rings of one meal as its plan has them: what is planned anew is added, what moved moves, what is done or gone from the plan
 * goes. What the cook put off stays where they put it; what has rung does not ring again for a shift of minutes.
 */
export async function keepRings(
  db: SlowSpoonDb,
  mealId: string,
  planned: readonly PlannedRing[],
  now: number,
): Promise<void> {
  await db.transaction('rw', db.timers, async () => {
    const before = new Map(
      (await db.timers.toArray()).flatMap((row) => (row.mealId === mealId ? [[row.id, row] as const] : [])),
    );
    const puts: TimerRow[] = [];
    for (const { key, name, at } of planned) {
      const id = `${mealId} ${key}`;
      const known = before.get(id);
      before.delete(id);
      const moved = known === undefined || Math.abs(at - known.ends) > (known.rung === 1 ? AGAIN : 0);
      if (known?.heard === 'later' || (!moved && known.name === name)) continue;
      if (known?.rung === 1 && !moved) continue;
      puts.push({ id, name, ends: at, minutes: 0, rung: 0, mealId });
    }
    if (puts.length > 0) await db.timers.bulkPut(puts);
    // What rang and was not heard stays until it is: the plan tells nothing of what is over.
    const gone = [...before.values()]
      .filter(({ ends, heard }) => ends > now || heard === 'yes')
      .map(({ id }) => id);
    if (gone.length > 0) await db.timers.bulkDelete(gone);
  });
}
