import type { Stage } from './stages.ts';
import { times, type Amount } from './amount.ts';
import { unaccountedFlow, type Flow, type Owner } from './flow.ts';
import type { Place } from './places.ts';

/** Differences no larger than rounding are none. */
const NOTHING = 1e-9;
const settled: readonly Flow[] = [];

/**
 * What a weighed figure leaves over at a place: more in than out is missing, more out than in was
 * found. It is a flow of its own, of the stuff that was weighed, so that nothing is hidden.
 * @param item names the stuff: a reading, or the meat or bone of a lot
 * @param per one gram of the stuff
 * @param over grams in less grams out
 */
export function settle(
  owner: Owner,
  place: Place,
  stage: Stage,
  item: string,
  per: Amount,
  over: number,
): readonly Flow[] {
  if (Math.abs(over) <= NOTHING || Number.isNaN(over)) return settled;
  const id = over > 0 ? 'missing' : 'found';
  return [unaccountedFlow(id, place, stage, { ...owner, item }, times(per, Math.abs(over)))];
}
