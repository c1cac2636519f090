import type { Digested } from '@/core/log/index.ts';
import type { BareMeal } from './core.ts';
import { type Started, startCore } from './start.ts';

/** More threads than this help little, and each holds the whole program. */
const MOST = 4;
/** Fewer meals than this are sooner made by one than a second thread is started. */
const WORTH = 40;

/** Threads that make digests, beside the one that answers: nobody who types waits for the log. */
export function startLogger(): {
  readonly digester: (meals: readonly BareMeal[]) => Promise<readonly Digested[]>;
  readonly stop: () => void;
} {
  const threads: Started[] = [];
  // A browser that does not say how many cores there are has one at least.
  const most = Math.min(MOST, navigator.hardwareConcurrency || 1);
  return {
    digester: async (meals) => {
      const parts = partsOf(meals, meals.length < WORTH ? 1 : most);
      const made = await Promise.all(
        parts.map((part, i) => {
          const thread = (threads[i] ??= startCore());
          return Promise.race([thread.core.digests(part), thread.broken]);
        }),
      );
      return made.flat();
    },
    stop: () => {
      for (const { stop } of threads) stop();
    },
  };
}

/** In their order, in so many parts of like size. */
function partsOf<T>(all: readonly T[], parts: number): T[][] {
  const size = Math.max(1, Math.ceil(all.length / parts));
  return Array.from({ length: Math.max(1, Math.ceil(all.length / size)) }, (_, i) =>
    all.slice(i * size, (i + 1) * size),
  );
}
