import { type ProxyMarked, type Remote, wrap } from 'comlink';
import type { CoreWorker } from './core.ts';
import type { PastTable } from './pastTable.ts';

/** All that a thread can be asked for. */
export interface WorkerProgram extends CoreWorker {
  /** A table of past cooks to be read there; what reads it is loaded when it is first wanted. */
  readonly pastTable: () => Promise<PastTable & ProxyMarked>;
}

/** A thread of the core's own. */
export interface Started {
  readonly core: Remote<WorkerProgram>;
  /** Rejects when it never will answer again. */
  readonly broken: Promise<never>;
  /** Ends it, whatever it is doing. */
  readonly stop: () => void;
}

/** Starts the core's program in a thread; it loads while the first question is on its way. */
export function startCore(): Started {
  const worker = new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module' });
  const broken = new Promise<never>((_, reject) => {
    worker.addEventListener('error', ({ message }) =>
      reject(new Error(message || 'its program did not load')),
    );
  });
  // It may break while nobody waits for it.
  broken.catch(() => undefined);
  return { core: wrap<WorkerProgram>(worker), broken, stop: () => worker.terminate() };
}
