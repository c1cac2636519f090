import type { DayBatch } from '../facts.ts';
import { SLOT } from '../../schedule/index.ts';
import type { Doing } from '../task.ts';
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
  { least, most }: { readonly least: number; readonly most: number },
  does: readonly [Doing, Doing],
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
      { key: `${id}|in`, does: does[0], kind: 'board', from: 0, minutes: TO_FRIDGE, hands: 1 },
      { key: id, does: does[1], kind: 'rest', from: TO_FRIDGE, minutes: middle, hands: 0 },
      { ...dried, hands: 1, closes: true, ...(slack > 0 && { slack }) },
    ],
  };
}

const hoursOf = ({ steps }: DayBatch, of: 'dry brine' | 'marinade', usually: number) => {
  const step = steps.find(({ what }) => what === of);
  return step && { least: step.least ?? usually, most: step.most ?? usually };
};

export const brine: BatchTask = {
  draft: (batch, id) => {
    const hours = hoursOf(batch, 'dry brine', usual.dryBrine);
    return (
      hours && curing(id, hours, [{ what: 'rub' }, { what: 'salted' }], on('meat'), shelfOfRaw(batch.rawG))
    );
  },
  over: beforeTheLid,
};

export const marinate: BatchTask = {
  draft: (batch, id) => {
    const hours = hoursOf(batch, 'marinade', usual.marinade);
    const does = [{ what: 'into the marinade' }, { what: 'marinates' }] as const;
    const lies = itemsIn(batch.items.filter(({ marinade }) => marinade));
    return (
      hours &&
      curing(
        id,
        hours,
        does,
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
