import type { DayBatch } from '../facts.ts';
import { strainMinutes } from '../minutes.ts';
import { on, POT_LIQUID, type BatchTask, type Step } from './draft.ts';

/** Through a sieve. */
export const strainStep = ({ liquidMl }: DayBatch, key: string): Step => ({
  key,
  kind: 'broth',
  does: { what: 'strain' },
  minutes: strainMinutes(liquidMl),
  hands: 1,
});

export const strain: BatchTask = {
  draft: (batch, id) => {
    // What is chilled is strained in one go with its cooling.
    if (!batch.strain || batch.chilled) return undefined;
    const step = strainStep(batch, id);
    return { minutes: step.minutes, parts: [{ ...step, from: 0 }], ...on(POT_LIQUID) };
  },
  over: ({ jugged }) => jugged,
};
