import { useMemo, type ReactNode } from 'react';
import { standingEntries } from '@/core/batch/index.ts';
import type { LoadedMeal } from '@/store/meals.ts';
import { MealProvider, type OpenMeal } from '../data/MealContext.ts';
import { useReckoning } from '../data/useReckoning.ts';
import { useSettings } from '../data/useSettings.ts';
import { StrandsPanel } from '../figures/strands/StrandsPanel.tsx';
import { FieldError } from '../parts/FieldError.tsx';
import { KeysHelp } from './KeysHelp.tsx';
import { Stove } from './Stove.tsx';
import { Top } from './Top.tsx';
import { useDocumentTitle } from './useDocumentTitle.ts';

interface Props {
  readonly loaded: LoadedMeal;
  readonly batchId: string;
  /** The station, or the mode, whose sheet it is. */
  readonly of: string;
  readonly children: ReactNode;
}

/** The frame about a sheet of an open batch: the stove along the top, the strands at the left. */
export function OpenFrame({ loaded, batchId, of, children }: Props) {
  const { opened, reckoning, working, failed } = useReckoning(loaded);
  const units = useSettings();
  const standing = useMemo(
    () => standingEntries(loaded.entries).filter((entry) => entry.batch === batchId),
    [loaded.entries, batchId],
  );
  const batch = loaded.batches.find(({ id }) => id === batchId);
  const batchReckoning = reckoning.batches.find(({ id }) => id === batchId);
  useDocumentTitle(`${of}: ${loaded.meal.name}`);
  if (!batch || !batchReckoning) return <Top />;
  const open: OpenMeal = { loaded, batch, opened, reckoning, batchReckoning, working, units, standing };
  return (
    <MealProvider value={open}>
      <div className={`frame has-${of}`}>
        <Top>
          <Stove />
        </Top>
        <StrandsPanel />
        <main id="sheet" className={`sheet of-${of}`} tabIndex={-1} aria-busy={working}>
          {failed !== undefined && (
            <FieldError>The ranges could not be worked out ({failed}). Reload the page.</FieldError>
          )}
          {children}
        </main>
        <KeysHelp />
      </div>
    </MealProvider>
  );
}
