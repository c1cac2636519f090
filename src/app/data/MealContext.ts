import { createContext, useContext } from 'react';
import type { Batch, Entry } from '@/core/batch/index.ts';
import type { BatchReckoning, Reckoning } from '@/core/questions/index.ts';
import type { OpenedMeal } from '@/core/model/index.ts';
import type { UnitChoice } from '@/core/quantity/index.ts';
import type { LoadedMeal } from '@/store/meals.ts';

/** The open meal and batch, as every sheet and the strands read them. */
export interface OpenMeal {
  readonly loaded: LoadedMeal;
  readonly batch: Batch;
  /** The core's view of it, which its questions share. */
  readonly opened: OpenedMeal;
  readonly reckoning: Reckoning;
  readonly batchReckoning: BatchReckoning;
  readonly working: boolean;
  readonly units: UnitChoice;
  /** The reading that stands for something of this batch. */
  readonly standing: readonly Entry[];
}

const Context = createContext<OpenMeal | undefined>(undefined);
export const MealProvider = Context.Provider;

export function useOpenMeal(): OpenMeal {
  const open = useContext(Context);
  if (!open) throw new Error('No meal is open here.');
  return open;
}
