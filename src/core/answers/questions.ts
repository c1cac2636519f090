import type { OpenedMeal } from '../model/index.ts';
import type { LpSolver } from '../plates/index.ts';
import { figures } from './figures.ts';
import { lateQuestions } from './late.ts';

/**
 * The questions that are heavy enough for a thread of their own, each a function of an opened meal and of what
 * is asked. A new one is a file and a row of `late.ts`: the border between the threads, its types and the screens' hook
 * follow.
 */
export const questions = { reckon: figures, ...lateQuestions };

export type Question = keyof typeof questions;
/** What is asked beside the meal: undefined where the meal says it all. */
export type Ask<Q extends Question> = Parameters<(typeof questions)[Q]>[1];
export type Answer<Q extends Question> = ReturnType<(typeof questions)[Q]>;

const table: {
  readonly [Q in Question]: (meal: OpenedMeal, ask: Ask<Q>, solver?: LpSolver) => Answer<Q>;
} = questions;

export const answer = <Q extends Question>(
  question: Q,
  meal: OpenedMeal,
  ask: Ask<Q>,
  solver?: LpSolver,
): Answer<Q> => table[question](meal, ask, solver);
