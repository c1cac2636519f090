/** Sharing out: twelve dishes, three hundred servings, by scoops, from three pots. */
import { performance } from 'node:perf_hooks';
import { shredInScoop, usualScoops } from '../src/core/meal/index.ts';
import { measuresFor, shareOut, waysOut, type ShareDish, type Sharing } from '../src/core/plates/index.ts';
import { loadSolver } from '../scripts/solver.ts';
import { median, say } from './measure.ts';

const DISHES = 12;
const SERVINGS = 300;

function sharing(shredG: number): Sharing {
  const dishes = Array.from({ length: DISHES }, (_, i): ShareDish => {
    const want = 40 + 9 * i;
    const meat = { min: 0.8 * want, want, max: 1.2 * want };
    const wet = i % 2 === 0 ? 60 : 0;
    const liquid = { min: 0.8 * wet, want: wet, max: 1.4 * wet };
    return {
      id: `dish${String(i)}`,
      name: `dish ${String(i)}`,
      count: SERVINGS / DISHES,
      meat,
      liquid,
      held: 0.1,
      priority: 1 + (i % 3),
      firm: undefined,
      grows: false,
      from: i === 3 ? ['pot0'] : undefined,
      lockedG: i === 5 ? want : undefined,
      lockedMl: undefined,
      scoops: measuresFor(usualScoops, 'scoop', meat, shredInScoop),
      ladles: measuresFor(usualScoops, 'ladle', liquid, shredInScoop),
    };
  });
  const sources = [0.5, 0.3, 0.2].map((share, i) => ({
    batch: `pot${String(i)}`,
    shredG: shredG * share,
    liquidMl: 14_000 * share,
    mixed: false,
  }));
  return { dishes, sources, evenOut: false };
}

export async function measureShares(): Promise<void> {
  const solver = await loadSolver();
  shareOut(sharing(26_000), solver);
  const times: number[] = [];
  for (const grams of [21_000, 23_500, 25_000, 26_000, 27_500, 30_000, 40_000]) {
    const begun = performance.now();
    const out = shareOut(sharing(grams), solver);
    times.push(performance.now() - begun);
    if (!out.proved) throw new Error(`Not proved at ${String(grams)} g.`);
  }
  say('a share-out of 12 dishes, 300 servings, by scoops, proved best', median(times), 'ms', 500);
  say('the slowest of them', Math.max(...times), 'ms', 500);
  const short = sharing(23_500);
  const begun = performance.now();
  waysOut(short, shareOut(short, solver), solver);
  say('with every way out of a shortage', performance.now() - begun, 'ms', 2000);
}
