/** Times the real worker from the page that asks it. */
import { askBuy, askRanges, askSearing } from '../../src/workers/client.ts';
import { fiveCuts, fortyPieces, sixLots } from '../meals.ts';

/** Milliseconds from asking a six-lot meal's ranges to having them, one weight changed each time. */
async function time(runs: number): Promise<number[]> {
  const times: number[] = [];
  for (let run = 0; run < runs; run += 1) {
    const { meal, batches, entries, kitchen } = sixLots(1000 + run);
    const began = performance.now();
    const { draws } = await askRanges({ meal, batches, entries, kitchen }, new AbortController().signal);
    times.push(performance.now() - began);
    if (draws !== 5000) throw new Error(`${draws} draws`);
  }
  return times;
}

/** Milliseconds from asking how much to buy of five cuts for four dishes, 95 in 100, to knowing it. */
async function timeBuy(runs: number): Promise<{ times: number[]; longest: number }> {
  const times: number[] = [];
  let longest = 0;
  new PerformanceObserver((list) => {
    for (const { duration } of list.getEntries()) longest = Math.max(longest, duration);
  }).observe({ type: 'longtask' });
  for (let run = 0; run < runs; run += 1) {
    const { meal, batches, entries, kitchen } = fiveCuts(40 + run);
    const began = performance.now();
    const reading = await askBuy(
      { meal, batches, entries, kitchen },
      { batch: 'pot', chance: 0.95, way: 'as they are' },
      new AbortController().signal,
    );
    times.push(performance.now() - began);
    if (!reading.ok || reading.answer.chance < 0.95) throw new Error('not bought');
  }
  // A long task is told of a moment after it has ended.
  await new Promise((resolve) => setTimeout(resolve, 200));
  return { times, longest };
}

/** Milliseconds from asking how forty pieces lie in their pans to knowing it. */
async function timeSear(runs: number): Promise<number[]> {
  const times: number[] = [];
  for (let run = 0; run < runs; run += 1) {
    const { meal, batches, entries, kitchen } = fortyPieces(11_000 + 100 * run);
    const began = performance.now();
    const found = await askSearing({ meal, batches, entries, kitchen }, 'pot', new AbortController().signal);
    times.push(performance.now() - began);
    if (found?.pans.reduce((sum, { pieces }) => sum + pieces.length, 0) !== 40) throw new Error('not forty');
  }
  return times;
}

Object.assign(globalThis, { time, timeBuy, timeSear });
