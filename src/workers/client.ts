import { wrap } from 'comlink';
import { askerOf, type Thread } from './asker.ts';
import type { CoreWorker } from './core.ts';

function start(): Thread {
  const worker = new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module' });
  const broken = new Promise<never>((_, reject) => {
    worker.addEventListener('error', ({ message }) =>
      reject(new Error(message || 'its program did not load')),
    );
  });
  const core = wrap<CoreWorker>(worker);
  return { answer: (asked) => core.answer(asked), broken, stop: () => worker.terminate() };
}

/** Asks the core's worker. */
export const ask = askerOf(start);
