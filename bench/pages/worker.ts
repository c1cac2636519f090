/** Times the real worker from the page that asks it. */
import { askRanges } from '../../src/workers/client.ts';
import { sixLots } from '../sixLots.ts';

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

Object.assign(globalThis, { time });
