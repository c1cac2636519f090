import { expose, proxy } from 'comlink';
import { readQuantity } from '@/core/quantity/index.ts';
import { coreWorker } from './core.ts';
import type { WorkerProgram } from './start.ts';

const program: WorkerProgram = {
  // The solver is the largest part of the program: it comes when something is first shared out.
  ...coreWorker(async () => {
    const [{ default: load }, { default: wasm }] = await Promise.all([
      import('highs'),
      import('highs/runtime?url'),
    ]);
    return load({ locateFile: () => wasm });
  }),
  pastTable: async () => {
    const { PastTable } = await import('./pastTable.ts');
    return proxy(new PastTable(readQuantity));
  },
};
expose(program);
