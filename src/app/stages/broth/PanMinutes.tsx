import type { BoilsDown } from '@/core/answers/index.ts';
import { useWall } from '../../open/useWall.ts';
import css from './broth.module.scss';

/** How long it boils yet, and how that is known. */
export function PanMinutes({ down }: { readonly down: BoilsDown }) {
  const wall = useWall();
  const { marks } = down;
  const reduction = down.now ?? down.usual;
  const minutes = Math.round(reduction.minutes.mid);
  return (
    <p className={css.minutes}>
      <b className="num">{minutes}</b>
      <span>
        {minutes === 1 ? 'minute' : 'minutes'}
        {down.now ? ' more' : ' at a hard boil'}
      </span>
      <small className="quiet">
        {Math.round(reduction.minutes.p10)} to {Math.round(reduction.minutes.p90)},{' '}
        {reduction.from === 'marks'
          ? `by ${String(marks.length)} marks`
          : 'as burners usually do: mark it to know'}
      </small>
      {down.now && <small>off the heat at {wall.clock(reduction.doneAt)}</small>}
    </p>
  );
}
