import { wrap } from 'comlink';
import type { Digested } from '@/core/log/index.ts';
import type { BareMeal, CoreWorker } from './core.ts';

/** More threads than this help little, and each holds the whole program. */
const MOST = 4;
/** Fewer meals than this are sooner made by one than a second thread is started. */
const WORTH = 40;

/** Threads that make digests, beside the one that answers: nobody who types waits for the log. */
export function startLogger(): {
  readonly digester: (meals: readonly BareMeal[]) => Promise<readonly Digested[]>;
  readonly stop: () => void;
} {
  const threads: ReturnType<typeof startThread>[] = [];
  // A browser that does not say how many cores there are has one at least.
  const most = Math.min(MOST, navigator.hardwareConcurrency || 1);
  return {
    digester: async (meals) => {
      const parts = partsOf(meals, meals.length < WORTH ? 1 : most);
      const made = await Promise.all(
        parts.map((part, i) => {
          const thread = (threads[i] ??= startThread());
          return Promise.race([thread.core.digests(part), thread.broken]);
        }),
      );
      return made.flat();
    },
    stop: () => {
      for (const { worker } of threads) worker.terminate();
    },
  };
}

function startThread() {
  const worker = new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module' });
  const broken = new Promise<never>((_, reject) => {
    worker.addEventListener('error', ({ message }) =>
      reject(new Error(message || 'its program did not load')),
    );
  });
  // It may break while nobody waits for it.
  broken.catch(() => undefined);
  return { worker, broken, core: wrap<CoreWorker>(worker) };
}

/** In their order, in so many parts of like size. */
function partsOf<T>(all: readonly T[], parts: number): T[][] {
  const size = Math.max(1, Math.ceil(all.length / parts));
  return Array.from({ length: Math.max(1, Math.ceil(all.length / size)) }, (_, i) =>
    all.slice(i * size, (i + 1) * size),
  );
}
