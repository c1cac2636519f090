import { openAsBlob } from 'node:fs';
import { usualKitchen } from '../../src/core/meal/index.ts';
import { digestOf, learn, learnedFigures, pastOf } from '../../src/core/log/index.ts';
import { reference } from '../../src/reference/index.ts';
import { readBackup } from '../../src/store/backup/read.ts';
import { type Answer, cannotOpen, Refused } from './said.ts';

const rounded = (value: number) => Number(value.toFixed(4));

/**
 * slow-spoon learn BACKUP: what the batches of a backup have taught: of each cut, and of all else that is learned, from how many
 * batches, what is published, and the middle, p10 and p90 of the next batch.
 */
export async function learnt([path]: readonly string[]): Promise<Answer> {
  if (path === undefined) throw new Refused('Say which backup: ./slow-spoon learn BACKUP');
  const reading = await readBackup(await opened(path));
  if (!reading.ok) throw new Refused(`${path}: ${reading.error}`);
  const { head, meals, unread } = reading.backup;
  const kitchen = head.kitchen ?? usualKitchen;
  // A meal with a kitchen of its own was cooked in another.
  const past = pastOf(
    meals
      .filter((one) => one.kitchen === undefined)
      .flatMap(({ meal, batches, entries }) => digestOf({ meal, batches, entries, kitchen, reference })),
  );
  const { learned, weights } = learn(
    past.flatMap(({ evidence }) => evidence),
    past.length,
  );
  const figures = learnedFigures(learned, kitchen, reference).map(
    ({ published, mean, p10, p90, ...rest }) => ({
      ...rest,
      published: rounded(published),
      mean: rounded(mean),
      p10: rounded(p10),
      p90: rounded(p90),
    }),
  );
  const cuts = [...new Set(figures.flatMap(({ cut }) => cut ?? []))];
  return {
    json: {
      batches: past.length,
      damped: weights.filter((weight) => weight < 1).length,
      cuts: cuts.map((cut) => ({ cut, learned: figures.filter((one) => one.cut === cut) })),
      kitchen: figures.filter(({ cut }) => cut === undefined),
    },
    beside: unread,
  };
}

async function opened(path: string): Promise<Blob> {
  try {
    return await openAsBlob(path);
  } catch (error) {
    throw cannotOpen(path, error);
  }
}
