import { type Feel, feels } from '../meal/index.ts';
import type { BatchReckoning } from './batchReckoning.ts';

/** Whether a batch was bought with bones in it: what is boneless has none in its sentences. */
export const hasBones = ({ lots }: Pick<BatchReckoning, 'lots'>): boolean =>
  lots.some(({ boneG }) => boneG > 0);

/**
 * What a fork may say of it: a bone slides out of meat that has one.
 * @param lot which is tried; absent: all of them
 */
export const feelsOf = ({ lots }: Pick<BatchReckoning, 'lots'>, lot?: string): readonly Feel[] =>
  hasBones({ lots: lots.filter((one) => lot === undefined || one.lot === lot) })
    ? feels
    : feels.filter((feel) => feel !== 'the bone slides out');
