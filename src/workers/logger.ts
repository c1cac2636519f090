import { wrap } from 'comlink';
import type { Digested } from '@/core/log/index.ts';
import type { BareMeal, CoreWorker } from './core.ts';

/** A thread that makes digests, beside the one that answers: nobody who types waits for the log. */
export function startLogger(): {
  readonly digester: (meals: readonly BareMeal[]) => Promise<readonly Digested[]>;
  readonly stop: () => void;
} {
  const worker = new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module' });
  const broken = new Promise<never>((_, reject) => {
    worker.addEventListener('error', ({ message }) =>
      reject(new Error(message || 'its program did not load')),
    );
  });
  const core = wrap<CoreWorker>(worker);
  return {
    digester: (meals) => Promise.race([core.digests(meals), broken]),
    stop: () => worker.terminate(),
  };
}
