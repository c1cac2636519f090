import { startTransition, useEffect, useState } from 'react';
import { openMeal, type OpenedMeal } from '@/core/model/index.ts';
import { reference } from '@/reference/index.ts';
import { breath } from '@/store/breath.ts';
import { loadMeals, type LoadedMeals, whyOf } from '@/store/meals.ts';
import { db } from '../../browser/db.ts';
import { useStored } from '../../browser/useStored.ts';

export interface OpenedMeals {
  readonly opened: readonly OpenedMeal[];
  /** Meals that cannot be read. */
  readonly damaged: LoadedMeals['damaged'];
}

/** Between two of these the page takes a key or draws a picture, ms. */
const SLICE_MS = 12;

/**
 * Opens meals a few at a time, so that many of them do not hold the page up.
 * @param ids the meals; undefined while it is not known which
 * @param look tries what will be asked of each, so that one that throws is told as damaged
 * @returns undefined while they are read and opened for the first time
 */
export function useOpenedMeals(
  ids: readonly string[] | undefined,
  look: (meal: OpenedMeal) => unknown,
): OpenedMeals | undefined {
  const key = ids?.join(' ');
  const loaded = useStored(['meals', key], () =>
    key === undefined ? undefined : loadMeals(db, key === '' ? [] : key.split(' ')),
  );
  const [meals, setMeals] = useState<OpenedMeals>();
  useEffect(() => {
    if (!loaded) return;
    let left = false;
    const open = async () => {
      const opened: OpenedMeal[] = [];
      const damaged = [...loaded.damaged];
      let began = performance.now();
      for (const meal of loaded.meals) {
        try {
          const one = openMeal({ ...meal, reference });
          look(one);
          opened.push(one);
        } catch (error) {
          damaged.push({ id: meal.meal.id, name: meal.meal.name, why: whyOf(error) });
        }
        if (performance.now() - began < SLICE_MS) continue;
        await breath();
        if (left) return;
        began = performance.now();
      }
      startTransition(() => setMeals({ opened, damaged }));
    };
    open().catch(reportError);
    return () => {
      left = true;
    };
  }, [loaded, look]);
  return meals;
}
