import type { DayBatch } from '../facts.ts';
import { pullMinutes, TORN } from '../minutes.ts';
import { on, type BatchTask, type Step } from './draft.ts';

/** Pulled, picked and shredded; what was torn half way is less work now. */
export function pullStep(
  { tearMin, cookedG, picking, firm, pace }: DayBatch,
  key: string,
  hands: number,
): Step {
  const torn = tearMin !== undefined;
  return {
    key,
    kind: 'bench',
    does: { what: 'pull', torn, firm },
    minutes: (torn ? 1 - TORN : 1) * pace * pullMinutes(cookedG, picking, hands),
    hands: Math.min(2, hands),
    grams: cookedG,
  };
}

export const pull: BatchTask = {
  draft: (batch, id, hands) => {
    // What is chilled is pulled in one go with its cooling.
    if (batch.chilled) return undefined;
    const step = pullStep(batch, id, hands);
    return { minutes: step.minutes, parts: [{ ...step, from: 0 }], ...on('meat') };
  },
  over: ({ pulled }) => pulled,
};
