import { lazy, Suspense, type ComponentType } from 'react';
import type { Stage } from '@/core/batch/index.ts';
import { Meat } from '../meat/Meat.tsx';

const sheets: Readonly<Record<Stage, ComponentType>> = {
  order: lazy(() => import('../order/Order.tsx')),
  meat: Meat,
  pot: lazy(() => import('../pot/Pot.tsx')),
  clock: lazy(() => import('../clock/Clock.tsx')),
  bench: lazy(() => import('../bench/Bench.tsx')),
  broth: lazy(() => import('../broth/Broth.tsx')),
  plates: lazy(() => import('../plates/Plates.tsx')),
  keep: lazy(() => import('../keep/Keep.tsx')),
};

/** The sheet of the open station. The meat is where a meal opens, so it comes with the first load. */
export function Sheets({ stage }: { readonly stage: Stage }) {
  const Sheet = sheets[stage];
  return (
    <Suspense fallback={<p className="quiet">One moment.</p>}>
      <Sheet />
    </Suspense>
  );
}
