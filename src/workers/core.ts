import type { Digested } from '@/core/log/index.ts';
import { openMeal, type Input, type OpenedMeal } from '@/core/model/index.ts';
import type { LpSolver } from '@/core/plates/index.ts';
import type { Answer, Ask, Question } from '@/core/answers/index.ts';
import { figures } from '@/core/answers/figures.ts';
import { shared } from './shared.ts';
import { reference } from '@/reference/index.ts';

/** A meal without the tables: the worker has its own. */
export type BareMeal = Omit<Input, 'reference'>;

/** A question as it crosses the border: the meal itself only where the other side does not have it yet. */
export interface Asked<Q extends Question = Question> {
  readonly question: Q;
  readonly ask: Ask<Q>;
  /** Tells one meal from another, and from itself after an edit. */
  readonly revision: number;
  readonly meal: BareMeal | undefined;
}

/** The core as it stands behind the border between the threads. */
export interface CoreWorker {
  answer<Q extends Question>(asked: Asked<Q>): Answer<Q> | Promise<Answer<Q>>;
  /** What the log knows of the batches of meals; of one that cannot be reckoned, why. */
  digests(meals: readonly BareMeal[]): Promise<readonly Digested[]>;
}

/**
 * Answers questions; the meal that was asked about last stays open, so that its draws serve the next question too.
 * @param loadSolver loads what shares out; asked when it is first wanted
 */
export function coreWorker(loadSolver?: () => Promise<LpSolver>): CoreWorker {
  let solver: Promise<LpSolver> | undefined;
  let open: { readonly revision: number; readonly bare: BareMeal; readonly meal: OpenedMeal } | undefined;
  return {
    digests: async (meals) => {
      const { digestedOf } = await import('./digests.ts');
      return meals.map((meal) => digestedOf({ ...meal, reference }));
    },
    answer({ question, ask, revision, meal }) {
      if (meal) {
        const bare = shared(open?.bare, meal);
        open = { revision, bare, meal: openMeal({ ...bare, reference }) };
      }
      if (open?.revision !== revision) throw new Error(`Revision ${revision} of the meal is not open here.`);
      const { meal: opened } = open;
      if (question === 'reckon') return figures(opened) as Answer<typeof question>;
      solver ??= wantsSolver(question) || willWantSolver(question) ? loadSolver?.() : undefined;
      return Promise.all([loadQuestions(), wantsSolver(question) ? solver : undefined]).then(
        ([{ answer }, loaded]) => answer(question, opened, ask, loaded),
      );
    },
  };
}

const loadQuestions = () => import('@/core/answers/questions.ts');

/** What the sheet asks on which meat is dealt: by then the solver is there. */
const willWantSolver = (question: Question): boolean => question === 'slices';

/** Questions that want the solver, which is loaded when the first of them is asked. */
const wantsSolver = (question: Question): boolean => question === 'shares' || question === 'deal';
