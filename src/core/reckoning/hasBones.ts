import { type Feel, feels } from '../meal/index.ts';
import type { BatchReckoning } from './batchReckoning.ts';

/** Less than this is no bone but a splinter, g. */
const SPLINTER = 1;

/** Whether a batch was bought with bones in it: of boneless meat no sentence has any. */
export const hasBones = ({ meat }: Pick<BatchReckoning, 'meat'>): boolean => meat.boneG.mid > SPLINTER;

/** What a fork may say of it: a bone slides out of meat that has one. */
export const feelsOf = (reckoning: Pick<BatchReckoning, 'meat'>): readonly Feel[] =>
  hasBones(reckoning) ? feels : feels.filter((feel) => feel !== 'the bone slides out');
