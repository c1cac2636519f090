import type { DayPlan } from '@/core/answers/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { FieldError } from '../../parts/FieldError.tsx';
import { Problems } from '../../parts/Problems.tsx';
import { BoilsCovered } from './BoilsCovered.tsx';
import { HeatRow } from './HeatRow.tsx';
import { OutsideHours } from './OutsideHours.tsx';
import { Written } from './Written.tsx';

interface Props {
  readonly day: DayPlan | undefined;
  readonly isOld: boolean;
  readonly failed: Error | null;
}

/** What the day wants to know before it can be planned, and what is wrong with it. */
export function BeforeDay({ day, isOld, failed }: Props) {
  const { batch } = useOpenMeal();
  const { ready, boils } = useFigures().batchReckoning;
  const isOn = batch.lidOn !== undefined;
  return (
    <>
      {day && (
        <div data-old={isOld || undefined}>
          <OutsideHours day={day} />
        </div>
      )}
      {!isOn && <HeatRow />}
      <Problems batch={batch.id} stage="clock" />
      {boils && !isOn && <BoilsCovered boils={boils} />}
      <Written />
      {!ready.min && (
        <p className="nothing">
          Write the heat, or how long it cooks, and the steam and the broth are worked out from that.
        </p>
      )}
      {failed && (
        <FieldError>The day could not be worked out ({failed.message}). Reload the page.</FieldError>
      )}
      {day?.unknown.map((name) => (
        <FieldError key={name}>{name} has no known time, so it is not in the day.</FieldError>
      ))}
    </>
  );
}
