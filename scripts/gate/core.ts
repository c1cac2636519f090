import jstat from 'jstat';
import { digestOf } from '../../src/core/log/index.ts';
import { drawsOf, type Input, openMeal } from '../../src/core/model/index.ts';
import { answer, reckon } from '../../src/core/questions/index.ts';
import { reference } from '../../src/reference/index.ts';
import { usualKitchen } from '../../src/core/batch/index.ts';
import { manyMeals } from '../../bench/backup.ts';
import { sixLots, twelvePots, twoHundredLots } from '../../bench/meals.ts';
import { loadSolver } from '../solver.ts';
import type { Figure } from './verdict.ts';

/** The yardstick: so many normals by jStat's sampler, which no change of ours moves. */
const NORMALS = 20_000;
function yardstick(): number {
  const begun = performance.now();
  for (let i = 0; i < NORMALS; i += 1) jstat.jStat.normal.sample(0, 1);
  return performance.now() - begun;
}

const NOON = Date.UTC(2026, 11, 4, 11);
/** As the screen asks for twelve pots. */
const TRIES = 94;

let weight = 1000;
/** Another weight each time, as each key is: what is kept of the key before must not answer for it. */
const next = () => (weight += 1);

/** Each figure's work, how often it is paired with the yardstick, and how often it is done in one pair. */
export async function coreFigures(): Promise<{ readonly figures: Figure[]; readonly told: string[] }> {
  const solver = await loadSolver();
  const meals = manyMeals(40, 60)
    .trim()
    .split('\n')
    .slice(1)
    // Made here a line before, they are what they say.
    .map((line) => JSON.parse(line) as Pick<Input, 'meal' | 'batches' | 'entries'>);
  const works: readonly (readonly [name: string, pairs: number, times: number, work: () => unknown])[] = [
    ['six lots, a key: the figures', 8, 20, () => reckon(openMeal(sixLots(next())))],
    ['six lots, a key: ranges of 5,000 draws', 10, 1, () => ranges(sixLots(next()))],
    ['200 lots, a key: the figures', 6, 1, () => reckon(openMeal(twoHundredLots(next())))],
    ['twelve pots, a key: the figures', 8, 1, twelveKey()],
    ['twelve pots and eight dishes: the shares', 2, 1, () => shared(solver)],
    ['twelve pots: a serial plan of the day', 3, 1, () => planned(0)],
    ['twelve pots: the day levelled', 1, 1, () => planned(TRIES)],
    [
      'forty past batches of sixty readings: their digests',
      3,
      1,
      () =>
        meals.map(({ meal, batches, entries }) =>
          digestOf({ meal, batches, entries, kitchen: usualKitchen, reference }),
        ),
    ],
  ];
  const told: string[] = [];
  const figures = works.map(([name, pairs, times, work]): Figure => {
    work();
    let [least, fastest] = [Infinity, Infinity];
    for (let pair = 0; pair < pairs; pair += 1) {
      const before = yardstick();
      const begun = performance.now();
      for (let i = 0; i < times; i += 1) work();
      const ms = (performance.now() - begun) / times;
      const after = yardstick();
      least = Math.min(least, ms / Math.min(before, after));
      fastest = Math.min(fastest, ms);
    }
    told.push(`${name}: ${fastest.toFixed(fastest < 10 ? 2 : 0)} ms`);
    return { name, value: least, unit: `ratio to ${String(NORMALS)} normals of jStat`, exact: false };
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
    return reckon(openMeal({ ...input, batches: first ? [first, ...input.batches.slice(1)] : [] }));
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
