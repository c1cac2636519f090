import type { Answer, Ask, Question } from '@/core/questions/index.ts';
import type { Asked, BareMeal } from './core.ts';

/** A thread that answers; `broken` rejects when it never will again. */
export interface Thread {
  readonly answer: (asked: Asked) => Promise<unknown>;
  readonly broken: Promise<never>;
}

export type Asker = <Q extends Question>(
  question: Q,
  meal: BareMeal,
  ask: Ask<Q>,
  signal: AbortSignal,
) => Promise<Answer<Q>>;

/**
 * Asks a thread, which is started when it is first asked, and anew after it has broken. Questions wait their
 * turn, and one that was cancelled while it waited is never asked.
 */
export function askerOf(start: () => Thread): Asker {
  let thread: Thread | undefined;
  let sent: number | undefined;
  let busy: Promise<unknown> = Promise.resolve();

  const askNow = async (question: Question, meal: BareMeal, ask: Ask<Question>): Promise<unknown> => {
    const { answer, broken } = (thread ??= start());
    const revision = revisionOf(meal);
    const known = sent === revision;
    sent = revision;
    broken.catch(() => {
      thread = sent = undefined;
    });
    return Promise.race([answer({ question, ask, revision, meal: known ? undefined : meal }), broken]);
  };

  return <Q extends Question>(question: Q, meal: BareMeal, ask: Ask<Q>, signal: AbortSignal) => {
    const answer = busy.then(() => {
      signal.throwIfAborted();
      return askNow(question, meal, ask);
    });
    busy = answer.catch(() => undefined);
    // The border carries every answer as what the map of questions says it is.
    return answer as Promise<Answer<Q>>;
  };
}

let last = 0;
const revisions = new WeakMap<BareMeal, number>();

/** A number for a meal as it stands: another after each edit. */
export function revisionOf(meal: BareMeal): number {
  const revision = revisions.get(meal) ?? (last += 1);
  revisions.set(meal, revision);
  return revision;
}
