import type { Stage } from '../batch/stages.ts';
import { times, type Amount } from './amount.ts';
import type { Flow, Place } from './flow.ts';

/** Differences no larger than rounding are none. */
const NOTHING = 1e-9;

/**
 * What a weighed figure leaves over at a place: more in than out is missing, more out than in was
 * found. It is a flow of its own, of the stuff that was weighed, so that nothing is hidden.
 * @param per one gram of the stuff
 * @param over grams in less grams out
 */
export function settle(
  base: Pick<Flow, 'batch' | 'lot'>,
  place: Place,
  stage: Stage,
  item: string,
  per: Amount,
  over: number,
): Flow[] {
  if (over > NOTHING) {
    return [
      { ...base, from: place, to: 'unaccounted', material: 'missing', stage, item, amount: times(per, over) },
    ];
  }
  if (over < -NOTHING) {
    return [
      { ...base, from: 'unaccounted', to: place, material: 'found', stage, item, amount: times(per, -over) },
    ];
  }
  return [];
}
