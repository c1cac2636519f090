import type { Batch } from '../meal/index.ts';

/** Of a batch the share that is for the plates of its meal, 0 to 1: the rest is for another day. */
export const forPlates = ({ later = 0 }: Pick<Batch, 'later'>): number => 1 - later;
