/** Times the real worker from the page that asks it. */
import { ask as askWorker } from '../../src/workers/client.ts';

const { signal } = new AbortController();
import { triesFor } from '../../src/app/open/dayPlans.ts';
import { eightPots, fiveCuts, fortyPieces, sixLots, threePots } from '../meals.ts';

/** Milliseconds from asking a six-lot meal's ranges to having them, one weight changed each time. */
async function time(runs: number): Promise<number[]> {
  const times: number[] = [];
  for (let run = 0; run < runs; run += 1) {
    const { meal, batches, entries, kitchen } = sixLots(1000 + run);
    const began = performance.now();
    const { draws } = await askWorker('reckon', { meal, batches, entries, kitchen }, undefined, signal);
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
    const reading = await askWorker(
      'buy',
      { meal, batches, entries, kitchen },
      { batch: 'pot', chance: 0.95, way: 'as they are' },
      signal,
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
    const found = await askWorker('searing', { meal, batches, entries, kitchen }, { batch: 'pot' }, signal);
    times.push(performance.now() - began);
    if (found?.pans.reduce((sum, { pieces }) => sum + pieces.length, 0) !== 40) throw new Error('not forty');
  }
  return times;
}

/** Milliseconds from a fork in one of three pots to a first plan, and to the levelled one with its bound. */
async function timeDay(runs: number): Promise<{ first: number[]; levelled: number[] }> {
  const [first, levelled]: [number[], number[]] = [[], []];
  for (let run = 0; run < runs; run += 1) {
    const { meal, batches, entries, kitchen, now } = threePots(120 + run);
    const began = performance.now();
    const ask = (tries: number) =>
      askWorker('day', { meal, batches, entries, kitchen }, { now, tries }, signal);
    const plan = await ask(0);
    first.push(performance.now() - began);
    const better = await ask(1500);
    levelled.push(performance.now() - began);
    if (plan.unplanned !== undefined || better.gapMin > plan.gapMin) throw new Error('no plan');
  }
  return { first, levelled };
}

/** Milliseconds until eight pots are levelled as the screen asks for it, and how far that is from the best. */
async function timeEight(): Promise<{ ms: number; gapMin: number }> {
  const { meal, batches, entries, kitchen, now } = eightPots();
  const began = performance.now();
  const tries = triesFor(batches.length);
  const { gapMin } = await askWorker('day', { meal, batches, entries, kitchen }, { now, tries }, signal);
  return { ms: performance.now() - began, gapMin };
}

Object.assign(globalThis, { timeDay, timeEight, time, timeBuy, timeSear });
