import { expose } from 'comlink';
import { coreWorker } from './core.ts';

// The solver is the largest part of the program: it comes when something is first shared out.
expose(
  coreWorker(async () => {
    const [{ default: load }, { default: wasm }] = await Promise.all([
      import('highs'),
      import('highs/runtime?url'),
    ]);
    return load({ locateFile: () => wasm });
  }),
);
