import { wrap, type Remote } from 'comlink';
import type { Reckoning } from '@/core/reckon.ts';
import type { CoreWorker, Question } from './core.ts';

let remote: Remote<CoreWorker> | undefined;
let busy: Promise<unknown> = Promise.resolve();

/** The worker, started when it is first asked. */
function core(): Remote<CoreWorker> {
  remote ??= wrap<CoreWorker>(new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module' }));
  return remote;
}

/**
 * Asks the worker for a meal's ranges. Questions wait their turn, and one that has been overtaken
 * while it waited is never asked.
 */
export function askRanges(question: Question, signal: AbortSignal): Promise<Reckoning> {
  const answer = busy.then(() => {
    signal.throwIfAborted();
    return core().reckon(question);
  });
  busy = answer.catch(() => undefined);
  return answer;
}
