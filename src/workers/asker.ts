import type { Answer, Ask, Question } from '@/core/answers/index.ts';
import type { Asked, BareMeal } from './core.ts';

/** A thread that answers; `broken` rejects when it never will again. */
export interface Thread {
  readonly answer: (asked: Asked) => Promise<unknown>;
  readonly broken: Promise<never>;
  /** Ends it, whatever it is doing. */
  readonly stop: () => void;
}

export type Asker = <Q extends Question>(
  question: Q,
  meal: BareMeal,
  ask: Ask<Q>,
  signal: AbortSignal,
) => Promise<Answer<Q>>;

/** No question that can be typed takes a tenth of it; what takes longer is given up and said, ms. */
export const PATIENCE_MS = 30_000;

/**
 * Asks a thread, which is started when it is first asked, and anew after it has broken. Questions wait their
 * turn, and one that was cancelled while it waited is never asked.
 */
export function askerOf(start: () => Thread): Asker {
  let thread: Thread | undefined;
  let sent: number | undefined;
  let busy: Promise<unknown> = Promise.resolve();

  const askNow = async (question: Question, meal: BareMeal, ask: Ask<Question>): Promise<unknown> => {
    const { answer, broken, stop } = (thread ??= start());
    const revision = revisionOf(meal);
    const known = sent === revision;
    sent = revision;
    broken.catch(() => {
      thread = sent = undefined;
    });
    let patience: ReturnType<typeof setTimeout> | undefined;
    const late = new Promise<never>((_, reject) => {
      patience = setTimeout(() => {
        thread = sent = undefined;
        stop();
        // Whoever asked says what of; an identifier would mean nothing to a cook.
        reject(new Error(`it took longer than ${PATIENCE_MS / 1000} s and was given up`));
      }, PATIENCE_MS);
    });
    try {
      return await Promise.race([
        answer({ question, ask, revision, meal: known ? undefined : meal }),
        broken,
        late,
      ]);
    } finally {
      clearTimeout(patience);
    }
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
