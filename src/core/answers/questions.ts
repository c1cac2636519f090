import { reckon } from '../reckoning/index.ts';
import { drawsOf, type OpenedMeal } from '../model/index.ts';
import type { LpSolver } from '../plates/index.ts';
import { buy } from './heavy/buy.ts';
import { cooling } from './heavy/cooling.ts';
import { whatIf } from './heavy/whatIf.ts';
import { contradicts } from './heavy/contradicts.ts';
import { dayOf } from './heavy/day/day.ts';
import { feeds } from './heavy/feeds.ts';
import { lidFor } from './heavy/lidFor.ts';
import { margins } from './heavy/margins.ts';

import { shares } from './heavy/shares.ts';
import { searing } from './heavy/searing.ts';
import { serviceNow } from './heavy/serviceNow.ts';

/**
 * The questions that are heavy enough for a thread of their own, each a function of an opened meal and of what
 * is asked. A new one is a file and a row here: the border between the threads, its types and the screens' hook
 * follow.
 */
export const questions = {
  reckon: (meal: OpenedMeal) => reckon(meal, drawsOf(meal)),
  buy,
  feeds,
  margins,
  searing,
  day: dayOf,
  serviceNow,
  lidFor,
  contradicts,
  shares,
  cooling,
  whatIf,
};

export type Question = keyof typeof questions;
/** What is asked beside the meal: undefined where the meal says it all. */
export type Ask<Q extends Question> = Parameters<(typeof questions)[Q]>[1];
export type Answer<Q extends Question> = ReturnType<(typeof questions)[Q]>;

const table: {
  readonly [Q in Question]: (meal: OpenedMeal, ask: Ask<Q>, solver?: LpSolver) => Answer<Q>;
} = questions;

/** Questions that want the solver, which is loaded when the first of them is asked. */
export const wantsSolver = (question: Question): boolean => question === 'shares';

export const answer = <Q extends Question>(
  question: Q,
  meal: OpenedMeal,
  ask: Ask<Q>,
  solver?: LpSolver,
): Answer<Q> => table[question](meal, ask, solver);
