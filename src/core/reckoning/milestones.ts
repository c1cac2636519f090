import { standingEntries, type Entry, isStrained } from '../meal/index.ts';
import { milestonesOf, taskId, type BatchTaskKind, type Milestones } from '../day/index.ts';
import { weighedIn } from '../meat/index.ts';
import type { BatchPlan } from '../model/index.ts';

/** The tasks that have been ticked as done, by their names in the file. */
export const tickedTasks = (entries: readonly Entry[]): ReadonlySet<string> =>
  new Set(
    standingEntries(entries).flatMap(({ measures }) => (measures.what === 'done' ? [measures.task] : [])),
  );

/** Whether a step of a batch has been ticked. */
export const tickedIn =
  (batch: string, ticked: ReadonlySet<string>) =>
  (kind: BatchTaskKind): boolean =>
    ticked.has(taskId({ kind, batch }));

/** How far a batch has come. */
export function milestonesIn(
  { id, batch, lots, liquid }: BatchPlan,
  ticked: ReadonlySet<string>,
): Milestones {
  const weighed = (of: 'shred' | 'cooked' | 'bone') =>
    lots.some((lot) => weighedIn(lot.weighed, of) !== undefined);
  return milestonesOf({
    lidOn: batch.lidOn !== undefined,
    meatWeighed: weighed('cooked') || weighed('bone') || weighed('shred'),
    shredWeighed: weighed('shred'),
    liquidWeighed: weighedIn(liquid?.weighed, 'liquid') !== undefined,
    strain: isStrained(batch),
    ticked: tickedIn(id, ticked),
  });
}
