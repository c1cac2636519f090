import clsx from 'clsx';
import { lazy, Suspense, useState } from 'react';
import { Link } from 'react-router';
import { wantWords, doingWords, nextActWords, uncapital, whenWords } from '@/words/index.ts';
import { SmallPot } from '../../figures/SmallPot.tsx';
import { useDrawnSize } from '../../figures/useDrawnSize.ts';
import type { OnTheStove, StovePot } from '../../open/useStove.ts';
import { useWall } from '../../open/useWall.ts';
import { useStage } from '../useStage.ts';
import { useNewPot } from './useNewPot.ts';
import css from './stove.module.scss';

const StoveList = lazy(() => import('./StoveList.tsx'));

/** Until the page has been measured, px. */
const USUAL = { width: 700, height: 64 };
/** A pot with its name and its act beside it; the open one; a pot with both under it, px. */
const WIDE = 148;
const OPEN = 150;
const SMALL = 46;

/** Each pot of the meal with its name and its next act: beside it while there is room, else under it; the open one at full size. */
export function Stove({ pots, now, isOld }: OnTheStove) {
  const [list, setList] = useState<HTMLElement | null>(null);
  const { width } = useDrawnSize(list, USUAL);
  const [all, setAll] = useState(false);
  const newPot = useNewPot();
  const small = width < WIDE * pots.length;
  const room = small ? Math.max(1, Math.floor((width - OPEN) / SMALL)) : pots.length;
  const shown = shownOf(pots, room + 1);
  const more = pots.length - shown.length;
  return (
    <>
      <ul className={css.stove} aria-label="The stove" ref={setList}>
        {shown.map((pot) => (
          <li key={pot.id} className={clsx(small && !pot.isOpen && css.isSmall)}>
            <Burner pot={pot} now={now} isOld={isOld} small={small && !pot.isOpen} />
          </li>
        ))}
        {pots.length === 1 && shown[0] && <Later pot={shown[0]} />}
      </ul>
      {more > 0 && (
        <button type="button" className={css.plus} onClick={() => setAll(true)}>
          <b>{more}</b> <small>more</small>
        </button>
      )}
      <button type="button" className={css.plus} onClick={newPot}>
        <b>+</b> <small>pot</small>
      </button>
      {all && (
        <Suspense>
          <StoveList pots={pots} now={now} onClose={() => setAll(false)} />
        </Suspense>
      )}
    </>
  );
}

/** So many of them, the open one always, the others by what is wanted first, in their own order. */
function shownOf(pots: readonly StovePot[], room: number): readonly StovePot[] {
  if (pots.length <= room) return pots;
  const first = new Set(
    pots
      .toSorted((a, b) => Number(b.isOpen) - Number(a.isOpen) || (a.at ?? Infinity) - (b.at ?? Infinity))
      .slice(0, Math.max(1, room - 1)),
  );
  return pots.filter((pot) => first.has(pot));
}

interface BurnerProps {
  readonly pot: StovePot;
  readonly now: number;
  readonly isOld: boolean;
  readonly small: boolean;
}

function Burner({ pot, now, isOld, small }: BurnerProps) {
  const stage = useStage();
  const wall = useWall();
  const act = pot.next ? nextActWords(pot.next, now, wall.clock) : '';
  return (
    <Link
      className={clsx(css.burner, pot.isOpen && css.isOpen, pot.wantsYou && css.wantsYou)}
      to={pot.href(stage)}
      aria-current={pot.isOpen ? 'true' : undefined}
      title={act === '' ? pot.name : `${pot.name}: ${act}`}
    >
      <SmallPot level={pot.level} slow={pot.slow} lifted={pot.wantsYou} />
      <span>
        <b>{small ? shortName(pot.name) : pot.name}</b>{' '}
        <small data-old={isOld || undefined}>{small ? smallWords(pot, now, wall.clock) : act}</small>
      </span>
    </Link>
  );
}

/** What tells a pot from its neighbours where there is room for a word: without “Pot”. */
/** Its first word; of several alike the number too: "one 3". */
function shortName(name: string): string {
  const [first = name, ...more] = name.replace(/^pot\s+/i, '').split(' ');
  const last = more.at(-1);
  return last !== undefined && /^\d+$/.test(last) ? `${first} ${last}` : first;
}

const smallWords = ({ at, next }: StovePot, now: number, clock: (moment: number) => string) =>
  whenWords(at, now, clock) ?? (next ? wantWords(next).split(' ')[0] : '');

/** What comes after the next act, where one pot has the stove for itself. */
function Later({ pot }: { readonly pot: StovePot }) {
  const wall = useWall();
  return pot.later.map((line) => (
    <li key={`${line.task} ${String(line.from)}`} className={css.later} title={doingWords(line.does)}>
      <b className="num">{wall.clock(line.from)}</b>
      <small>{uncapital(doingWords(line.does))}</small>
    </li>
  ));
}
