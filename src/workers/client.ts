import { wrap, type Remote } from 'comlink';
import type { Reckoning } from '@/core/reckon.ts';
import type { Entry } from '@/core/batch/schema.ts';
import type { ServiceNow } from '@/core/reckoning/day/serviceNow.ts';
import type { DayAsk, DayPlan } from '@/core/reckoning/day/day.ts';
import type { Margins } from '@/core/reckoning/draws/margins.ts';
import type { LidFor } from '@/core/reckoning/lidFor.ts';
import type { Searing } from '@/core/reckoning/pictures/sear.ts';
import type { BuyAsk, BuyReading, Feeds } from '@/core/shop/index.ts';
import type { CoreWorker, Question } from './core.ts';

interface Thread {
  readonly core: Remote<CoreWorker>;
  /** Rejects when the thread breaks: it would never answer then. */
  readonly broken: Promise<never>;
}
let thread: Thread | undefined;
let busy: Promise<unknown> = Promise.resolve();

/** The worker, started when it is first asked. */
function started(): Thread {
  if (thread) return thread;
  const worker = new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module' });
  const broken = new Promise<never>((_, reject) => {
    worker.addEventListener('error', ({ message }) =>
      reject(new Error(message || 'its program did not load')),
    );
  });
  // Whoever asks hears of it; when nobody asks it is no fault of the page.
  broken.catch(() => undefined);
  thread = { core: wrap<CoreWorker>(worker), broken };
  return thread;
}

/**
 * Asks the worker. Questions wait their turn, and one that has been overtaken while it waited is
 * never asked.
 */
function ask<T>(question: (core: Thread['core']) => Promise<T>, signal: AbortSignal): Promise<T> {
  const answer = busy.then(() => {
    signal.throwIfAborted();
    const { core, broken } = started();
    return Promise.race([question(core), broken]);
  });
  busy = answer.catch(() => undefined);
  return answer;
}

/** A meal's ranges. */
export const askRanges = (question: Question, signal: AbortSignal): Promise<Reckoning> =>
  ask((core) => core.reckon(question), signal);

/** How much of the open batch to buy. */
export const askBuy = (question: Question, wanted: BuyAsk, signal: AbortSignal): Promise<BuyReading> =>
  ask<BuyReading>(async (core) => core.buy(question, wanted), signal);

/** What the planned meat feeds. */
export const askFeeds = (question: Question, chance: number, signal: AbortSignal): Promise<Feeds | null> =>
  ask((core) => core.feeds(question, chance), signal);

/** The distribution behind "enough". */
export const askMargins = (question: Question, signal: AbortSignal): Promise<Margins> =>
  ask((core) => core.margins(question), signal);

/** The open batch in its pan. */
export const askSearing = (question: Question, batch: string, signal: AbortSignal): Promise<Searing | null> =>
  ask((core) => core.searing(question, batch), signal);

/** The day of a meal. */
export const askDay = (question: Question, wanted: DayAsk, signal: AbortSignal): Promise<DayPlan> =>
  ask((core) => core.day(question, wanted), signal);

/** How long the lid must stand open at the end. */
export const askLid = (
  question: Question,
  batch: string,
  lid: 'ajar' | 'off',
  wantMl: number,
  signal: AbortSignal,
): Promise<LidFor> => ask<LidFor>(async (core) => core.lidFor(question, batch, lid, wantMl), signal);

/** What a fork in the meat can hardly be squared with. */
export const askContradicts = (
  question: Question,
  check: Entry,
  signal: AbortSignal,
): Promise<Entry | null> => ask((core) => core.contradicts(question, check), signal);

/** What can be served at this moment. */
export const askServiceNow = (question: Question, now: number, signal: AbortSignal): Promise<ServiceNow> =>
  ask((core) => core.serviceNow(question, now), signal);
