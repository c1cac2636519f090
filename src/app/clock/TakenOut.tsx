import { writeMinutes } from '@/core/quantity/index.ts';
import { takenOut } from '@/core/reckoning/pictures/takenOut.ts';
import { useOpenMeal } from '../data/MealContext.ts';

/** Which lot to take out first, where they are not tender together. */
export function TakenOut() {
  const { batchReckoning } = useOpenMeal();
  const lots = takenOut(batchReckoning.lots);
  if (lots.length === 0) return null;
  return (
    <ol className="taken-out" aria-label="Which is tender first">
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
