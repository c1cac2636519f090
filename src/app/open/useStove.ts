import { useMemo } from 'react';
import { type NextAct, nextInDay, stageOfAct, wantedAt } from '@/core/reckoning/index.ts';
import type { Batch, Stage } from '@/core/meal/index.ts';
import type { Line } from '@/core/day/index.ts';
import { useNow } from '../browser/useNow.ts';
import { usePainted } from '../browser/usePainted.ts';
import { useFigures, useOpenMeal } from './MealContext.ts';
import { useDay } from './useDay.ts';
import { useRings } from './useRings.ts';

/** A pot on the stove, and what it wants. */
export interface StovePot {
  readonly id: string;
  readonly name: string;
  readonly slow: boolean;
  /** How high it is filled, 0 to 1. */
  readonly level: number;
  readonly isOpen: boolean;
  readonly next: NextAct | undefined;
  /** When that is wanted, epoch ms; and whether that is now. */
  readonly at: number | undefined;
  readonly wantsYou: boolean;
  /** What comes after it. */
  readonly later: readonly Line[];
  readonly href: (stage: Stage) => string;
}

/** The pots of a meal, at a moment; of the plan before while the new one is worked out. */
export interface OnTheStove {
  readonly pots: readonly StovePot[];
  readonly now: number;
  readonly isOld: boolean;
}

/** So many acts are told in advance. */
const LATER = 3;

/** The pots of the open meal with what each wants next, and whether that is of the plan before. */
export function useStove(): OnTheStove {
  const { loaded, batch: open } = useOpenMeal();
  const { reckoning } = useFigures();
  const now = useNow();
  const asks = usePainted() && anyOnTheHeat(loaded.batches);
  const { day, isOld } = useDay(loaded, now, asks);
  useRings(loaded, isOld ? undefined : day, now);
  const pots = useMemo(
    () =>
      loaded.batches.map((batch): StovePot => {
        const figures = reckoning.batches.find(({ id }) => id === batch.id);
        const lines = day?.lines ?? [];
        const next = figures && nextInDay(figures.next, batch.id, lines, now);
        const at = next && wantedAt(next, now);
        return {
          id: batch.id,
          name: batch.name,
          slow: batch.cook[0]?.heat === 'slow cooker',
          level: levelOf(figures?.pot),
          isOpen: batch.id === open.id,
          next,
          at,
          wantsYou: at !== undefined && at <= now,
          later: lines.filter((line) => line.batch === batch.id && line.from > (at ?? now)).slice(0, LATER),
          href: (stage) => `/meals/${loaded.meal.id}/batches/${batch.id}/${stage}`,
        };
      }),
    [loaded, reckoning, day, now, open.id],
  );
  return { pots, now, isOld };
}

/** Where the next act of a pot is done. */
export const hrefOfAct = ({ href, next }: StovePot): string => href(next ? stageOfAct(next) : 'meat');

/** Only a pot on the heat has a look that stands in the plan. */
const anyOnTheHeat = (batches: readonly Batch[]) => batches.some(({ lidOn }) => lidOn !== undefined);

const levelOf = (pot: { standsCm: number; vessel: { heightCm: number } } | null | undefined) =>
  pot ? Math.min(1, pot.standsCm / pot.vessel.heightCm) : 0;
