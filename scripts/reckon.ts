/**
 * slow-spoon reckon FILE: prints the reckoning of an exported meal as JSON. The same code as the
 * app's. A bad file gives one sentence on standard error and exit code 2.
 */
import { reckon } from '../src/core/reckoning/index.ts';
import { readFileSync, statSync } from 'node:fs';
import type { Stage } from '../src/core/meal/index.ts';
import { readMealFile, tooLarge } from '../src/core/meal/file/index.ts';
import { advice, cooling, printed, shares, shelvedOf } from '../src/core/answers/index.ts';
import { allergensByDish, drawsOf, openMeal, type Problem } from '../src/core/model/index.ts';
import { loadSolver } from './solver.ts';
import { problemWords } from '../src/words/index.ts';
import { reference } from '../src/reference/index.ts';

function refuse(words: string): never {
  process.stderr.write(`${words}\n`);
  process.exit(2);
}

const [path] = process.argv.slice(2);
if (path === undefined) refuse('Say which file: ./slow-spoon reckon FILE');
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
const now = entries.reduce((last, { at }) => Math.max(last, at), 0);
const shared = shares(opened, undefined, await loadSolver());
// More meat and liquid as the app advises it: tried.
const figures = printed(
  { ...reckoning, meal: { ...reckoning.meal, ...advice(opened) } },
  shared,
  cooling(opened, { now }),
  allergensByDish(opened.input),
  batches.flatMap(({ id }) => shelvedOf(opened, id, shared)),
);
process.stdout.write(`${JSON.stringify({ ...figures, problems }, null, 2)}\n`);

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
