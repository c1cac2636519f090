/**
 * slow-spoon learn BACKUP: prints as JSON what the batches of a backup have taught: of each cut, and of all else that is
 * learned, from how many batches, what is published, and the middle, p10 and p90 of the next batch. The same code as the
 * app's. A bad file gives one sentence on standard error and exit code 2.
 */
import { openAsBlob } from 'node:fs';
import { usualKitchen } from '../src/core/meal/index.ts';
import { digestOf, learn, learnedFigures, pastOf } from '../src/core/log/index.ts';
import { reference } from '../src/reference/index.ts';
import { readBackup } from '../src/store/backup/read.ts';

function refuse(words: string): never {
  process.stderr.write(`${words}\n`);
  process.exit(2);
}

const [path] = process.argv.slice(2);
if (path === undefined) refuse('Say which backup: ./slow-spoon learn BACKUP');
const file = await opened(path);
const reading = await readBackup(file);
if (!reading.ok) refuse(`${path}: ${reading.error}`);
const { head, meals, unread } = reading.backup;
for (const words of unread) process.stderr.write(`${words}\n`);
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
const rounded = (value: number) => Number(value.toFixed(4));
const figures = learnedFigures(learned, kitchen, reference).map(({ published, mean, p10, p90, ...rest }) => ({
  ...rest,
  published: rounded(published),
  mean: rounded(mean),
  p10: rounded(p10),
  p90: rounded(p90),
}));
const cuts = [...new Set(figures.flatMap(({ cut }) => cut ?? []))];
process.stdout.write(
  `${JSON.stringify(
    {
      batches: past.length,
      damped: weights.filter((weight) => weight < 1).length,
      cuts: cuts.map((cut) => ({ cut, learned: figures.filter((one) => one.cut === cut) })),
      kitchen: figures.filter(({ cut }) => cut === undefined),
    },
    null,
    2,
  )}\n`,
);

async function opened(name: string): Promise<Blob> {
  try {
    return await openAsBlob(name);
  } catch (error) {
    return refuse(`${name} cannot be opened: ${error instanceof Error ? error.message : String(error)}`);
  }
}
