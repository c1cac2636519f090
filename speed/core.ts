/** What can be measured without a browser: the nominal run, and sampling against jStat in the same run. */
import { reckonAtOnce } from '../src/core/reckoning/index.ts';
import jstat from 'jstat';
import { openMeal, sampleNormals } from '../src/core/model/index.ts';

import { searchNames } from '../src/core/pot/index.ts';
import { reference } from '../src/reference/index.ts';
import { pantry } from '../src/reference/pantry.ts';
import { median, say } from './measure.ts';
import { sixLots } from './meals.ts';

const NORMALS = 300_000;

export function measureCore(): void {
  const input = sixLots(1000);
  for (let i = 0; i < 2_000; i += 1) reckonAtOnce(openMeal(input));
  const nominal = Array.from({ length: 500 }, () => {
    const began = performance.now();
    reckonAtOnce(openMeal(input));
    return performance.now() - began;
  });
  say('a six-lot batch without ranges', median(nominal), 'ms', 0.5);

  const ratios = Array.from({ length: 9 }, (_, run) => {
    const ours = performance.now();
    for (let k = 0; k < NORMALS / 5000; k += 1) sampleNormals(run * 100 + k, 5000);
    const theirs = performance.now();
    for (let i = 0; i < NORMALS; i += 1) jstat.jStat.normal.sample(0, 1);
    return (performance.now() - theirs) / (theirs - ours);
  });
  say('sampling, times as fast as jStat', median(ratios), '×', 2, 'at least');

  const all = [...reference.ingredients, ...pantry];
  const keystrokes = ['o', 'on', 'oni', 'onion', 'tomato pa', 'pep ser', 'zz'].flatMap((typed) =>
    Array.from({ length: 20 }, () => {
      const began = performance.now();
      searchNames(all, typed, 9);
      return performance.now() - began;
    }),
  );
  say('a keystroke in the search for an ingredient', Math.max(...keystrokes.slice(20)), 'ms', 20);
}
