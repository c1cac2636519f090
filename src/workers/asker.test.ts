import { reckon } from '@/core/reckoning/index.ts';
import { describe, expect, jest, test } from '@jest/globals';
import { expose, wrap } from 'comlink';
import { drawsOf, openMeal } from '@/core/model/index.ts';

import { batchOf, dishOf, inputOf, lotOf } from '@/core/testing/meals.ts';
import { reference } from '@/reference/index.ts';
import { askerOf, PATIENCE_MS, type Thread } from './asker.ts';
import { coreWorker, type Asked, type BareMeal, type CoreWorker } from './core.ts';

const mealOf = (grams: number): BareMeal => {
  const { meal, batches, entries, kitchen } = inputOf(
    [batchOf([lotOf('beef-blade-roast', grams)])],
    [dishOf('taco', 12)],
  );
  return { meal, batches, entries, kitchen };
};
const signal = new AbortController().signal;

/** A thread that answers when it is told to, and remembers what it was asked. */
function slowThread() {
  const asked: Asked[] = [];
  const answers: ((value: unknown) => void)[] = [];
  let breakIt: (error: Error) => void = () => undefined;
  let started = 0;
  let stopped = 0;
  const start = (): Thread => {
    started += 1;
    const broken = new Promise<never>((_, reject) => {
      breakIt = reject;
    });
    return {
      broken,
      stop: () => {
        stopped += 1;
      },
      answer: (one) => {
        asked.push(one);
        return new Promise((resolve) => answers.push(resolve));
      },
    };
  };
  return {
    asked,
    answers,
    start,
    breakIt: (words: string) => breakIt(new Error(words)),
    started: () => started,
    stopped: () => stopped,
  };
}
const soon = () => new Promise((resolve) => setTimeout(resolve, 0));

describe('the border between the threads', () => {
  test('questions wait their turn, and one that was cancelled while it waited is never asked', async () => {
    const thread = slowThread();
    const ask = askerOf(thread.start);
    const meal = mealOf(1000);
    const first = ask('margins', meal, undefined, signal);
    const cancelled = new AbortController();
    const second = ask('feeds', meal, { chance: 0.9 }, cancelled.signal);
    const third = ask('searing', meal, { batch: 'pot' }, signal);
    cancelled.abort();
    await soon();
    expect(thread.asked.map(({ question }) => question)).toEqual(['margins']);
    thread.answers[0]?.('one');
    await expect(first).resolves.toBe('one');
    await expect(second).rejects.toThrow(/abort/i);
    await soon();
    thread.answers[1]?.('three');
    await expect(third).resolves.toBe('three');
    expect(thread.asked.map(({ question }) => question)).toEqual(['margins', 'searing']);
  });

  test('a meal crosses once, and again after an edit', async () => {
    const thread = slowThread();
    const ask = askerOf(thread.start);
    const meals = [mealOf(1000), mealOf(1100)] as const;
    for (const [i, meal] of [meals[0], meals[0], meals[1]].entries()) {
      const answer = ask('margins', meal, undefined, signal);
      await soon();
      thread.answers[i]?.(i);
      await answer;
    }
    expect(thread.asked.map(({ meal }) => meal !== undefined)).toEqual([true, false, true]);
  });

  test('a thread that breaks says why to whoever waits, and the next question starts another', async () => {
    const thread = slowThread();
    const ask = askerOf(thread.start);
    const meal = mealOf(1000);
    const lost = ask('margins', meal, undefined, signal);
    await soon();
    thread.breakIt('its program did not load');
    await expect(lost).rejects.toThrow('its program did not load');
    await soon();
    const again = ask('margins', meal, undefined, signal);
    await soon();
    thread.answers[1]?.('there');
    await expect(again).resolves.toBe('there');
    expect(thread.started()).toBe(2);
    // The new thread has not seen the meal yet.
    expect(thread.asked[1]?.meal).toBeDefined();
  });

  test('one that takes too long is given up, its thread is ended, and the next is answered by another', async () => {
    jest.useFakeTimers();
    try {
      const thread = slowThread();
      const ask = askerOf(thread.start);
      const meal = mealOf(1000);
      const lost = ask('day', meal, { now: 0, tries: 1 }, signal);
      const told = expect(lost).rejects.toThrow(
        `it took longer than ${PATIENCE_MS / 1000} s and was given up`,
      );
      await jest.advanceTimersByTimeAsync(PATIENCE_MS);
      await told;
      expect(thread.stopped()).toBe(1);
      const next = ask('margins', meal, undefined, signal);
      await jest.advanceTimersByTimeAsync(1);
      thread.answers[1]?.('there');
      await expect(next).resolves.toBe('there');
      expect(thread.started()).toBe(2);
    } finally {
      jest.useRealTimers();
    }
  });

  test('through a real channel it answers as the core does', async () => {
    const { port1, port2 } = new MessageChannel();
    expose(coreWorker(), port1);
    const core = wrap<CoreWorker>(port2);
    const ask = askerOf(() => ({
      answer: (one) => core.answer(one),
      broken: new Promise<never>(() => undefined),
      stop: () => undefined,
    }));
    const meal = mealOf(2000);
    const direct = openMeal({ ...meal, reference });
    const answer = await ask('reckon', meal, undefined, signal);
    expect(answer.meal).toEqual(reckon(direct, drawsOf(direct)).meal);
    // Asked again of the same meal, it is still open there.
    expect((await ask('margins', meal, undefined, signal)).draws).toBe(5000);
    port1.close();
    port2.close();
  });
});

test('a revision that is not open is an error, not another meal’s answer', () => {
  const worker = coreWorker();
  expect(() => worker.answer({ question: 'reckon', ask: undefined, revision: 7, meal: undefined })).toThrow(
    'Revision 7',
  );
});
