import { nextInDay } from '@/core/reckoning/index.ts';
import clsx from 'clsx';
import { Link } from 'react-router';
import type { Batch } from '@/core/meal/index.ts';

import { useFigures, useOpenMeal } from '../open/MealContext.ts';
import { addBatch } from '../open/edits/index.ts';
import { useDay } from '../open/useDay.ts';
import { useRings } from '../open/useRings.ts';
import { useNow } from '../browser/useNow.ts';
import { usePainted } from '../browser/usePainted.ts';
import { nextActWords } from '@/words/index.ts';
import { SmallPot } from '../figures/SmallPot.tsx';
import { useStage } from './useStage.ts';
import { useWall } from '../open/useWall.ts';
import css from './shell.module.scss';

/** Each batch of the meal as a small pot with its name and its next act. */
export function Stove() {
  const { loaded, batch: open } = useOpenMeal();
  const { reckoning } = useFigures();
  const stage = useStage();
  const now = useNow();
  const wall = useWall();
  const asks = usePainted() && anyOnTheHeat(loaded.batches);
  const { day, isOld } = useDay(loaded, now, asks);
  useRings(loaded, isOld ? undefined : day, now);
  const names = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'];
  return (
    <ul className={css.stove} aria-label="The stove">
      {loaded.batches.map((batch) => {
        const figures = reckoning.batches.find(({ id }) => id === batch.id);
        const next = figures && nextInDay(figures.next, batch.id, day?.lines ?? [], now);
        const isOpen = batch.id === open.id;
        return (
          <li key={batch.id}>
            <Link
              className={isOpen ? clsx(css.burner, css.isOpen) : css.burner}
              to={`/meals/${loaded.meal.id}/batches/${batch.id}/${stage}`}
              aria-current={isOpen ? 'true' : undefined}
            >
              <SmallPot level={potLevel(figures?.pot)} slow={batch.cook[0]?.heat === 'slow cooker'} />
              <span>
                <b>{batch.name}</b>
                <small data-old={isOld || undefined}>{next ? nextActWords(next, now, wall.clock) : ''}</small>
              </span>
            </Link>
          </li>
        );
      })}
      <li>
        <button
          type="button"
          className={clsx('link quiet', css.burner)}
          onClick={() => {
            addBatch(
              loaded.meal.id,
              `Pot ${names[loaded.batches.length] ?? String(loaded.batches.length + 1)}`,
            );
          }}
        >
          + pot
        </button>
      </li>
    </ul>
  );
}

/** Only a pot on the heat has a look that stands in the plan. */
const anyOnTheHeat = (batches: readonly Batch[]) => batches.some(({ lidOn }) => lidOn !== undefined);

const potLevel = (pot: { standsCm: number; vessel: { heightCm: number } } | null | undefined) =>
  pot ? Math.min(1, pot.standsCm / pot.vessel.heightCm) : 0;
