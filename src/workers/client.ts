import { wrap, type Remote } from 'comlink';
import type { Reckoning } from '@/core/reckon.ts';
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
 * Asks the worker for a meal's ranges. Questions wait their turn, and one that has been overtaken
 * while it waited is never asked.
 */
export function askRanges(question: Question, signal: AbortSignal): Promise<Reckoning> {
  const answer = busy.then(() => {
    signal.throwIfAborted();
    const { core, broken } = started();
    return Promise.race([core.reckon(question), broken]);
  });
  busy = answer.catch(() => undefined);
  return answer;
}
