import { lazy, Suspense } from 'react';
import type { CautionsProps } from './CautionList.tsx';

const Here = lazy(() => import('./CautionList.tsx'));

/**
 * What can hurt somebody here, each in one line: read, it folds to a few words; allergens and the cold never do. Its program
 * comes after the sheet's own.
 */
export const Cautions = (props: CautionsProps) => (
  <Suspense fallback={null}>
    <Here {...props} />
  </Suspense>
);
