import type { Need } from '../resources.ts';
import { beforeTheLid, byHand, type BatchTask } from './draft.ts';

/** Browned, panful by panful. */
export const sear: BatchTask = {
  draft: (batch, id) => {
    if (!batch.sear) return undefined;
    const { panfuls, minutes, pan } = batch.sear;
    const needs: Need[] = [{ kind: 'burner', amount: 1, from: 0, to: minutes }];
    // Browned in its own pot it holds no pan besides.
    if (pan !== undefined && !batch.vessels.some((vessel) => vessel.id === pan))
      needs.push({ kind: 'vessel', id: pan, amount: 1, from: 0, to: minutes });
    const after = ['trim', 'brine', 'marinate', 'stand', 'smoke'] as const;
    return byHand(id, 'pan', { what: 'sear', panfuls }, minutes, after, { needs });
  },
  over: beforeTheLid,
};
