import { lazy, memo, Suspense, type ComponentType } from 'react';
import type { Stage } from '@/core/meal/index.ts';
import { usePainted } from '../browser/usePainted.ts';

const sheets: Readonly<Record<Stage, ComponentType>> = {
  order: lazy(() => import('../stages/order/Order.tsx')),
  meat: lazy(() => import('../stages/meat/Meat.tsx')),
  pot: lazy(() => import('../stages/pot/Pot.tsx')),
  clock: lazy(() => import('../stages/clock/Clock.tsx')),
  bench: lazy(() => import('../stages/bench/Bench.tsx')),
  broth: lazy(() => import('../stages/broth/Broth.tsx')),
  plates: lazy(() => import('../stages/plates/Plates.tsx')),
  keep: lazy(() => import('../stages/keep/Keep.tsx')),
};

/** The sheet of the open station, drawn once the figures of the strands stand: they are what a cook looks for first. */
export const Sheets = memo(function Sheets({ stage }: { readonly stage: Stage }) {
  const painted = usePainted();
  const Sheet = sheets[stage];
  const moment = <p className="quiet">One moment.</p>;
  if (!painted) return moment;
  return (
    <Suspense fallback={moment}>
      <Sheet />
    </Suspense>
  );
});
