import { lazy, type ReactNode, Suspense, useState } from 'react';
import { Link } from 'react-router';
import type { Logged } from '@/core/log/index.ts';

const ByCsv = lazy(() => import('./ByCsv.tsx'));

interface Props {
  readonly digests: readonly Logged[];
  readonly cuts: readonly string[];
  readonly children: { readonly charts: ReactNode; readonly learned: ReactNode };
}

/** What else the log can show: over time, all that was learned, the eye, and past cooks in and out. */
export function LogLinks({ digests, children }: Props) {
  const [open, setOpen] = useState<'charts' | 'learned' | 'csv'>();
  const fold = (which: typeof open) => setOpen(open === which ? undefined : which);
  return (
    <>
      <p className="choices">
        {digests.length > 0 && (
          <>
            <button
              type="button"
              className="link"
              aria-expanded={open === 'charts'}
              onClick={() => fold('charts')}
            >
              over time
            </button>
            <button
              type="button"
              className="link"
              aria-expanded={open === 'learned'}
              onClick={() => fold('learned')}
            >
              all that was learned
            </button>
            <Link to="/log/eye">train your eye</Link>
          </>
        )}
        <button type="button" className="link" aria-expanded={open === 'csv'} onClick={() => fold('csv')}>
          past cooks in and out
        </button>
      </p>
      {open === 'charts' && children.charts}
      {open === 'learned' && children.learned}
      {open === 'csv' && (
        <Suspense fallback={<p className="quiet">One moment.</p>}>
          <ByCsv digests={digests} />
        </Suspense>
      )}
    </>
  );
}
