import type { Doing } from '../task.ts';
import { usual } from '../minutes.ts';
import { beforeTheLid, type BatchTask, type Draft } from './draft.ts';

/** Putting it away, min (common practice, no source). */
const TO_FRIDGE = 10;

/** Into its salt or its marinade, and the hours in the fridge after that. */
function curing(id: string, minutes: number, does: readonly [Doing, Doing]): Draft {
  const whole = TO_FRIDGE + minutes;
  return {
    minutes: whole,
    after: ['trim'],
    needs: [{ kind: 'fridge shelf', amount: 1, from: TO_FRIDGE, to: whole }],
    parts: [
      { key: `${id}|in`, does: does[0], kind: 'board', from: 0, minutes: TO_FRIDGE, hands: 1 },
      { key: id, does: does[1], kind: 'rest', from: TO_FRIDGE, minutes, hands: 0 },
    ],
  };
}

export const brine: BatchTask = {
  draft: ({ steps }, id) => {
    const step = steps.find(({ what }) => what === 'dry brine');
    return step && curing(id, step.minutes ?? usual.dryBrine, [{ what: 'rub' }, { what: 'salted' }]);
  },
  over: beforeTheLid,
};

export const marinate: BatchTask = {
  draft: ({ steps }, id) => {
    const step = steps.find(({ what }) => what === 'marinade');
    return (
      step &&
      curing(id, step.minutes ?? usual.marinade, [{ what: 'into the marinade' }, { what: 'marinates' }])
    );
  },
  over: beforeTheLid,
};
