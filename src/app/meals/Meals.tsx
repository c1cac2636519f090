import { useLiveQuery } from 'dexie-react-hooks';
import { useRef, useState } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { Link } from 'react-router';
import type { MealFile } from '@/core/batch/index.ts';
import { db, isDemo } from '../data/db.ts';
import { onDisk } from '../data/memory.ts';
import { FieldError } from '../parts/FieldError.tsx';
import { KnownMeal, MealRow } from './MealRow.tsx';
import { AskReplace } from './AskReplace.tsx';
import { Top } from '../shell/Top.tsx';
import { useDocumentTitle } from '../shell/useDocumentTitle.ts';
import css from './meals.module.scss';

/** The meals that are kept here; a meal goes out as a file and comes in as one. */
export default function Meals() {
  const rows = useLiveQuery(() => db.meals.orderBy('made').reverse().toArray(), []);
  useDocumentTitle('meals');
  const picker = useRef<HTMLInputElement>(null);
  const [said, setSaid] = useState<{ readonly words: string; readonly wrong: boolean }>();
  const [asked, setAsked] = useState<MealFile>();

  const report = (error: unknown) => {
    setSaid({ words: error instanceof Error ? error.message : String(error), wrong: true });
  };
  const take = async (file: MealFile) => {
    const { importMeal } = await import('@/store/files.ts');
    await onDisk(() => importMeal(db, file));
    setSaid({ words: `“${file.meal.name}” is in.`, wrong: false });
    setAsked(undefined);
  };
  const open = async (source: File) => {
    const { readIncoming } = await import('@/store/files.ts');
    const incoming = await readIncoming(db, source);
    if (!incoming.ok) setSaid({ words: incoming.error, wrong: true });
    else if (incoming.known) setAsked(incoming.file);
    else await take(incoming.file);
  };
  return (
    <div className="frame">
      <Top />
      <main id="sheet" className="sheet is-wide" tabIndex={-1}>
        <div className="line">
          <h1>Meals</h1>
          <Link to="/shopping">Shopping list</Link>
          <button type="button" className="btn act" onClick={() => picker.current?.click()}>
            Bring in a file
          </button>
          <input
            ref={picker}
            type="file"
            accept=".json,application/json"
            className="visually-hidden"
            aria-label="A meal file"
            tabIndex={-1}
            onChange={(event) => {
              const [file] = event.target.files ?? [];
              event.target.value = '';
              if (file) open(file).catch(report);
            }}
          />
        </div>
        {said && (said.wrong ? <FieldError>{said.words}</FieldError> : <p role="status">{said.words}</p>)}
        {rows?.length === 0 && (
          <p className="nothing">No meal is kept here. Begin one with “+ meal”, or bring in a file.</p>
        )}
        <ul className={css.meals}>
          {rows?.map((row) => (
            <ErrorBoundary
              key={row.id}
              fallback={
                <MealRow row={row} name="a damaged meal" said="it cannot be opened" report={report} />
              }
            >
              <KnownMeal row={row} report={report} />
            </ErrorBoundary>
          ))}
        </ul>
        {isDemo && (
          <p>
            <button
              type="button"
              className="btn act"
              onClick={() => {
                import('../data/demo.ts')
                  .then(({ putDemoBack }) => onDisk(() => putDemoBack(db)))
                  .catch(report);
              }}
            >
              Put the demo back
            </button>{' '}
            <span className="quiet">The demo has a database of its own.</span>
          </p>
        )}
        {asked && (
          <AskReplace
            name={asked.meal.name}
            onReplace={() => {
              take(asked).catch(report);
            }}
            onLeave={() => {
              setAsked(undefined);
            }}
          />
        )}
      </main>
    </div>
  );
}
