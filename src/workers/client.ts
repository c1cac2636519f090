import { askerOf } from './asker.ts';
import { startCore } from './start.ts';

/** Asks the core's worker. */
export const ask = askerOf(() => {
  const { core, broken, stop } = startCore();
  return { answer: (asked) => core.answer(asked), broken, stop };
});
