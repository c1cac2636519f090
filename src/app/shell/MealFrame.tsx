import { useMemo } from 'react';
import { Navigate, useParams } from 'react-router';
import { stages, standingEntries } from '@/core/batch/index.ts';
import type { LoadedMeal } from '@/store/meals.ts';
import { MealProvider, type OpenMeal } from '../data/MealContext.ts';
import { useMeal } from '../data/useMeal.ts';
import { useReckoning } from '../data/useReckoning.ts';
import { useSettings } from '../data/useSettings.ts';
import { StrandsPanel } from '../figures/strands/StrandsPanel.tsx';
import { FieldError } from '../parts/FieldError.tsx';
import { KeysHelp } from './KeysHelp.tsx';
import { Sheets } from './Sheets.tsx';
import { Stove } from './Stove.tsx';
import { Top } from './Top.tsx';
import { useDocumentTitle } from './useDocumentTitle.ts';
import { useStage } from './useStage.ts';

/** The frame of an open meal: the stove along the top, the strands at the left, the sheet. */
export function MealFrame() {
  const { mealId = '', batchId = '', stage } = useParams();
  const loaded = useMeal(mealId);
  if (loaded === undefined) return <Top />;
  if (loaded === null) return <Navigate to="/meals" replace />;
  const [first] = loaded.meal.batches;
  if (!loaded.batches.some((batch) => batch.id === batchId)) {
    return first === undefined || first === batchId ? (
      <Navigate to="/meals" replace />
    ) : (
      <Navigate to={`/meals/${mealId}/batches/${first}/meat`} replace />
    );
  }
  if (!stages.some((known) => known === stage)) {
    return <Navigate to={`/meals/${mealId}/batches/${batchId}/meat`} replace />;
  }
  return <OpenFrame loaded={loaded} batchId={batchId} />;
}

function OpenFrame({ loaded, batchId }: { readonly loaded: LoadedMeal; readonly batchId: string }) {
  const { opened, reckoning, working, failed } = useReckoning(loaded);
  const units = useSettings();
  const stage = useStage();
  const standing = useMemo(
    () => standingEntries(loaded.entries).filter((entry) => entry.batch === batchId),
    [loaded.entries, batchId],
  );
  const batch = loaded.batches.find(({ id }) => id === batchId);
  const batchReckoning = reckoning.batches.find(({ id }) => id === batchId);
  useDocumentTitle(`${stage}: ${loaded.meal.name}`);
  if (!batch || !batchReckoning) return <Top />;
  const open: OpenMeal = { loaded, batch, opened, reckoning, batchReckoning, working, units, standing };
  return (
    <MealProvider value={open}>
      <div className="frame">
        <Top>
          <Stove />
        </Top>
        <StrandsPanel />
        <main id="sheet" className={`sheet of-${stage}`} tabIndex={-1} aria-busy={working}>
          {failed !== undefined && (
            <FieldError>The ranges could not be worked out ({failed}). Reload the page.</FieldError>
          )}
          <Sheets stage={stage} />
        </main>
        <KeysHelp />
      </div>
    </MealProvider>
  );
}
