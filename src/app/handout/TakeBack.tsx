import { lazy, Suspense, useState } from 'react';
import { clashesOf, takenFrom } from '@/core/handout/index.ts';
import type { HandBack } from '@/core/meal/index.ts';
import { behindWords, takenWords } from '@/words/index.ts';
import { clockNow } from '../browser/clock.ts';
import { takeHandBack } from '../open/edits/handout.ts';
import { useOpenMeal } from '../open/MealContext.ts';
import { useWall } from '../open/useWall.ts';
import { FieldError } from '../parts/FieldError.tsx';
import { FileButton } from '../parts/FileButton.tsx';
import { Clashes } from './Clashes.tsx';
import { WrittenTwice } from './WrittenTwice.tsx';
import css from './handout.module.scss';

const Catch = lazy(() => import('../codes/Catch.tsx'));

interface Said {
  readonly words: readonly string[];
  readonly wrong?: true;
}

/** What helpers have written comes back: caught as it is shown, from a file, or read out and typed at the bench. */
export function TakeBack() {
  const { loaded } = useOpenMeal();
  const { meal, entries } = loaded;
  const wall = useWall(meal.serving?.zone);
  const [catching, setCatching] = useState(false);
  const [said, say] = useState<Said>();
  const take = (back: HandBack, caught: boolean) => {
    if (back.meal.id !== meal.id) {
      say({
        words: [`This is of “${back.meal.name}”, which is another meal: open that one, and take it there.`],
        wrong: true,
      });
      return;
    }
    const taken = takenFrom(back, loaded, caught ? clockNow() : undefined);
    const notes = back.notes.map(({ at, text }) => `${back.who.name}, ${wall.clock(at)}: ${text}`);
    const fresh = notes.filter((line) => meal.notes?.includes(line) !== true);
    if (taken.entries.length + fresh.length > 0) takeHandBack(meal.id, back, taken, fresh);
    say({
      words: [
        takenWords(back.who.name, {
          readings: taken.entries.length,
          notes: fresh.length,
          known: taken.known,
          strange: taken.strange.length,
        }),
        ...(taken.behindMs === 0 ? [] : [behindWords(back.who.name, taken.behindMs)]),
      ],
    });
  };
  const read = async (text: string, caught: boolean) => {
    const { readHandout } = await import('@/core/meal/file/index.ts');
    const reading = readHandout(text, caught ? 'What was caught' : 'This file');
    if (!reading.ok) say({ words: [reading.error], wrong: true });
    else if ('back' in reading) take(reading.back, caught);
    else
      say({
        words: [
          `This is what ${reading.handout.who.name} was given, not what came back: take the one that their phone saves.`,
        ],
        wrong: true,
      });
  };
  const onText = (text: string) => {
    setCatching(false);
    read(text, true).catch(reportError);
  };
  const clashes = clashesOf(entries, loaded.kitchen.vessels);
  return (
    <section className={css.back} aria-label="What comes back">
      <h2>What comes back</h2>
      <p className="choices">
        <button type="button" className="btn act" onClick={() => setCatching(!catching)}>
          {catching ? 'Leave the camera' : 'Catch it with the camera'}
        </button>
        <FileButton
          words="From a file"
          label="What a helper hands back"
          accept=".json,application/json"
          onFile={(file) => {
            file
              .text()
              .then((text) => read(text, false))
              .catch(reportError);
          }}
        />
        <span className="quiet">or they read it out, and it is typed at the bench</span>
      </p>
      {catching && (
        <Suspense fallback={<p className="quiet">One moment.</p>}>
          <Catch onText={onText} />
        </Suspense>
      )}
      {said?.wrong && <FieldError>{said.words.join(' ')}</FieldError>}
      {said &&
        !said.wrong &&
        said.words.map((words) => (
          <p key={words} role="status">
            {words}
          </p>
        ))}
      <Clashes clashes={clashes} />
      <WrittenTwice />
    </section>
  );
}
