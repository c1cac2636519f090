import type { DayBatch } from '../facts.ts';
import { SLOT } from '../../schedule/index.ts';
import { beforeKind } from '../../work/index.ts';
import { shelfOfRaw, usual } from '../minutes.ts';
import { beforeTheLid, byHand, itemsIn, on, type BatchTask, type Draft, type On } from './draft.ts';

/** Putting it away, min (common practice, no source). */
const TO_FRIDGE = 10;

/**
 * Into its salt or its marinade, its hours in the fridge, and out again to be dried. What was written as a range ends
 * when somebody is there, anywhere within it; what was written as one figure lasts as long as that.
 */
function curing(
  id: string,
  { least, most, into, then }: NonNullable<ReturnType<typeof cured>>,
  materials: On,
  shelfCm: number,
): Draft {
  const middle = (least + most) / 2;
  const slack = Math.floor((most - least) / 2 / SLOT) * SLOT;
  const from = TO_FRIDGE + middle;
  const minutes = from + slack + usual.dry;
  const dried = { key: `${id}|dry`, does: { what: 'dry' }, kind: 'board', from, minutes: usual.dry } as const;
  return {
    minutes,
    ...materials,
    needs: [{ kind: 'fridge shelf', amount: shelfCm, from: TO_FRIDGE, to: minutes }],
    parts: [
      { key: `${id}|in`, does: { what: into }, kind: 'board', from: 0, minutes: TO_FRIDGE, hands: 1 },
      { key: id, does: { what: then }, kind: 'rest', from: TO_FRIDGE, minutes: middle, hands: 0 },
      { ...dried, hands: 1, closes: true, ...(slack > 0 && { slack }) },
    ],
  };
}

/** Its hours, where it was chosen, and what is done at either end of them. */
const cured = ({ steps }: DayBatch, task: 'brine' | 'marinate') => {
  const step = steps.find(({ what }) => beforeKind(what).task === task);
  if (!step) return undefined;
  const { minutes, cures } = beforeKind(step.what);
  return cures && { least: step.least ?? minutes, most: step.most ?? minutes, ...cures };
};

export const brine: BatchTask = {
  draft: (batch, id) => {
    const hours = cured(batch, 'brine');
    return hours && curing(id, hours, on('meat'), shelfOfRaw(batch.rawG));
  },
  over: beforeTheLid,
};

export const marinate: BatchTask = {
  draft: (batch, id) => {
    const hours = cured(batch, 'marinate');
    const lies = itemsIn(batch.items.filter(({ marinade }) => marinade));
    return (
      hours &&
      curing(
        id,
        hours,
        {
          takes: ['meat', ...lies],
          makes: ['meat', ...lies, ...(batch.boilMarinadeMin === undefined ? [] : (['marinade'] as const))],
        },
        shelfOfRaw(batch.rawG),
      )
    );
  },
  over: beforeTheLid,
};

/** What the meat leaves of its marinade is boiled before it goes into the pot. */
export const boilMarinade: BatchTask = {
  draft: ({ boilMarinadeMin: minutes }, id) =>
    minutes === undefined
      ? undefined
      : byHand(id, 'pan', { what: 'boil the marinade' }, minutes, on('marinade'), {
          needs: [{ kind: 'burner', amount: 1, from: 0, to: minutes }],
        }),
  over: beforeTheLid,
};
