import { reckonAtOnce } from '../../src/core/reckoning/index.ts';
import { execFile } from 'node:child_process';
import { Session } from 'node:inspector/promises';
import { fileURLToPath } from 'node:url';
import { promisify } from 'node:util';
import { openMeal } from '../../src/core/model/index.ts';

import { twelvePots, twoHundredLots } from '../../speed/meals.ts';
import type { Figure } from './verdict.ts';

/** Functions whose calls are work, by their file and name. */
const COUNTED = [
  ['heat solves', 'heat/course.ts', 'follow'],
  ['ways into a piece', 'tender/curve.ts', 'walk'],
  ['slabs', 'heat/series.ts', 'slab'],
  ['batches planned', 'plan/plan.ts', 'planBatch'],
  ['odds', 'tender/odds.ts', 'oddsOf'],
] as const;

/**
 * How often each is called for one key more, counted by the engine itself, in a process of its own: what was kept of a
 * timed loop before, whose rounds hang on the machine, must not answer for it.
 */
export async function callFigures(): Promise<Figure[]> {
  const { stdout } = await promisify(execFile)(process.execPath, ['--import', 'tsx', THIS]);
  // Written below, it is what it says.
  return JSON.parse(stdout) as Figure[];
}

const THIS = fileURLToPath(import.meta.url);
if (process.argv[1] === THIS) process.stdout.write(JSON.stringify(await counted()));

async function counted(): Promise<Figure[]> {
  const session = new Session();
  session.connect();
  await session.post('Profiler.enable');
  await session.post('Profiler.startPreciseCoverage', { callCount: true, detailed: false });
  const counts = async () => {
    const { result } = await session.post('Profiler.takePreciseCoverage');
    return new Map(
      COUNTED.map(([, file, name]) => {
        const functions = result
          .filter(({ url }) => url.includes(file))
          .flatMap((script) => script.functions);
        const calls = functions.filter(({ functionName }) => functionName === name);
        return [name, calls.reduce((sum, { ranges }) => sum + (ranges[0]?.count ?? 0), 0)] as const;
      }),
    );
  };
  const keys = [
    ['twelve pots, a key', twelvePots],
    ['200 lots, a key', twoHundredLots],
  ] as const;
  const figures: Figure[] = [];
  for (const [name, mealOf] of keys) {
    const input = mealOf(1000);
    reckonAtOnce(openMeal(input));
    await counts();
    const [first] = mealOf(1001).batches;
    if (!first) throw new Error('a meal without a batch');
    reckonAtOnce(openMeal({ ...input, batches: [first, ...input.batches.slice(1)] }));
    const calls = await counts();
    for (const [what, , of] of COUNTED)
      figures.push({ name: `${name}: ${what}`, value: calls.get(of) ?? 0, unit: 'calls', exact: true });
  }
  await session.post('Profiler.stopPreciseCoverage');
  session.disconnect();
  return figures;
}
