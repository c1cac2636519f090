import { writeClock } from '@/core/clock/index.ts';
import { writeMinutes } from '@/core/quantity/index.ts';
import { stillGood, takenOut } from '@/core/questions/index.ts';
import { useOpenMeal } from '../data/MealContext.ts';
import css from './clock.module.scss';

/** Which lot to take out first, where they are not tender together. */
export function TakenOut() {
  const { batchReckoning } = useOpenMeal();
  const lots = takenOut(batchReckoning.lots);
  if (lots.length === 0) return null;
  return (
    <ol className={css.takenOut} aria-label="Which is tender first">
      {lots.map(({ lot, name, tenderMin }, i) => {
        const { value, range } = writeMinutes(tenderMin);
        return (
          <li key={lot}>
            <span className="quiet">
              {i === 0 ? 'Take out first' : i === lots.length - 1 ? 'Last' : 'Then'}
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
  const { batch, batchReckoning } = useOpenMeal();
  const first = stillGood(batchReckoning.lots, batch.lidOn);
  if (!first) return null;
  const late =
    first.at === undefined
      ? `${writeMinutes(first.afterMin).value} after the lid is on`
      : writeClock(first.at, zone);
  return (
    <p>
      Still good until <b className="num">{late}</b>
      {batchReckoning.lots.length > 1 && ` (${first.name.split(',')[0]?.toLowerCase() ?? ''})`}; left on the
      heat longer it goes {first.goes}, in one pot of ten by then.
    </p>
  );
}
