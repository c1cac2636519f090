import { type Reckoning, reckonAtOnce, withOldRanges } from '@/core/reckoning/index.ts';
import { useMemo } from 'react';
import { openMeal, type OpenedMeal } from '@/core/model/index.ts';

import { reference } from '@/reference/index.ts';
import type { LoadedMeal } from '@/store/meals.ts';
import { afterFirstPaint } from '../browser/afterFirstPaint.ts';
import { useAnswerOf } from './useAnswer.ts';

export interface Reckoned {
  readonly opened: OpenedMeal;
  readonly reckoning: Reckoning;
  /** The ranges are still those of a moment ago. */
  readonly working: boolean;
  /** Why there are no ranges, if the worker could not answer. */
  readonly failed?: string;
}

/** The reckoning of a meal: its nominal run at once, its ranges as soon as the worker has them. */
export function useReckoning(loaded: LoadedMeal): Reckoned {
  const opened = useMemo(() => openMeal({ ...loaded, reference }), [loaded]);
  const nominal = useMemo(() => reckonAtOnce(opened), [opened]);
  const { data, isPlaceholderData, error } = useAnswerOf(loaded, 'reckon', undefined, {
    after: afterFirstPaint,
  });
  const working = data === undefined || isPlaceholderData;
  const reckoning = useMemo(
    () => (data && !working ? data : data ? withOldRanges(nominal, data) : nominal),
    [nominal, data, working],
  );
  return { opened, reckoning, working, ...(error && { failed: error.message }) };
}
