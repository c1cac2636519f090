import clsx from 'clsx';
import { lazy, Suspense, type ReactNode } from 'react';
import { useNarrow } from '../../browser/useNarrow.ts';
import { usePainted } from '../../browser/usePainted.ts';
import { type OnTheStove, useStove } from '../../open/useStove.ts';
import { Brand } from './Brand.tsx';
import { DemoClock } from './DemoClock.tsx';
import { Pages } from './Pages.tsx';
import { PhoneTop } from './PhoneTop.tsx';
import { Stove } from './Stove.tsx';
import { Saving, Undo } from './Undo.tsx';
import css from './top.module.scss';

const Ringing = lazy(() => import('../../stages/clock/timers/Ringing.tsx'));

/** The top of a page with no meal open. */
export function Top() {
  const narrow = useNarrow();
  return <Header>{narrow ? <PhoneTop /> : <WideTop />}</Header>;
}

/** The top of an open meal: its pots, the next act of each, undo, and at the right what is kept for all meals. */
export function OpenTop() {
  const narrow = useNarrow();
  const stove = useStove();
  return <Header>{narrow ? <PhoneTop stove={stove} /> : <WideTop stove={stove} />}</Header>;
}

function Header({ children }: { readonly children: ReactNode }) {
  const painted = usePainted();
  return (
    <header className={css.top}>
      <a className={css.skip} href="#sheet">
        To the sheet
      </a>
      {children}
      {painted && (
        <Suspense>
          <Ringing />
        </Suspense>
      )}
    </header>
  );
}

/** More pots than these want the room of the links, which then stand in two rows. */
const FEW = 4;

function WideTop({ stove }: { readonly stove?: OnTheStove }) {
  return (
    <>
      <Brand>
        <small className="quiet">
          <DemoClock /> <Saving />
        </small>
      </Brand>
      {stove ? <Stove {...stove} /> : <span className={css.noStove} />}
      <Undo />
      <nav
        className={clsx(css.pages, (stove?.pots.length ?? 0) > FEW && css.isClose)}
        aria-label="Kept for all meals"
      >
        <Pages />
      </nav>
    </>
  );
}
