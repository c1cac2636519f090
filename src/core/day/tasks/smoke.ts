import { usual } from '../minutes.ts';
import { beforeTheLid, type BatchTask } from './draft.ts';

/** A quarter of an hour either way, min (common practice, no source). */
const SLACK = 15;

/** The open smoke before there is a pot: a fire that somebody must tend. */
export const smoke: BatchTask = {
  draft: ({ smokeMin }, id) => {
    if (smokeMin === undefined) return undefined;
    const { fire } = usual;
    const tend = Array.from(
      { length: Math.floor((smokeMin - 1) / usual.fireEvery) },
      (_, i) => usual.fireEvery * (i + 1),
    );
    const part = { kind: 'pan', hands: 1 } as const;
    return {
      minutes: fire + smokeMin,
      after: ['trim', 'brine', 'marinate', 'stand'],
      needs: [{ kind: 'smoker', amount: 1, from: 0, to: fire + smokeMin }],
      parts: [
        { ...part, key: `${id}|fire`, does: { what: 'light the fire' }, from: 0, minutes: 10 },
        { ...part, key: `${id}|on`, does: { what: 'into the smoke' }, from: fire, minutes: 5 },
        ...tend.map((at, i) => ({
          ...part,
          key: `${id}|wood ${i + 1}`,
          does: { what: 'tend the fire' } as const,
          from: fire + at,
          minutes: 5,
          slack: SLACK,
        })),
      ],
    };
  },
  over: beforeTheLid,
};
