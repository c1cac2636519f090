import { lazy, Suspense, useState } from 'react';
import { Link, useLocation } from 'react-router';
import { deleteMeal } from '@/store/meals.ts';
import { db, isDemo } from '../../browser/db.ts';
import { onDisk } from '../../open/memory.ts';
import { FieldError } from '../../parts/FieldError.tsx';
import { Top } from '../../shell/top/Top.tsx';
import { useDocumentTitle } from '../../shell/useDocumentTitle.ts';
import { saidOfError } from '../data/saidOfError.ts';
import type { AskedToDelete } from './AskDelete.tsx';
import { Bin } from './Bin.tsx';
import { BringIn } from './BringIn.tsx';
import { Keeping } from './Keeping.tsx';
import { MealList } from './MealList.tsx';
import css from './meals.module.scss';

const AskDelete = lazy(() => import('./AskDelete.tsx'));
const Restore = lazy(() => import('./Restore.tsx'));

const NOT_HERE =
  'The meal at that address is not kept in this browser. It may be in another browser or on another device, or it was deleted: save it there as a file, and bring that in here.';

/** The meals that are kept here; a meal goes out as a file and comes in as one, and so does everything. */
export default function Meals() {
  useDocumentTitle('meals');
  const [said, setSaid] = useState<{ readonly words: string; readonly wrong: boolean }>();
  const [asked, ask] = useState<AskedToDelete>();
  const [backup, setBackup] = useState<File>();
  const location = useLocation();
  // It comes with the address that led here, and is then what it says.
  const notHere = (location.state as { readonly notHere?: true } | null)?.notHere === true;
  const report = (error: unknown) => {
    setSaid({ words: saidOfError(error), wrong: true });
  };
  const tell = (words: string) => {
    setSaid({ words, wrong: false });
  };
  return (
    <div className="frame">
      <Top />
      <main id="sheet" className="sheet is-wide" tabIndex={-1}>
        <div className="line">
          <h1>Meals</h1>
          <Link to="/shopping">Shopping list</Link>
          <Link to="/helper">Help with one</Link>
          <BringIn tell={tell} report={report} onBackup={setBackup} />
        </div>
        {said && (said.wrong ? <FieldError>{said.words}</FieldError> : <p role="status">{said.words}</p>)}
        {notHere && !said && <p role="status">{NOT_HERE}</p>}
        <MealList report={report} onAsk={ask} />
        <Bin report={report} />
        {isDemo && (
          <p className={css.more}>
            <button
              type="button"
              className="btn act"
              onClick={() => {
                import('../../demo/demo.ts')
                  .then(({ putDemoBack }) => onDisk(() => putDemoBack(db)))
                  .catch(report);
              }}
            >
              Reset the demo
            </button>{' '}
            <span className="quiet">Your own meals are kept apart.</span>
          </p>
        )}
        <Keeping tell={tell} report={report} onBackup={setBackup} />
        {asked && (
          <Suspense>
            <AskDelete
              asked={asked}
              onLeave={() => ask(undefined)}
              onDelete={() => {
                ask(undefined);
                onDisk(() => deleteMeal(db, asked.id, asked.name)).catch(report);
              }}
            />
          </Suspense>
        )}
        {backup && (
          <Suspense>
            <Restore
              file={backup}
              onDone={(words) => {
                setBackup(undefined);
                if (words !== undefined) tell(words);
              }}
              onFault={(error) => {
                setBackup(undefined);
                report(error);
              }}
            />
          </Suspense>
        )}
      </main>
    </div>
  );
}
