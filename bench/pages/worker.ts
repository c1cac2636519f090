/** Times the real worker from the page that asks it. */
import { askRanges } from '../../src/workers/client.ts';
import { batchOf, dishOf, inputOf, lotOf } from '../../src/core/testing/meals.ts';

const cuts = [
  'beef-blade-roast',
  'beef-shank',
  'lamb-shoulder',
  'beef-brisket',
  'beef-short-ribs',
  'pork-picnic',
];

/** Milliseconds from asking a six-lot meal's ranges to having them, one weight changed each time. */
async function time(runs: number): Promise<number[]> {
  const times: number[] = [];
  for (let run = 0; run < runs; run += 1) {
    const lots = cuts.map((cut, i) => lotOf(cut, 1000 + i, { id: `lot${i}` }));
    const changed = lots.map((lot, i) =>
      i === 0 ? { ...lot, weight: { text: '', lo: 1000 + run, hi: 1000 + run } } : lot,
    );
    const { meal, batches, entries, kitchen } = inputOf(
      [batchOf(changed)],
      [dishOf('taco', 60), dishOf('roll', 10)],
    );
    const began = performance.now();
    const { draws } = await askRanges({ meal, batches, entries, kitchen }, new AbortController().signal);
    times.push(performance.now() - began);
    if (draws !== 5000) throw new Error(`${draws} draws`);
  }
  return times;
}

Object.assign(globalThis, { time });
