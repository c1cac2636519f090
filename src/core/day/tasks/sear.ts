import { usual } from '../minutes.ts';
import type { Need } from '../resources.ts';
import type { Part } from '../task.ts';
import { beforeTheLid, on, type BatchTask } from './draft.ts';

/** The pan heated, the meat browned panful by panful, and what stuck loosened where the pan is not the pot. */
export const sear: BatchTask = {
  draft: ({ sear: it, vessels }, id) => {
    if (!it) return undefined;
    const { panfuls, minutes, pan, loosenWith } = it;
    const isPot = vessels.some((vessel) => vessel.id === pan);
    const whole = usual.heatPan + minutes + (isPot ? 0 : usual.loosen);
    const needs: Need[] = [{ kind: 'burner', amount: 1, from: 0, to: whole }];
    // Browned in its own pot it holds no pan besides.
    if (pan !== undefined && !isPot) needs.push({ kind: 'vessel', id: pan, amount: 1, from: 0, to: whole });
    const browned = { key: id, does: { what: 'sear', panfuls }, from: usual.heatPan, minutes } as const;
    const parts: Part[] = [
      {
        key: `${id}|pan`,
        kind: 'pan',
        does: { what: 'heat the pan' },
        from: 0,
        minutes: usual.heatPan,
        hands: 1,
        handsMin: whole,
      },
      { ...browned, kind: 'pan', hands: 1, sized: true, handsMin: 0 },
    ];
    if (!isPot)
      parts.push({
        key: `${id}|loosen`,
        kind: 'pan',
        does: { what: 'loosen', item: loosenWith?.name },
        ...(loosenWith && { grams: loosenWith.grams }),
        from: usual.heatPan + minutes,
        minutes: usual.loosen,
        hands: 1,
        handsMin: 0,
      });
    return { minutes: whole, ...on('meat'), needs, parts };
  },
  over: beforeTheLid,
};
