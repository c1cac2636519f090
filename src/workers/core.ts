import { reckon, type Input, type Reckoning } from '@/core/reckon.ts';
import { drawMeal } from '@/core/reckoning/draws.ts';
import { reference } from '@/reference/index.ts';

/** A question without the tables: the worker has its own. */
export type Question = Omit<Input, 'reference'>;

/** The core as it stands behind the border between the threads. */
export interface CoreWorker {
  /** The reckoning with its ranges. */
  reckon(question: Question): Reckoning;
}

export const coreWorker: CoreWorker = {
  reckon: (question) => reckon({ ...question, reference }, drawMeal),
};
