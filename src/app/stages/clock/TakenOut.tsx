import type { DayPlan } from '@/core/answers/index.ts';
import type { Wall } from '@/core/clock/index.ts';
import { takenOut } from '@/core/reckoning/index.ts';
import { writeMinutes } from '@/core/quantity/index.ts';

import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { useWall } from '../../open/useWall.ts';
import css from './clock.module.scss';

/** How it is said of a pot that was left on the heat too long. */
const goneWords: Readonly<Record<string, string>> = {
  stringy: 'has gone stringy',
  'to mush': 'has gone to mush',
};

/** Which lot to lift out first, where they are not tender together. */
export function TakenOut() {
  const { batchReckoning } = useFigures();
  const lots = takenOut(batchReckoning.lots);
  if (lots.length === 0) return null;
  return (
    <ol className={css.takenOut} aria-label="Which is tender first">
      {lots.map(({ lot, name, tenderMin }, i) => {
        const { value, range } = writeMinutes(tenderMin);
        return (
          <li key={lot}>
            <span className="quiet">
              {i === 0 ? 'Lift out first' : i === lots.length - 1 ? 'Last' : 'Then'}
            </span>
            <b>{name}</b>
            <b className="num">{value}</b>
            <span className="quiet">{range}</span>
          </li>
        );
      })}
    </ol>
  );
}

/** From when it is good, how late it still is on the heat, and what happens then: clock times, of the day as it is planned. */
export function StillGood({
  day,
  isOld,
  now,
}: {
  readonly day: DayPlan;
  /** It is the day before what was changed last. */
  readonly isOld: boolean;
  readonly now: number;
}) {
  const { batch } = useOpenMeal();
  const wall = useWall(day.zone);
  const pot = day.pots.find((one) => one.batch === batch.id);
  if (!pot || pot.weighedOut) return null;
  const { goodFrom, goodUntil, firstToGo, goes } = pot;
  if (!goodUntil) return <p>On the heat it stays good for a day.</p>;
  const from = goodFrom && <b className="num">{spanOf(goodFrom, wall, now)}</b>;
  return (
    <p data-old={isOld || undefined}>
      {from ? <>Good from {from} until </> : 'Good until '}
      <b className="num">{spanOf(goodUntil, wall, goodFrom?.[1] ?? now)}</b>, left on the heat
      {firstToGo !== undefined && ` (${firstToGo})`}: by the first one pot in ten {goneWords[goes]}, by the
      last one in two.
    </p>
  );
}

/** Two moments, told once where they are one. */
function spanOf([from, to]: readonly [number, number], wall: Wall, near: number): string {
  const [first, last] = [wall.moment(from, near), wall.moment(to, from)];
  return first === last ? first : `${first}–${last}`;
}
