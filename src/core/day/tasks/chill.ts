import { SLOT } from '../../schedule/index.ts';
import { taskId, type Part } from '../task.ts';
import { shelfOfCooked, SKIM_MINUTES, usual } from '../minutes.ts';
import type { DayBatch } from '../facts.ts';
import { blenderFrom, puréedAfter, puréeStep } from './puree.ts';
import { itemsIn, POT_LIQUID, type BatchTask, type Step } from './draft.ts';
import { pullStep } from './pull.ts';
import { strainStep } from './strain.ts';

/**
 * Into the cold at once: pulled, strained and cooled fast without a break, since nothing that is warm may stand
 * about; then the night in the fridge.
 */
/** A jug that settles, and the fat off, while it is warm: out of the cold it would be a cap. */
function skimmedWarm({ id: batch, skim, skimPace, over }: DayBatch, id: string): Step[] {
  if (over.has('skim') || skim === 'leave' || skim === 'chill') return [];
  const stand: Step = {
    key: `${id}|settle`,
    does: { what: 'settle' },
    kind: 'rest',
    minutes: usual.settle,
    hands: 0,
  };
  const key = taskId({ kind: 'skim', batch: batch });
  const off: Step = {
    key,
    does: { what: 'skim', cold: false },
    kind: 'broth',
    minutes: skimPace * SKIM_MINUTES,
    hands: 1,
  };
  return skim === 'settle' && !over.has('settle') ? [stand, off] : [off];
}

export const chill: BatchTask = {
  draft: (batch, id, hands) => {
    if (!batch.chilled) return undefined;
    const key = (kind: 'pull' | 'purée' | 'strain') => taskId({ kind, batch: batch.id });
    const purées = puréedAfter(batch);
    const steps: Step[] = [
      ...(batch.over.has('pull') ? [] : [pullStep(batch, key('pull'), hands)]),
      ...(purées.length === 0 || batch.over.has('purée') ? [] : [puréeStep(purées, key('purée'))]),
      ...(!batch.strain || batch.over.has('strain') ? [] : [strainStep(batch, key('strain'))]),
      ...skimmedWarm(batch, id),
      { key: `${id}|fast`, does: { what: 'cool fast' }, kind: 'broth', minutes: 10, hands: 1 },
    ];
    let from = 0;
    const parts = steps.map((step): Part => {
      const part = { ...step, from };
      from += Math.ceil(step.minutes / SLOT) * SLOT;
      return part;
    });
    const minutes = batch.overnight ? usual.chill : usual.coolThrough;
    return {
      minutes: from + minutes,
      takes: ['meat', POT_LIQUID, ...itemsIn(purées)],
      makes: ['meat', POT_LIQUID],
      follows: batch.staysInPot ? 'pot' : 'cool',
      // What came out of its pot is warm now.
      ...(batch.over.has(batch.staysInPot ? 'pot' : 'cool') && { atOnce: true as const }),
      needs: [
        {
          kind: 'fridge shelf',
          amount: shelfOfCooked(batch.liquidMl, batch.shredG),
          from,
          to: from + minutes,
        },
        ...parts.filter(({ does }) => does.what === 'blend').map((part) => blenderFrom(part.from)),
      ],
      parts: [...parts, { key: id, does: { what: 'chills' }, kind: 'rest', from, minutes, hands: 0 }],
    };
  },
  over: () => false,
};
