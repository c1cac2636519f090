/**
 * slow-spoon reckon FILE [--at MOMENT]: prints the reckoning of an exported meal as JSON. The same code as the app's. Its now
 * is the last entry, or the moment that is said; without either, well before the meal's start. A bad file or moment gives one
 * sentence on standard error and exit code 2.
 */
import { reckon } from '../src/core/reckoning/index.ts';
import { readFileSync, statSync } from 'node:fs';
import type { Stage } from '../src/core/meal/index.ts';
import { readMealFile, tooLarge } from '../src/core/meal/file/index.ts';
import { momentOf } from '../src/core/clock/index.ts';
import { advice, cooling, nowOf, printed, printedDay, shares, shelvedOf } from '../src/core/answers/index.ts';
import { allergensByDish, drawsOf, openMeal, type Problem } from '../src/core/model/index.ts';
import { loadSolver } from './solver.ts';
import { problemWords } from '../src/words/index.ts';
import { reference } from '../src/reference/index.ts';

/** Orders of the day that are tried. */
const TRIES = 300;

function refuse(words: string): never {
  process.stderr.write(`${words}\n`);
  process.exit(2);
}

const { path, at } = readArguments(process.argv.slice(2));
if (path === undefined) refuse('Say which file: ./slow-spoon reckon FILE [--at 2026-12-05T18:00]');
const read = readFile(path);
const reading = readMealFile(read);
if (!reading.ok) refuse(`${path}: ${reading.error}`);
const { meal, batches, entries, kitchen, learned, reference: table } = reading.file;
if (table !== reference.version) {
  process.stderr.write(
    `The file was made with table ${table}; these figures are from ${reference.version}.\n`,
  );
}
// As the app does: by what the kitchen of the file had learned.
const opened = openMeal({ meal, batches, entries, kitchen, reference, ...(learned && { learned }) });
const reckoning = reckon(opened, drawsOf(opened));
for (const problem of reckoning.problems) process.stderr.write(`${problemWords(problem)}\n`);
const problems = reckoning.problems.map((problem) => ({
  batch: problem.batch ?? null,
  stage: stageOf(problem),
  says: problemWords(problem),
}));
const now = momentAt() ?? nowOf(reading.file);
const shared = shares(opened, undefined, await loadSolver());
// More meat and liquid as the app advises it: tried.
const figures = printed(
  { ...reckoning, meal: { ...reckoning.meal, ...advice(opened) } },
  shared,
  cooling(opened, { now }),
  allergensByDish(opened.input),
  batches.flatMap(({ id }) => shelvedOf(opened, id, shared)),
);
const day = printedDay(opened, now, TRIES);
process.stdout.write(`${JSON.stringify({ ...figures, ...day, problems }, null, 2)}\n`);

/** The file, and the moment where one is said, before or after it. */
function readArguments(words: readonly string[]): { path: string | undefined; at: string | undefined } {
  const i = words.indexOf('--at');
  const others = i < 0 ? words : words.filter((_, k) => k !== i && k !== i + 1);
  if (i >= 0 && words[i + 1] === undefined) refuse('--at wants a moment: --at 2026-12-05T18:00');
  return { path: others[0], at: i < 0 ? undefined : words[i + 1] };
}

/** The moment that was said, by the clock on the wall where the meal is served, unless it says its own zone. */
function momentAt(): number | undefined {
  if (at === undefined) return undefined;
  const zone = meal.serving?.zone ?? 'UTC';
  const local = /^\d{4}-\d\d-\d\dT\d\d:\d\d$/.test(at);
  const moment = local ? momentOf({ local: at, zone }) : /(Z|[+-]\d\d:\d\d)$/.test(at) ? Date.parse(at) : NaN;
  if (moment === undefined || Number.isNaN(moment))
    refuse(`“${at}” is no moment: write it 2026-12-05T18:00, or 2026-12-05T18:00Z.`);
  return moment;
}

/** The sheet on which it is said. */
function stageOf({ stage, dish, lot, item }: Problem): Stage {
  if (stage) return stage;
  if (dish !== undefined) return 'order';
  return lot !== undefined && item === undefined ? 'meat' : 'pot';
}

function readFile(file: string): string {
  try {
    const large = tooLarge(statSync(file).size);
    if (large !== undefined) refuse(`${file}: ${large}`);
    return readFileSync(file, 'utf8');
  } catch (error) {
    refuse(`${file} cannot be opened: ${error instanceof Error ? error.message : String(error)}`);
  }
}
