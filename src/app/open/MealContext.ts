import type { BatchReckoning, Reckoning } from '@/core/reckoning/index.ts';
import { createContext, createElement, useContext, type ReactElement, type ReactNode } from 'react';
import type { Batch, Entry } from '@/core/meal/index.ts';

import type { OpenedMeal } from '@/core/model/index.ts';
import type { UnitChoice } from '@/core/quantity/index.ts';
import type { LoadedMeal } from '@/store/meals.ts';

/** The open meal and batch as they were typed: what changes with an act of the cook, and with nothing else. */
export interface OpenMeal {
  readonly loaded: LoadedMeal;
  readonly batch: Batch;
  /** The core's view of it, which its questions share. */
  readonly opened: OpenedMeal;
  readonly units: UnitChoice;
  /** The reading that stands for something of this batch. */
  readonly standing: readonly Entry[];
}

/** What is worked out of it: the nominal run at once, and once more when the ranges come. */
export interface Figures {
  readonly reckoning: Reckoning;
  readonly batchReckoning: BatchReckoning;
  readonly working: boolean;
}

const Typed = createContext<OpenMeal | undefined>(undefined);
const Reckoned = createContext<Figures | undefined>(undefined);

/** Two contexts: when ranges come, what shows only what was typed is not drawn again. */
export function MealProvider({
  open,
  figures,
  children,
}: {
  readonly open: OpenMeal;
  readonly figures: Figures;
  readonly children: ReactNode;
}): ReactElement {
  return createElement(Typed, { value: open }, createElement(Reckoned, { value: figures }, children));
}

export function useOpenMeal(): OpenMeal {
  const open = useContext(Typed);
  if (!open) throw new Error('No meal is open here.');
  return open;
}

export function useFigures(): Figures {
  const figures = useContext(Reckoned);
  if (!figures) throw new Error('No meal is open here.');
  return figures;
}
