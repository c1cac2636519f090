import { isStrained } from '@/core/meal/index.ts';
import type { BoilsDown } from '@/core/answers/index.ts';
import type { LiquidReckoning } from '@/core/reckoning/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { useSaid } from '../../open/useSaid.ts';
import { useMeasured } from './useMeasured.ts';
import css from './broth.module.scss';

interface Props {
  readonly liquid: LiquidReckoning | undefined;
  readonly down: BoilsDown | undefined;
}

/** What there is, or what is done to it next and how long that takes. */
export function BrothTitle({ liquid, down }: Props) {
  const { batch } = useOpenMeal();
  const { dry } = useFigures().batchReckoning;
  const { volume } = useSaid();
  const { words } = useMeasured(liquid);
  const word = isStrained(batch) ? 'broth' : 'sauce';
  const title = down
    ? `Boil the ${liquid?.says ?? word} down to ${volume(down.toMl)}`
    : liquid
      ? `${words} of ${liquid.says}`
      : dry
        ? `No ${word}: the pot would boil dry`
        : `How much ${word} is not known yet`;
  return (
    <div className="line">
      <h1>{title}</h1>
      {down?.now && (
        <p className={css.off}>
          <b className="num">{Math.round(down.now.minutes.mid)} min</b>
        </p>
      )}
    </div>
  );
}
