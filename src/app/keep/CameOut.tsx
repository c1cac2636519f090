import { useMemo } from 'react';
import { outcomeOf } from '@/core/log/index.ts';
import { useOpenMeal } from '../data/MealContext.ts';
import { useSaid } from '../data/useSaid.ts';
import { StrandFlow } from '../log/StrandFlow.tsx';

/** A closed batch as it came out, beside how it was planned: what it gave, and how long it took. */
export function CameOut() {
  const { opened, batch } = useOpenMeal();
  const said = useSaid();
  const outcome = useMemo(() => outcomeOf(opened, batch.id), [opened, batch.id]);
  if (!outcome || !(outcome.strands.raw.grams > 0)) return null;
  const { strands, liquidMl, minutes } = outcome;
  return (
    <>
      <div className="line">
        <h3>As it came out</h3>
        <span className="quiet">
          outlined: planned, filled: weighed
          {minutes &&
            `; tender after ${said.minutes(minutes.took)}, planned ${said.minutes(minutes.foretold)}`}
        </span>
      </div>
      <StrandFlow strands={strands} liquidMl={liquidMl} />
    </>
  );
}
