import type { DayBatch, DayItem } from '../facts.ts';
import { usual } from '../minutes.ts';
import type { Need } from '../resources.ts';
import { itemsIn, POT_LIQUID, type BatchTask, type Step } from './draft.ts';

/** What cooks in the pot from the start to be blended into its liquid: what was soaked for it, or goes in later, was blended before. */
export const puréedAfter = ({ items }: Pick<DayBatch, 'items'>): readonly DayItem[] =>
  items.filter(({ puréed, soaked, later }) => puréed && !soaked && !later);

/** Lifted out, puréed and put back. */
export const puréeStep = (these: readonly DayItem[], key: string): Step => ({
  key,
  kind: 'broth',
  does: { what: 'blend', names: these.map(({ name }) => name) },
  minutes: usual.blend,
  hands: 1,
});

export const blenderFrom = (from: number): Need => ({
  kind: 'blender',
  amount: 1,
  from,
  to: from + usual.blend,
});

export const purée: BatchTask = {
  draft: (batch, id) => {
    const these = puréedAfter(batch);
    // What is chilled is blended in one go with its cooling.
    if (these.length === 0 || batch.chilled) return undefined;
    const step = puréeStep(these, id);
    return {
      minutes: step.minutes,
      parts: [{ ...step, from: 0 }],
      takes: [POT_LIQUID, ...itemsIn(these)],
      makes: [POT_LIQUID],
      needs: [blenderFrom(0)],
    };
  },
  over: ({ jugged }) => jugged,
};
