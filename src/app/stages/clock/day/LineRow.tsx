import clsx from 'clsx';
import { useState, type KeyboardEvent } from 'react';
import { Pin } from 'lucide-react';
import { writeMass } from '@/core/quantity/index.ts';
import { doingWords } from '@/words/index.ts';
import { useOpenMeal } from '../../../open/MealContext.ts';
import type { DayPlaces } from './places.ts';
import type { DayRow } from './rows.ts';
import { Bar, STEP } from './Bar.tsx';
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
  const { loaded } = useOpenMeal();
  const [pulled, setPulled] = useState<number>();
  const { from, to, hands, task } = line;
  const words = doingWords(line.does);
  const keys = (event: KeyboardEvent) => {
    const by = event.key === 'ArrowUp' ? -STEP : event.key === 'ArrowDown' ? STEP : 0;
    if (by === 0) return;
    event.preventDefault();
    nudgeTask(loaded.meal.id, task, by, line);
  };
  const wall = useWall(zone);
  const clock = wall.clock(pulled ?? from);
  return (
    <li className={clsx(past && css.isPast, isNext && css.isNext)}>
      {lane !== undefined && !places.narrow && (
        <Bar
          waits={hands === 0}
          style={{ top, height: Math.max(3, height - 1), right: places.lanes - lane * places.lane - 8 }}
          at={at}
          onPull={setPulled}
          onPut={(moment) => pinTask(loaded.meal.id, task, moment, line)}
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
        <span className={clsx('num', css.at)}>{clock}</span>{' '}
        <LineWords line={line} words={words} pot={pot} who={who} isNamed={isNamed} />
      </button>
      {open && (
        <div className={css.lineOpen} style={{ top: label + places.line / 2 + 2 }}>
          <LineDetails line={line} zone={zone} />
        </div>
      )}
    </li>
  );
}

interface LineWordsProps extends Pick<Props, 'pot' | 'who' | 'isNamed'> {
  readonly line: DayRow['line'];
  readonly words: string;
}

/** What is done, how much, of which pot and by whom. */
function LineWords({ line: { hands, grams, pinned }, words, pot, who, isNamed }: LineWordsProps) {
  const { units } = useOpenMeal();
  const mass = grams === undefined ? undefined : writeMass(grams, units);
  return (
    <>
      {hands > 0 ? <b>{words}</b> : words}
      {mass && (
        <span className="num">
          {' '}
          {mass.value} {mass.unit}
        </span>
      )}
      {pot !== undefined && <span className="quiet"> {pot}</span>}
      {who && <span className={isNamed ? 'visually-hidden' : css.who}> {who}</span>}
      {pinned && <Pin size={12} aria-label="its time is set by hand" />}
    </>
  );
}
