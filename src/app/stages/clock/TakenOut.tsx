import { stillGood, takenOut } from '@/core/reckoning/index.ts';
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

/** How late the first of it to go too far is still good, and what happens then. */
export function StillGood({ zone }: { readonly zone: string }) {
  const { batch } = useOpenMeal();
  const { batchReckoning } = useFigures();
  const wall = useWall(zone);
  const first = stillGood(batchReckoning.lots, batch.lidOn);
  if (!first) return null;
  const late =
    first.at === undefined
      ? `${writeMinutes(first.afterMin).value} after the lid is on`
      : wall.clock(first.at);
  return (
    <p>
      Still good until <b className="num">{late}</b>
      {batchReckoning.lots.length > 1 && ` (${first.name.split(',')[0]?.toLowerCase() ?? ''})`}; by then one
      pot in ten {goneWords[first.goes]}.
    </p>
  );
}
