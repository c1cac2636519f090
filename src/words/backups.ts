import type { BackupChanges } from '@/core/meal/file/index.ts';
import { agoWords, namesWords } from './sizes.ts';

/** When all was saved as a whole last, and whether something has been done since. */
export function lastBackupWords(
  { at, changed }: { readonly at?: number; readonly changed: boolean },
  now: number,
): string {
  if (at === undefined)
    return changed ? 'This is in this browser only; it has never been backed up.' : 'There is no backup yet.';
  const when = `Backed up ${agoWords(at, now)}`;
  return changed ? `${when}, with changes since.` : `${when}, and nothing has changed since.`;
}

const meals = (count: number) => (count === 1 ? 'One meal' : `${count} meals`);

/** What would be new, another, gone, and as it was: one sentence each, with a mark on what would be lost. */
export function backupChangesWords(
  { added, changed, same, here, clashes, otherKitchen }: BackupChanges,
  way: 'merge' | 'replace',
): readonly { readonly words: string; readonly isLoss: boolean }[] {
  const said: (string | false)[] = [
    added.length > 0 && `${meals(added.length)} would be new: ${namesWords(added)}.`,
    changed.length > 0 &&
      `${meals(changed.length)} would change to what the file has: ${namesWords(changed)}.`,
    way === 'merge' && here.length > 0 && `${meals(here.length)} would stay: the file does not have them.`,
    same > 0 && `${meals(same)} ${same === 1 ? 'is' : 'are'} the same here and there.`,
    otherKitchen &&
      (way === 'replace'
        ? 'The kitchen would be that of the file.'
        : 'The kitchen here stays; meals of the file that shared another keep theirs.'),
  ];
  const gone = way === 'replace' && here.length > 0;
  return [
    ...(way === 'merge'
      ? clashes.map(({ name, with: other }) => ({
          words: `“${name}” of the file has a pot that “${other}” has here: beside what is here it cannot come in.`,
          isLoss: true,
        }))
      : []),
    ...(gone
      ? [{ words: `${meals(here.length)} would be deleted: ${namesWords(here)}.`, isLoss: true }]
      : []),
    ...said.filter((words) => words !== false).map((words) => ({ words, isLoss: false })),
  ];
}

/** Parts of a backup that cannot be read, with the reason of the first. */
export const unreadWords = (unread: readonly string[]): string =>
  `${unread.length === 1 ? 'One part' : `${unread.length} parts`} of it cannot be read and would be left out. ${unread[0] ?? ''}`;

/** "2 meals are in." */
export const broughtInWords = (count: number): string =>
  count === 1 ? 'One meal is in.' : `${count} meals are in.`;

/** What would go with a meal, before it does: "Two pots, one of them closed, and 41 readings go with it." */
export function goingWords({
  pots,
  readings,
  closed,
}: {
  readonly pots: number;
  readonly readings: number;
  readonly closed: number;
}): string {
  const inPots = pots === 1 ? 'One pot' : `${pots} pots`;
  const over = closed === 0 ? '' : pots === 1 ? ', closed,' : `, ${closed} of them closed,`;
  return `${inPots}${over} and ${readings === 1 ? 'one reading' : `${readings} readings`} go with it.`;
}
