import { useFigures } from '../../../open/MealContext.ts';
import { useSaid } from '../../../open/useSaid.ts';
import { useWall } from '../../../open/useWall.ts';
import css from '../task/task.module.scss';
import { FromBowl } from './FromBowl.tsx';
import type { CardScreens } from './screens.ts';

/** When what went back is likely to be tender. */
function After() {
  const { second } = useFigures().batchReckoning;
  const { mass } = useSaid();
  const wall = useWall();
  return (
    <>
      {second && (
        <p className={css.under}>
          {mass(second.backG)} went back at {wall.clock(second.at)}: tender between{' '}
          {wall.clock(second.tender.p10 ?? second.tender.mid)} and{' '}
          {wall.clock(second.tender.p90 ?? second.tender.mid)}. Test it with a fork first.
        </p>
      )}
      <FromBowl />
    </>
  );
}

export const secondWave: CardScreens = { After };
