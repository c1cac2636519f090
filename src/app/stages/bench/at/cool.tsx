import { pullingOf } from '@/core/bench/index.ts';
import { startTimer } from '../../../browser/timers.ts';
import { useOpenMeal } from '../../../open/MealContext.ts';
import acts from '../../../parts/acts.module.scss';
import { Minutes } from './parts.tsx';
import type { AtProps, StepScreens } from './screens.ts';

function After({ card }: AtProps) {
  const { batch } = useOpenMeal();
  const minutes = Math.round(pullingOf(batch).coolMin);
  return (
    <p className={acts.onCard}>
      <button
        type="button"
        className="btn act is-first"
        onClick={() => startTimer(`${card.pot}: touch it, is it cool enough?`, minutes)}
      >
        Timer, {minutes} min
      </button>
    </p>
  );
}

export const cool: StepScreens<'cool'> = { How: Minutes, After };
