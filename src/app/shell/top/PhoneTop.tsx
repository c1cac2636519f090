import clsx from 'clsx';
import { ChevronDown, ChevronRight, ChevronUp } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { Link, useLocation } from 'react-router';
import { wantedFirst } from '@/core/reckoning/index.ts';
import { wantWords, nextActWords, whenWords } from '@/words/index.ts';
import { SmallPot } from '../../figures/SmallPot.tsx';
import { hrefOfAct, type OnTheStove, type StovePot } from '../../open/useStove.ts';
import { useWall } from '../../open/useWall.ts';
import { Saving, Undo } from './Undo.tsx';
import { Spoon } from './Spoon.tsx';
import css from './top.module.scss';

const StoveList = lazy(() => import('./StoveList.tsx'));

/** On a phone: where I am, what comes next anywhere, and undo. The pot’s name opens the stove. */
export function PhoneTop({ stove }: { readonly stove?: OnTheStove }) {
  const { pathname } = useLocation();
  // Where it was opened: on another page it is closed again.
  const [openAt, setOpenAt] = useState<string>();
  const isOpen = openAt === pathname;
  const here = stove?.pots.find((pot) => pot.isOpen);
  return (
    <>
      <button
        type="button"
        className={css.here}
        aria-expanded={isOpen}
        aria-haspopup="dialog"
        onClick={() => setOpenAt(isOpen ? undefined : pathname)}
      >
        {stove && here ? <Here pot={here} {...stove} /> : <Page pathname={pathname} />}
        {isOpen ? <ChevronUp size={18} aria-hidden /> : <ChevronDown size={18} aria-hidden />}
      </button>
      {stove && <Next {...stove} />}
      <Undo />
      {isOpen && (
        <Suspense>
          <StoveList pots={stove?.pots ?? []} now={stove?.now ?? 0} onClose={() => setOpenAt(undefined)} />
        </Suspense>
      )}
    </>
  );
}

function Here({ pot, now, isOld }: OnTheStove & { readonly pot: StovePot }) {
  const wall = useWall();
  const act = pot.next ? nextActWords(pot.next, now, wall.clock) : '';
  return (
    <>
      <SmallPot level={pot.level} slow={pot.slow} lifted={pot.wantsYou} />
      <span className={css.hereWords} title={`${pot.name}: ${act}`}>
        <b>{pot.name}</b> <small data-old={isOld || undefined}>{act}</small> <Saving />
      </span>
    </>
  );
}

/** The page’s own word, where no meal is open. */
function Page({ pathname }: { readonly pathname: string }) {
  const word = pathname.split('/')[1] ?? '';
  return (
    <>
      <Spoon />
      <span className={css.hereWords}>
        <b>Slow Spoon</b> <small>{word}</small> <Saving />
      </span>
    </>
  );
}

/** What is wanted first of any other pot; of the only pot its own. */
function Next({ pots, now, isOld }: OnTheStove) {
  const wall = useWall();
  const others = pots.length > 1 ? pots.filter(({ isOpen }) => !isOpen) : pots;
  const first = wantedFirst(
    others.flatMap((pot) => (pot.next ? [{ pot, next: pot.next }] : [])),
    now,
  );
  if (!first) return <span className={css.next} />;
  const { pot, next } = first;
  const when = whenWords(pot.at, now, wall.clock);
  const act = wantWords(next);
  return (
    <Link className={clsx(css.next, pot.wantsYou && css.wantsYou)} to={hrefOfAct(pot)}>
      <span title={`${pot.name}: ${act}`}>
        <small>{pots.length > 1 ? `next: ${pot.name}` : 'next'}</small>{' '}
        <b data-old={isOld || undefined}>{when === 'now' ? `${act} now` : when ? `${when} ${act}` : act}</b>
      </span>
      <ChevronRight size={18} aria-hidden />
    </Link>
  );
}
