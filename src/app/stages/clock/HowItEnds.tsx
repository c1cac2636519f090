import { isByTheClock, isOutThen, isTimed } from '@/core/clock/index.ts';
import type { Out } from '@/core/meal/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { Choice } from '../../parts/fields/Choice.tsx';
import { changeOpen } from './phaseEdits.ts';

const ends = [
  { value: 'when tender', words: 'a fork decides' },
  { value: 'then', words: 'out then, tender or not' },
] as const;

/** How a written time ends: it says when to look, or the meat comes out by the clock. */
export function HowItEnds() {
  const { batch } = useOpenMeal();
  if (!isTimed(batch)) return null;
  return (
    <Choice<Out>
      legend="How the time ends"
      hidden
      value={isOutThen(batch) ? 'then' : 'when tender'}
      options={ends}
      onChoose={(value) => {
        changeOpen(batch.id, 'how the time ends', ({ out: _, ...phase }) =>
          (value === 'then') === isByTheClock(phase) ? phase : { ...phase, out: value },
        );
      }}
    />
  );
}
