import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import { boundOf } from './bound.ts';
import { greedy, level } from './level.ts';
import { place } from './place.ts';
import { mirrored, type Job, type Problem, type Schedule } from './problem.ts';

const job = (id: string, length: number, resource: number, after: readonly number[] = []): Job => ({
  id,
  length,
  uses: [{ from: 0, to: length, anyOf: [resource], amount: 1 }],
  after: after.map((before) => ({ job: before, lead: 0 })),
});
const room = (name: string, amount: number, horizon = 200) => ({
  name,
  free: new Int16Array(horizon).fill(amount),
});
const problemOf = (jobs: readonly Job[], changes: Partial<Problem> = {}): Problem => ({
  jobs,
  resources: [room('hands', 1), room('oven', 2)],
  spans: [],
  horizon: 200,
  earliest: 0,
  ...changes,
});

/** Every use where it was put: nothing is held twice, nothing starts before what it waits for. */
function faultsOf(problem: Problem, schedule: Schedule): string[] {
  const faults: string[] = [];
  const held = problem.resources.map(({ free }) => Array.from(free));
  for (const [i, one] of problem.jobs.entries()) {
    const start = schedule.starts[i] ?? -1;
    if (start < 0) faults.push(`${one.id} is nowhere`);
    for (const { job: before, lead } of one.after)
      if (start < (schedule.starts[before] ?? 0) + (problem.jobs[before]?.length ?? 0) - lead)
        faults.push(`${one.id} is too soon`);
    for (const [u, use] of one.uses.entries()) {
      const by = start + (schedule.moved[i]?.[u] ?? 0);
      for (let t = by + use.from; t < by + use.to; t += 1) {
        const row = held[schedule.taken[i]?.[u] ?? 0];
        if (!row) continue;
        row[t] = (row[t] ?? 0) - use.amount;
        if ((row[t] ?? 0) < 0) faults.push(`${one.id} at ${t}`);
      }
    }
  }
  return faults;
}

/** Sear, cook, pull: three pots, one cook, an oven for two of them. */
function threePots(minutes: readonly (readonly [sear: number, cook: number, pull: number])[]): Problem {
  return problemOf(
    minutes.flatMap(([sear, cook, pull], pot) => [
      job(`sear ${pot}`, sear, 0),
      job(`cook ${pot}`, cook, 1, [3 * pot]),
      job(`pull ${pot}`, pull, 0, [3 * pot + 1]),
    ]),
  );
}

describe('the day is levelled', () => {
  test('where a greedy list serves late, this one is on time, and knows that nothing is better', () => {
    const problem = threePots([
      [2, 10, 5],
      [6, 9, 5],
      [3, 9, 6],
    ]);
    const serving = 28;
    expect(greedy(problem).end).toBeGreaterThan(serving);
    const { schedule, bound } = level(problem, 400);
    expect(schedule.end).toBe(serving);
    expect(bound).toBe(serving);
    expect(faultsOf(problem, schedule)).toEqual([]);
  });

  const minutes = (max: number) => fc.integer({ min: 1, max });
  const onePot = fc.tuple(minutes(6), minutes(15), minutes(6));
  const pots = fc.array(onePot, { minLength: 1, maxLength: 4 });

  test('nothing is held twice, nothing comes before what it waits for, nothing beats the bound', () => {
    fc.assert(
      fc.property(pots, fc.boolean(), (days, hang) => {
        const plain = threePots(days);
        const problem = hang ? mirrored(plain) : plain;
        const { schedule, bound } = level(problem, 40);
        expect(faultsOf(problem, schedule)).toEqual([]);
        expect(schedule.end).toBeGreaterThanOrEqual(bound);
        expect(schedule.end).toBeLessThanOrEqual(greedy(problem).end);
      }),
      { numRuns: runs(60) },
    );
  });

  /** With six jobs every order can be tried: a serial schedule of one of them is the best there is. */
  test('of two pots it finds the best there is', () => {
    const orders = permutations([0, 1, 2, 3, 4, 5]);
    fc.assert(
      fc.property(onePot, onePot, (a, b) => {
        const problem = threePots([a, b]);
        const best = Math.min(...orders.map((order) => place(problem, Float64Array.from(order)).end));
        expect(level(problem, 300).schedule.end).toBe(best);
        expect(boundOf(problem)).toBeLessThanOrEqual(best);
      }),
      { numRuns: runs(12) },
    );
  });

  test('the same day gives the same plan', () => {
    const problem = threePots([
      [2, 10, 5],
      [6, 9, 5],
      [3, 9, 6],
    ]);
    expect(level(problem, 60)).toEqual(level(problem, 60));
  });
});

describe('what a day holds', () => {
  test('hands that sleep do nothing: a task goes before the night or after it', () => {
    const hands = room('hands', 1);
    hands.free.fill(0, 4, 20);
    const problem = problemOf([job('a', 3, 0), job('b', 3, 0, [0])], { resources: [hands] });
    const { schedule, bound } = level(problem, 20);
    expect(Array.from(schedule.starts)).toEqual([0, 20]);
    expect(bound).toBe(23);
  });

  test('an oven is at one heat at a time, and at that for as many as there is room', () => {
    const oven = (id: string, setting: number): Job => ({
      id,
      length: 10,
      uses: [{ from: 0, to: 10, anyOf: [1], amount: 1, setting }],
      after: [],
    });
    const together = level(problemOf([oven('a', 160), oven('b', 160)]), 20).schedule;
    const apart = level(problemOf([oven('a', 160), oven('b', 120)]), 20).schedule;
    expect([together.end, apart.end]).toEqual([10, 20]);
  });

  test('a second oven takes the other one', () => {
    const oven = (id: string, setting: number): Job => ({
      id,
      length: 10,
      uses: [{ from: 0, to: 10, anyOf: [0, 1], amount: 1, setting }],
      after: [],
    });
    const problem = problemOf([oven('a', 160), oven('b', 120)], {
      resources: [room('oven', 1), room('other oven', 1)],
    });
    expect(level(problem, 20).schedule.end).toBe(10);
  });

  test('a pot that still holds its liquid is nobody else’s', () => {
    const cook = (id: string): Job => ({ id, length: 5, uses: [], after: [] });
    const jobs = [cook('braise a'), { ...cook('strain a'), after: [{ job: 0, lead: 0 }] }, cook('braise b')];
    const problem = problemOf([...jobs, { ...cook('strain b'), after: [{ job: 2, lead: 0 }] }], {
      resources: [room('pot', 1)],
      spans: [
        { resource: 0, from: 0, to: 1 },
        { resource: 0, from: 2, to: 3 },
      ],
    });
    const { starts } = level(problem, 40).schedule;
    const [a = 0, strainA = 0, b = 0, strainB = 0] = starts;
    expect(b >= strainA + 5 || a >= strainB + 5).toBe(true);
  });

  test('a look may be moved a little, so that it need not stop another task', () => {
    const braise: Job = {
      id: 'braise',
      length: 20,
      uses: [{ from: 10, to: 11, anyOf: [0], amount: 1, slack: 2 }],
      after: [],
      fixed: 0,
    };
    const sear: Job = { ...job('sear', 3, 0), fixed: 9 };
    const schedule = place(problemOf([sear, braise]), new Float64Array(2));
    expect(schedule.moved[1]).toEqual([2]);
    expect(faultsOf(problemOf([sear, braise]), schedule)).toEqual([]);
  });

  test('a use that runs out of hours is not placed', () => {
    expect(level(problemOf([job('a', 300, 0)]), 5).schedule.placed).toBe(false);
  });
});

function permutations(of: readonly number[]): number[][] {
  if (of.length <= 1) return [[...of]];
  return of.flatMap((first) => permutations(of.filter((n) => n !== first)).map((rest) => [first, ...rest]));
}
