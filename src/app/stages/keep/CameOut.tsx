import { useMemo } from 'react';
import { outcomeOf } from '@/core/log/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { useSaid } from '../../open/useSaid.ts';
import { StrandFlow } from '../../figures/flow/StrandFlow.tsx';

/** A closed batch as it came out, beside how it was planned: what it gave, and how long it took. */
export function CameOut() {
  const { opened, batch } = useOpenMeal();
  const said = useSaid();
  const outcome = useMemo(() => outcomeOf(opened, batch.id), [opened, batch.id]);
  if (!outcome || !(outcome.strands.raw.grams > 0)) return null;
  const { strands, liquidMl, minutes } = outcome;
  return (
    <>
      <p className="quiet">
        Outlined as it was planned, filled as it was weighed.
        {minutes && ` Tender after ${said.minutes(minutes.took)}, planned ${said.minutes(minutes.foretold)}.`}
      </p>
      <StrandFlow strands={strands} liquidMl={liquidMl} />
    </>
  );
}
