import type { Stage } from '../batch/stages.ts';
import { times, type Amount } from './amount.ts';
import { flow, type Flow, type Owner, type Place } from './flow.ts';

/** Differences no larger than rounding are none. */
const NOTHING = 1e-9;
const settled: readonly Flow[] = [];

/**
 * What a weighed figure leaves over at a place: more in than out is missing, more out than in was
 * found. It is a flow of its own, of the stuff that was weighed, so that nothing is hidden.
 * @param per one gram of the stuff
 * @param over grams in less grams out
 */
export function settle(
  { batch, lot }: Owner,
  place: Place,
  stage: Stage,
  item: string,
  per: Amount,
  over: number,
): readonly Flow[] {
  if (over > NOTHING)
    return [flow(place, 'unaccounted', 'missing', stage, { batch, lot, item }, times(per, over))];
  if (over < -NOTHING)
    return [flow('unaccounted', place, 'found', stage, { batch, lot, item }, times(per, -over))];
  return settled;
}
