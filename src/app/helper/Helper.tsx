import { lazy, Suspense, useState } from 'react';
import { Link, useLocation, useNavigate, useParams } from 'react-router';
import { twoWords } from '@/core/handout/index.ts';
import { dateOf, weekdayOf } from '@/core/clock/index.ts';
import { FieldError } from '../parts/FieldError.tsx';
import { FileButton } from '../parts/FileButton.tsx';
import { useDocumentTitle } from '../shell/useDocumentTitle.ts';
import { Jobs } from './Jobs.tsx';
import { letGo, takeHandout, useHandouts } from './useHandouts.ts';
import { isDone } from './written.ts';
import css from './helper.module.scss';

const Catch = lazy(() => import('../codes/Catch.tsx'));

/** A helper’s phone: what was handed to it, and nothing else of any meal. */
export default function Helper() {
  const { handoutId } = useParams();
  const rows = useHandouts();
  const caught = (useLocation().state as { readonly words?: string } | null)?.words;
  const row = rows?.find(({ id }) => id === handoutId);
  if (rows === undefined) return null;
  if (row) return <Jobs key={row.id} row={row} words={caught} />;
  return <Mine />;
}

/** What was handed to this phone; and the camera or a file for more. */
function Mine() {
  useDocumentTitle('helper');
  const rows = useHandouts() ?? [];
  const navigate = useNavigate();
  const [catching, setCatching] = useState(false);
  const [wrong, fail] = useState<string>();
  const read = async (text: string, what: string) => {
    const { readHandout } = await import('@/core/meal/file/index.ts');
    const reading = readHandout(text, what);
    if (!reading.ok) fail(reading.error);
    else if ('back' in reading)
      fail(`This is what ${reading.back.who.name} handed back: it goes to the meal, not to a helper.`);
    else {
      await takeHandout(reading.handout);
      await navigate(`/helper/${encodeURIComponent(reading.handout.id)}`, {
        state: { words: twoWords(text) },
      });
    }
  };
  return (
    <main id="sheet" className={css.page} tabIndex={-1}>
      <h1>{rows.length === 0 ? 'Catch your jobs' : 'Your jobs'}</h1>
      {rows.length === 0 && (
        <p>
          Whoever runs the kitchen shows codes on their screen: hold this phone to them. No network is needed.
        </p>
      )}
      <ul className={css.mine}>
        {rows.map((row) => {
          const { id, handout } = row;
          const done = handout.jobs.filter((job) => isDone(row, job)).length;
          const at = handout.jobs[0]?.at ?? handout.made;
          return (
            <li key={id}>
              <Link to={`/helper/${encodeURIComponent(id)}`}>
                {handout.who.name}, {handout.meal.name}
              </Link>
              <span className="quiet">
                {weekdayOf(at, handout.zone)} {dateOf(at, handout.zone)} · {done} of {handout.jobs.length}{' '}
                done
              </span>
              <button
                type="button"
                className="link"
                onClick={() => {
                  letGo(id).catch(reportError);
                }}
              >
                let go of it
              </button>
            </li>
          );
        })}
      </ul>
      <p className="choices">
        <button type="button" className="btn act is-first" onClick={() => setCatching(!catching)}>
          {catching ? 'Leave the camera' : 'Catch with the camera'}
        </button>
        <FileButton
          words="From a file"
          label="What was handed out"
          accept=".json,application/json"
          onFile={(file) => {
            file
              .text()
              .then((text) => read(text, 'This file'))
              .catch(reportError);
          }}
        />
      </p>
      {wrong !== undefined && <FieldError>{wrong}</FieldError>}
      {catching && (
        <Suspense fallback={<p className="quiet">One moment.</p>}>
          <Catch
            onText={(text) => {
              setCatching(false);
              read(text, 'What was caught').catch(reportError);
            }}
          />
        </Suspense>
      )}
      <p>
        <Link to="/meals">Meals of this device</Link>
      </p>
    </main>
  );
}
