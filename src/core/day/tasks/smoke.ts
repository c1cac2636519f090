import { SLOT } from '../../schedule/index.ts';
import { usual } from '../minutes.ts';
import type { Part } from '../task.ts';
import { beforeTheLid, on, type BatchTask } from './draft.ts';

/** A quarter of an hour either way, min (common practice, no source). */
const SLACK = 15;

/** The open smoke before there is a pot: a fire that somebody must tend. */
export const smoke: BatchTask = {
  draft: ({ smokeMin, smokeRounds, smokeMoments }, id) => {
    if (smokeMin === undefined) return undefined;
    const { fire } = usual;
    const part = { kind: 'pan', hands: 1 } as const;
    const every = (minutes: number, made: (at: number, i: number) => Part): readonly Part[] =>
      Array.from({ length: Math.max(0, Math.ceil(smokeMin / minutes) - 1) }, (_, i) =>
        made(Math.ceil((minutes * (i + 1)) / SLOT) * SLOT, i),
      );
    return {
      minutes: fire + smokeMin,
      ...on('meat'),
      needs: [{ kind: 'smoker', amount: 1, from: 0, to: fire + smokeMin }],
      parts: [
        { ...part, key: `${id}|fire`, does: { what: 'light the fire' }, from: 0, minutes: 10 },
        { ...part, key: `${id}|on`, does: { what: 'into the smoke' }, from: fire, minutes: 5 },
        ...every(usual.fireEvery, (at, i) => ({
          ...part,
          key: `${id}|wood ${i + 1}`,
          does: { what: 'tend the fire' } as const,
          from: fire + at,
          minutes: 5,
          slack: SLACK,
        })),
        ...smokeMoments.map(({ key, does, at }) => ({
          ...part,
          key: `${id}|${key}`,
          does,
          from: fire + Math.floor(Math.min(at, smokeMin - 5) / SLOT) * SLOT,
          minutes: 5,
          slack: SLACK,
        })),
        ...smokeRounds.flatMap(({ what, every: often }) =>
          often < SLOT
            ? []
            : every(often, (at) => ({
                ...part,
                key: `${id}|${what} ${at}`,
                does: { what: 'round', does: what },
                from: fire + at,
                minutes: 5,
                slack: SLACK,
              })),
        ),
      ],
    };
  },
  over: beforeTheLid,
};
