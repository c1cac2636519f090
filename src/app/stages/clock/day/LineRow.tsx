import clsx from 'clsx';
import { useState, type KeyboardEvent, type PointerEvent } from 'react';
import { Pin } from 'lucide-react';
import { MINUTE_MS, writeMass } from '@/core/quantity/index.ts';
import { doingWords } from '@/words/index.ts';
import { useOpenMeal } from '../../../open/MealContext.ts';
import type { DayPlaces } from './places.ts';
import type { DayRow } from './rows.ts';
import { LineDetails } from './LineDetails.tsx';
import { nudgeTask, pinTask } from './pin.ts';
import { useWall } from '../../../open/useWall.ts';
import css from './day.module.scss';

interface Props {
  readonly row: DayRow;
  /** How long its bar is, px. */
  readonly height: number;
  /** Whose lane it is in; undefined: there is none. */
  readonly lane: number | undefined;
  readonly places: DayPlaces;
  readonly past: boolean;
  readonly pot: string | undefined;
  /** Names of those who do it; empty where nobody has one. */
  readonly who: string;
  /** They stand beside their lane. */
  readonly isNamed: boolean;
  readonly zone: string;
  /** The moment at a place down the picture. */
  readonly at: (px: number) => number;
  readonly open: boolean;
  readonly onToggle: () => void;
}

/** Times move by this with the keys and under the hand, min. */
const STEP = 5;

/** One line of the day: what is done, its details when it is tapped, and in its lane a bar as long as hands are wanted. */
export function LineRow({
  row,
  height,
  lane,
  places,
  past,
  pot,
  who,
  isNamed,
  zone,
  at,
  open,
  onToggle,
}: Props) {
  const { line, top, label, isNext } = row;
  const { loaded, units } = useOpenMeal();
  const [pulled, setPulled] = useState<number>();
  const { from, to, hands, grams, task, pinned } = line;
  const words = doingWords(line.does);
  const pin = (moment: number) => {
    // The line is a part of its task: the task's start moves by as much.
    pinTask(loaded.meal.id, task, moment, line);
  };
  const keys = (event: KeyboardEvent) => {
    const by = event.key === 'ArrowUp' ? -STEP : event.key === 'ArrowDown' ? STEP : 0;
    if (by === 0) return;
    event.preventDefault();
    nudgeTask(loaded.meal.id, task, by, line);
  };
  const pull = (event: PointerEvent<HTMLElement>) => {
    if (event.buttons !== 1) return;
    const box = event.currentTarget.closest('[data-day]')?.getBoundingClientRect();
    if (!box) return;
    setPulled(Math.round(at(event.clientY - box.top) / STEP / MINUTE_MS) * STEP * MINUTE_MS);
  };
  const mass = grams === undefined ? undefined : writeMass(grams, units);
  const wall = useWall(zone);
  const clock = wall.clock(pulled ?? from);
  return (
    <li className={clsx(past && css.isPast, isNext && css.isNext)}>
      {lane !== undefined && !places.narrow && (
        <span
          className={hands > 0 ? css.bar : clsx(css.bar, css.isWaiting)}
          style={{ top, height: Math.max(3, height - 1), right: places.lanes - lane * places.lane - 8 }}
          aria-hidden="true"
          onPointerDown={(event) => {
            event.currentTarget.setPointerCapture(event.pointerId);
          }}
          onPointerMove={pull}
          onPointerUp={() => {
            if (pulled !== undefined) pin(pulled);
            setPulled(undefined);
          }}
          onPointerCancel={() => {
            setPulled(undefined);
          }}
        />
      )}
      {isNamed && lane !== undefined && who !== '' && (
        <span
          className={css.beside}
          style={{
            top: label - places.line / 2,
            right: places.lanes - (lane + 1) * places.lane + 2,
            width: places.lane - 24,
          }}
          aria-hidden="true"
        >
          {who.split(', ')[0]}
        </span>
      )}
      <button
        type="button"
        className={css.lineWords}
        style={{ top: label - places.line / 2 }}
        aria-expanded={open}
        onClick={onToggle}
        onKeyDown={keys}
        title={[`${wall.clock(from)} to ${wall.clock(to)}`, words, pot, who].filter(Boolean).join(', ')}
      >
        <span className={clsx('num', css.at)}>{clock}</span> {hands > 0 ? <b>{words}</b> : words}
        {mass && (
          <span className="num">
            {' '}
            {mass.value} {mass.unit}
          </span>
        )}
        {pot !== undefined && <span className="quiet"> {pot}</span>}
        {who && <span className={isNamed ? 'visually-hidden' : css.who}> {who}</span>}
        {pinned && <Pin size={12} aria-label="its time is set by hand" />}
      </button>
      {open && (
        <div className={css.lineOpen} style={{ top: label + places.line / 2 + 2 }}>
          <LineDetails line={line} zone={zone} />
        </div>
      )}
    </li>
  );
}
