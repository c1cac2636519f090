import { useEffect, useMemo, useState } from 'react';
import {
  type Digest,
  digestOf,
  guessesOf,
  offOf,
  drawnFrom,
  quizOf,
  type Logged,
  type QuizKind,
  quizKinds,
} from '@/core/log/index.ts';
import { usualKitchen } from '@/core/meal/index.ts';
import { reference } from '@/reference/index.ts';
import { eyeTitle, quizWords } from '@/words/index.ts';
import { clockNow } from '../../browser/clock.ts';
import { useLog, useWhole } from '../data/useLog.ts';
import { useSaid } from '../../open/useSaid.ts';
import { Choice } from '../../parts/fields/Choice.tsx';
import { Top } from '../../shell/top/Top.tsx';
import { useDocumentTitle } from '../../shell/useDocumentTitle.ts';
import { EyeOverTime } from './EyeOverTime.tsx';
import { GuessLot } from './GuessLot.tsx';
import { GuessOne } from './GuessOne.tsx';
import css from './log.module.scss';

const kinds = quizKinds.map((value) => ({ value, words: value }));

/** An eye that is trained by being told: past batches with their weights covered, to guess what they gave. */
export default function Eye() {
  useDocumentTitle('train your eye');
  const { digests } = useLog();
  const lent = useLent(digests);
  const [what, ask] = useState<QuizKind>('a lot');
  const [turn, next] = useState(() => Math.floor(clockNow() % 1_000_000));
  const [told, tell] = useState<{ readonly words: string; readonly off: number }>();
  const [practised, practise] = useState<readonly number[]>([]);
  const said = useSaid();
  const drawn = useMemo(() => (lent ? drawnFrom(lent, turn) : undefined), [lent, turn]);
  const kept = useWhole(drawn);
  // What is lent from the demo's hall has its strands with it.
  const whole = drawn && 'strands' in drawn ? (drawn as Digest) : kept;
  const quiz = useMemo(() => whole && quizOf(whole, what, turn), [whole, what, turn]);
  const guesses = useMemo(() => guessesOf(digests ?? []), [digests]);
  const onNext = () => {
    tell(undefined);
    next(turn + 1);
  };
  const onTold = (words: string, off: number) => {
    tell({ words, off });
    practise([...practised, off]);
  };
  return (
    <>
      <Top />
      <main id="sheet" className="sheet is-wide" tabIndex={-1}>
        <div className="line">
          <h1 aria-live="polite">{told?.words ?? eyeTitle(what)}</h1>
          <div className="choices">
            <Choice
              legend="Guess"
              hidden
              value={what}
              options={kinds}
              onChoose={(value) => {
                ask(value);
                onNext();
              }}
            />
            <button type="button" className={told ? 'btn act is-first' : 'btn act'} onClick={onNext}>
              {quizWords[what].next}
            </button>
          </div>
        </div>
        {!drawn && lent && <p className="nothing">Nothing was weighed yet that could be guessed.</p>}
        {quiz?.what === 'a lot' && (
          <GuessLot key={turn} quiz={quiz} onTold={onTold} onNext={onNext} isNext={practised.length > 0} />
        )}
        {quiz?.what === 'a plate' && (
          <GuessOne
            key={turn}
            kind={quiz.kind}
            truth={quiz.grams}
            most={quiz.mostG}
            write={said.mass}
            step={1}
            onTold={(guess) =>
              onTold(eyeTitle(what, guess - quiz.grams, said.mass), offOf(guess, quiz.grams))
            }
            onNext={onNext}
          />
        )}
        {quiz?.what === 'a pot' && (
          <GuessOne
            key={turn}
            from={quiz.fromMl}
            about={quizWords['a pot'].about(quiz.digest, said)}
            truth={quiz.ml}
            most={quiz.fromMl * 1.1}
            write={said.volume}
            step={10}
            onTold={(guess) => onTold(eyeTitle(what, guess - quiz.ml, said.volume), offOf(guess, quiz.ml))}
            onNext={onNext}
          />
        )}
        <EyeOverTime guesses={guesses} practised={practised} />
        <p className={css.keys}>
          <kbd>Tab</kbd> to a knife, <kbd>←</kbd> <kbd>→</kbd> a little, with <kbd>Shift</kbd> more,{' '}
          <kbd>Enter</kbd> uncovers, <kbd>Enter</kbd> again the next
        </p>
      </main>
    </>
  );
}

/** This kitchen's own past; where nothing was weighed yet, that of the demo's hall. */
function useLent(digests: readonly Logged[] | undefined): readonly Logged[] | undefined {
  const [lent, setLent] = useState<readonly Digest[]>();
  const own = digests?.some(({ weighed }) => weighed);
  useEffect(() => {
    if (own !== false) return undefined;
    let left = false;
    void import('../../demo/demoLog.ts').then(({ demoLog }) => {
      const past = demoLog(clockNow(), Intl.DateTimeFormat().resolvedOptions().timeZone);
      if (!left) setLent(past.flatMap((meal) => digestOf({ ...meal, kitchen: usualKitchen, reference })));
    }, reportError);
    return () => {
      left = true;
    };
  }, [own]);
  return own === false ? lent : digests;
}
