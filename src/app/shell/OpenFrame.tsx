import { lazy, Suspense, useMemo, type ReactNode } from 'react';
import { standingOf } from '@/core/meal/index.ts';
import type { LoadedMeal } from '@/store/meals.ts';
import { type Figures, MealProvider, type OpenMeal } from '../open/MealContext.ts';
import { useReckoning } from '../open/useReckoning.ts';
import { useSettings } from '../open/useSettings.ts';
import { StrandsPanel } from '../figures/strands/StrandsPanel.tsx';
import { FieldError } from '../parts/FieldError.tsx';
import { KeysHelp } from './KeysHelp.tsx';
import { OpenTop, Top } from './top/Top.tsx';
import { useDocumentTitle } from './useDocumentTitle.ts';

const SaidTwice = lazy(() => import('./SaidTwice.tsx'));

// What takes nothing from the frame is the same element each time: it is drawn again only by what it reads itself.
const top = <OpenTop />;
const strands = <StrandsPanel />;
const keys = <KeysHelp />;

interface Props {
  readonly loaded: LoadedMeal;
  readonly batchId: string;
  /** The station, or the mode, whose sheet it is. */
  readonly of: string;
  /** It is of all pots: the strands of one do not stand beside it. */
  readonly wide?: boolean;
  readonly children: ReactNode;
}

/** The frame about a sheet of an open batch: the stove along the top, the strands at the left. */
export function OpenFrame({ loaded, batchId, of, wide = false, children }: Props) {
  const { opened, reckoning, working, failed } = useReckoning(loaded);
  const units = useSettings();
  const standing = useMemo(() => standingOf(loaded.entries, batchId), [loaded.entries, batchId]);
  const batch = loaded.batches.find(({ id }) => id === batchId);
  const batchReckoning = reckoning.batches.find(({ id }) => id === batchId);
  useDocumentTitle(`${of}: ${loaded.meal.name}`);
  const open = useMemo<OpenMeal | undefined>(
    () => batch && { loaded, batch, opened, units, standing },
    [loaded, batch, opened, units, standing],
  );
  const figures = useMemo<Figures | undefined>(
    () => batchReckoning && { reckoning, batchReckoning, working },
    [reckoning, batchReckoning, working],
  );
  if (!open || !figures) return <Top />;
  return (
    <MealProvider open={open} figures={figures}>
      <div className={`frame has-${of}`}>
        {top}
        {!wide && strands}
        <main
          id="sheet"
          className={`sheet of-${of}${wide ? ' is-wide' : ''}`}
          tabIndex={-1}
          aria-busy={working}
        >
          {failed !== undefined && (
            <FieldError>The ranges could not be worked out ({failed}). Reload the page.</FieldError>
          )}
          {loaded.meal.both && of !== 'handout' && (
            <Suspense>
              <SaidTwice />
            </Suspense>
          )}
          {children}
        </main>
        {keys}
      </div>
    </MealProvider>
  );
}
