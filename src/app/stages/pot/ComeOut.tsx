import { minutesOf } from '@/core/clock/index.ts';
import { writeMinutes } from '@/core/quantity/index.ts';
import { useFigures } from '../../open/MealContext.ts';
import css from './pot.module.scss';

/** Counted in: what must come out again, and when. */
export function ComeOut() {
  const { batchReckoning } = useFigures();
  const { comeOut, lengths } = batchReckoning;
  if (comeOut.length === 0) return null;
  return (
    <p className={css.comeOut}>
      <b>Must come out again</b>
      {comeOut.map(({ thing, name, count, out }) => (
        <span key={thing}>
          {count !== undefined && <b className="num">{count} × </b>}
          {name}
          {out && <span className="quiet"> after {writeMinutes(minutesOf(out, lengths)).value}</span>}
        </span>
      ))}
    </p>
  );
}
