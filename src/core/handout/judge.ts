import { eventOf } from '../event/index.ts';
import { openMeal, type OpenedMeal } from '../model/index.ts';
import { reckonAtOnce, type Reckoning } from '../reckoning/index.ts';

/** What the ledger says of a meal in which one of two things holds. */
export interface Judgement {
  /** What does not balance, and why that may be. */
  readonly unaccounted: Reckoning['unaccounted'];
  /** g that do not balance, in all. */
  readonly offG: number;
  /** What the plates want and there is not, g and ml. */
  readonly lacks: { readonly g: number; readonly ml: number };
}

/**
 * Lays a meal against all that went into it.
 * @param batch of what does not balance, only what is of this pot; absent: of all
 */
export function judgementOf(input: OpenedMeal['input'], batch?: string): Judgement {
  const opened = openMeal(input);
  const unaccounted = reckonAtOnce(opened).unaccounted.filter(
    ({ flow }) => batch === undefined || flow.batch === batch,
  );
  const { sittings } = eventOf(opened);
  return {
    unaccounted,
    offG: unaccounted.reduce((sum, { grams }) => sum + grams, 0),
    lacks: {
      g: sittings.reduce((sum, { lacks }) => sum + lacks.g, 0),
      ml: sittings.reduce((sum, { lacks }) => sum + lacks.ml, 0),
    },
  };
}

/** The one that leaves least open and nobody short first. */
export const byJudgement = (a: Judgement, b: Judgement): number =>
  a.offG - b.offG || a.lacks.g + a.lacks.ml - b.lacks.g - b.lacks.ml;
