import { Navigate, useParams } from 'react-router';
import { stages } from '@/core/meal/index.ts';
import { useMeal } from '../open/useMeal.ts';
import { OpenFrame } from './OpenFrame.tsx';
import { Sheets } from './Sheets.tsx';
import { Top } from './top/Top.tsx';

/** Why the list of meals stands where a meal was asked for. */
const NOT_HERE = { notHere: true } as const;

/** The frame of an open meal: the stove along the top, the strands at the left, the sheet. */
export function MealFrame() {
  const { mealId = '', batchId = '', stage: word } = useParams();
  const loaded = useMeal(mealId);
  if (loaded === undefined) return <Top />;
  if (loaded === null) return <Navigate to="/meals" replace state={NOT_HERE} />;
  const [first] = loaded.meal.batches;
  if (!loaded.batches.some((batch) => batch.id === batchId)) {
    return first === undefined || first === batchId ? (
      <Navigate to="/meals" replace state={NOT_HERE} />
    ) : (
      <Navigate to={`/meals/${mealId}/batches/${first}/meat`} replace />
    );
  }
  const stage = stages.find((known) => known === word);
  if (stage === undefined) {
    return <Navigate to={`/meals/${mealId}/batches/${batchId}/meat`} replace />;
  }
  return (
    <OpenFrame loaded={loaded} batchId={batchId} of={stage}>
      <Sheets stage={stage} />
    </OpenFrame>
  );
}
