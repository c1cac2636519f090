import { hotLimits, hotWatch } from '@/core/keep/index.ts';
import { writeDegrees } from '@/core/quantity/index.ts';
import { hotWords } from '@/words/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { useTemperature } from '../../open/useTemperature.ts';
import { useWall } from '../../open/useWall.ts';
import { FieldError } from '../../parts/FieldError.tsx';
import { ReadIt } from './ReadIt.tsx';

/** What is held hot, or heated once more: whether it is hot enough, and since when not. */
export function HotWatch({ now }: { readonly now: number }) {
  const { batch, units } = useOpenMeal();
  const wall = useWall();
  const { readings } = useTemperature(batch.id);
  const watch = hotWatch(readings, now);
  const degrees = (celsius: number) => writeDegrees(celsius, units);
  const says = watch && hotWords(watch, degrees, wall.clock);
  return (
    <section aria-labelledby="hot-title">
      <h2 id="hot-title">Held hot, or heated again</h2>
      {watch?.below ? (
        <FieldError>{says}</FieldError>
      ) : (
        <p>
          {says ??
            `Hot enough from ${degrees(hotLimits.hold)}, heated again to ${degrees(hotLimits.reheat)}.`}
        </p>
      )}
      <div className="choices">
        <ReadIt
          label="Read in the middle"
          thing={batch.id}
          placeholder={degrees(watch?.celsius ?? hotLimits.hold)}
        />
      </div>
    </section>
  );
}
