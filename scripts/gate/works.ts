import { reckon, reckonAtOnce } from '../../src/core/reckoning/index.ts';
import jstat from 'jstat';
import { digestOf } from '../../src/core/log/index.ts';
import { drawsOf, type Input, openMeal } from '../../src/core/model/index.ts';
import { answer } from '../../src/core/answers/index.ts';
import { reference } from '../../src/reference/index.ts';
import { usualKitchen } from '../../src/core/meal/index.ts';
import { manyMeals } from '../../speed/backup.ts';
import { sixLots, twelvePots, twoHundredLots } from '../../speed/meals.ts';
import { loadSolver } from '../solver.ts';
import { type Figure, reachedTable, type WorthTimes, worthTimes } from './verdict.ts';

/*
 * What needs no page, timed: a program of its own, built as the application is. Those of the names it is given, all where
 * none is; each as the least of its times to the least of the yardstick's, in turns. Writes JSON.
 */
/** The yardstick: so many normals by jStat's sampler, which no change of ours moves. */
const NORMALS = 50_000;
/** Its time, ms, as the mean of some in a row: on a busy machine a short one finds a quiet moment, and a long work none. */
function yardstick(times: number): number {
  const begun = performance.now();
  for (let i = 0; i < times * NORMALS; i += 1) jstat.jStat.normal.sample(0, 1);
  return (performance.now() - begun) / times;
}

/** Pairs of yardstick and work go on for so long, ms; longer where it seems slower than it was. */
const LONG = 900;
/** What is timed has run for so long, ms. */
const WARM = 700;

const NOON = Date.UTC(2026, 11, 4, 11);
/** A fifth of what the screen asks for twelve pots. */
const TRIES = 20;

let weight = 1000;
/** Another weight each time, as each key is: what is kept of the key before must not answer for it. */
const next = () => (weight += 1);

export interface Timed {
  readonly figures: readonly Figure[];
  readonly told: readonly string[];
}

async function measured(worth: WorthTimes, names: readonly string[]): Promise<Timed> {
  const solver = await loadSolver();
  const backup = manyMeals(40, 60).trim().split('\n').slice(1);
  /** New ones at every round, as a log reads them: what is kept by its object must not answer for them. */
  const past = () =>
    // Made here a line before, they are what they say.
    backup.map((line) => JSON.parse(line) as Pick<Input, 'meal' | 'batches' | 'entries'>);
  const works: readonly (readonly [name: string, work: () => unknown])[] = [
    ['six lots, a key: the figures', () => reckonAtOnce(openMeal(sixLots(next())))],
    ['six lots, a key: ranges of 5,000 draws', () => ranges(sixLots(next()))],
    ['200 lots, a key: the figures', () => reckonAtOnce(openMeal(twoHundredLots(next())))],
    ['twelve pots, a key: the figures', twelveKey()],
    ['twelve pots and eight dishes: the shares', () => shared(solver)],
    ['twelve pots: a serial plan of the day', () => planned(0)],
    ['twelve pots: the day levelled', () => planned(TRIES)],
    [
      'forty past batches of sixty readings: their digests',
      () =>
        past().map(({ meal, batches, entries }) =>
          digestOf({ meal, batches, entries, kitchen: usualKitchen, reference }),
        ),
    ],
  ];
  const told: string[] = [];
  const asked = works.filter(([name]) => names.length === 0 || names.includes(name));
  const figures = asked.map(([name, work]): Figure => {
    // The engine compiles what it has seen a few times, and anew what it had guessed wrong.
    const warmed = performance.now() + WARM;
    for (let i = 0; i < 3 || performance.now() < warmed; i += 1) work();
    let [least, fastest] = [Infinity, Infinity];
    const began = performance.now();
    const ratio = () => least / fastest;
    let alike = 1;
    for (let spent = 0; spent < LONG * (spent === 0 ? 1 : worth(name, ratio()));) {
      fastest = Math.min(fastest, yardstick(alike));
      const begun = performance.now();
      work();
      least = Math.min(least, performance.now() - begun);
      alike = Math.max(1, Math.round(ratio()));
      spent = performance.now() - began;
    }
    told.push(`${name}: ${least.toFixed(least < 10 ? 2 : 0)} ms`);
    return { name, value: ratio(), unit: `ratio to ${String(NORMALS)} normals of jStat`, exact: false };
  });
  return { figures, told };
}

function ranges(input: ReturnType<typeof sixLots>): unknown {
  const meal = openMeal(input);
  return reckon(meal, drawsOf(meal));
}

/** Only the first pot is another: the others are the same objects, as they are on the page. */
function twelveKey(): () => unknown {
  const input = twelvePots(1000);
  return () => {
    const [first] = twelvePots(next()).batches;
    return reckonAtOnce(openMeal({ ...input, batches: first ? [first, ...input.batches.slice(1)] : [] }));
  };
}

/** All that *plates* asks once it is opened. */
function shared(solver: Awaited<ReturnType<typeof loadSolver>>): unknown {
  const meal = openMeal(twelvePots(next()));
  return [
    reckon(meal, drawsOf(meal)),
    answer('shares', meal, undefined, solver),
    answer('margins', meal, undefined),
  ];
}

const planned = (tries: number): unknown => answer('day', openMeal(twelvePots(next())), { now: NOON, tries });

process.stdout.write(JSON.stringify(await measured(worthTimes(reachedTable()), process.argv.slice(2))));
