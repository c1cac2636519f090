import type { Remedy } from '@/core/model/index.ts';
import { withRemedy } from '@/core/reckoning/index.ts';
import { id } from './act.ts';
import { editBatch } from './batch.ts';

/** What is done, as undo names it. */
const words: Readonly<Record<Remedy['what'], string>> = {
  take: 'the vessel',
  split: 'a second vessel',
  'pour later': 'pouring in two parts',
  heat: 'the heat of the oven',
  cover: 'the lid',
  'pour more': 'pouring more',
  'pour less': 'pouring less',
  salt: 'the salt',
};

/** Does what a problem offers. */
export const applyRemedy = (batchId: string, remedy: Remedy): void => {
  editBatch(batchId, words[remedy.what], (batch) => withRemedy(batch, remedy, id));
};
