import { SLOT } from '../../schedule/index.ts';
import { taskId, type Part } from '../task.ts';
import { usual } from '../minutes.ts';
import type { BatchTask, Step } from './draft.ts';
import { pullStep } from './pull.ts';
import { strainStep } from './strain.ts';

/**
 * Into the cold at once: pulled, strained and cooled fast without a break, since nothing that is warm may stand
 * about; then the night in the fridge.
 */
export const chill: BatchTask = {
  draft: (batch, id, hands) => {
    if (!batch.chilled) return undefined;
    const key = (kind: 'pull' | 'strain') => taskId({ kind, batch: batch.id });
    const steps: Step[] = [
      ...(batch.over.has('pull') ? [] : [pullStep(batch, key('pull'), hands)]),
      ...(!batch.strain || batch.over.has('strain') ? [] : [strainStep(batch, key('strain'))]),
      { key: `${id}|fast`, does: { what: 'cool fast' }, kind: 'broth', minutes: 10, hands: 1 },
    ];
    let from = 0;
    const parts = steps.map((step): Part => {
      const part = { ...step, from };
      from += Math.ceil(step.minutes / SLOT) * SLOT;
      return part;
    });
    const minutes = batch.skim === 'chill' ? usual.chill : usual.coolThrough;
    return {
      minutes: from + minutes,
      after: ['cool'],
      follows: 'cool',
      needs: [{ kind: 'fridge shelf', amount: 2, from, to: from + minutes }],
      parts: [...parts, { key: id, does: { what: 'chills' }, kind: 'rest', from, minutes, hands: 0 }],
    };
  },
  over: () => false,
};
