import { reckon } from '../../src/core/reckoning/index.ts';
import { statSync } from 'node:fs';
import { printedEvent } from '../../src/core/event/index.ts';
import { isEvent, type Meal, type Stage } from '../../src/core/meal/index.ts';
import { readMealFile, tooLarge } from '../../src/core/meal/file/index.ts';
import { momentOf } from '../../src/core/clock/index.ts';
import {
  advice,
  cooling,
  nowOf,
  printed,
  printedDay,
  shares,
  shelvedOf,
} from '../../src/core/answers/index.ts';
import { allergensByDish, drawsOf, openMeal, type Problem } from '../../src/core/model/index.ts';
import { loadSolver } from '../solver.ts';
import { problemWords } from '../../src/words/index.ts';
import { reference } from '../../src/reference/index.ts';
import { type Answer, cannotOpen, Refused, textOf } from './said.ts';

/** Orders of the day that are tried. */
const TRIES = 300;

/**
 * slow-spoon reckon FILE [--at MOMENT]: the reckoning of an exported meal. Its now is the last entry, or the moment that is said;
 * without either, well before the meal's start.
 */
export async function reckoned(words: readonly string[]): Promise<Answer> {
  const { path, at } = readArguments(words);
  if (path === undefined)
    throw new Refused('Say which file: ./slow-spoon reckon FILE [--at 2026-12-05T18:00]');
  const reading = readMealFile(readFile(path));
  if (!reading.ok) throw new Refused(`${path}: ${reading.error}`);
  const { meal, batches, entries, kitchen, learned, reference: table } = reading.file;
  // As the app does: by what the kitchen of the file had learned.
  const opened = openMeal({ meal, batches, entries, kitchen, reference, ...(learned && { learned }) });
  const reckoning = reckon(opened, drawsOf(opened));
  const problems = reckoning.problems.map((problem) => ({
    batch: problem.batch ?? null,
    stage: stageOf(problem),
    says: problemWords(problem),
  }));
  const now = at === undefined ? nowOf(reading.file) : momentIn(at, meal);
  const solver = await loadSolver();
  const shared = shares(opened, undefined, solver);
  // More meat and liquid as the app advises it: tried.
  const figures = printed(
    { ...reckoning, meal: { ...reckoning.meal, ...advice(opened) } },
    shared,
    cooling(opened, { now }),
    allergensByDish(opened.input),
    batches.flatMap(({ id }) => shelvedOf(opened, id, shared)),
  );
  const day = printedDay(opened, now, TRIES);
  const event = isEvent(meal) ? { event: printedEvent(opened, reckoning, day.handsHours, solver) } : {};
  const old = `The file was made with table ${table}; these figures are from ${reference.version}.`;
  return {
    json: { ...figures, ...day, ...event, problems },
    beside: [...(table === reference.version ? [] : [old]), ...problems.map(({ says }) => says)],
  };
}

/** The file, and the moment where one is said, before or after it. */
function readArguments(words: readonly string[]): { path: string | undefined; at: string | undefined } {
  const i = words.indexOf('--at');
  const others = i < 0 ? words : words.filter((_, k) => k !== i && k !== i + 1);
  if (i >= 0 && words[i + 1] === undefined) throw new Refused('--at wants a moment: --at 2026-12-05T18:00');
  return { path: others[0], at: i < 0 ? undefined : words[i + 1] };
}

/** The moment that was said, by the clock on the wall where the meal is served, unless it says its own zone. */
function momentIn(at: string, { serving }: Meal): number {
  const zone = serving?.zone ?? 'UTC';
  const local = /^\d{4}-\d\d-\d\dT\d\d:\d\d$/.test(at);
  const moment = local ? momentOf({ local: at, zone }) : /(Z|[+-]\d\d:\d\d)$/.test(at) ? Date.parse(at) : NaN;
  if (moment === undefined || Number.isNaN(moment))
    throw new Refused(`“${at}” is no moment: write it 2026-12-05T18:00, or 2026-12-05T18:00Z.`);
  return moment;
}

/** The sheet on which it is said. */
function stageOf({ stage, dish, lot, item }: Problem): Stage {
  if (stage) return stage;
  if (dish !== undefined) return 'order';
  return lot !== undefined && item === undefined ? 'meat' : 'pot';
}

function readFile(path: string): string {
  let size: number;
  try {
    ({ size } = statSync(path));
  } catch (error) {
    throw cannotOpen(path, error);
  }
  const large = tooLarge(size);
  if (large !== undefined) throw new Refused(`${path}: ${large}`);
  return textOf(path);
}
