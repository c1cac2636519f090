import { withChopped } from '@/core/meal/index.ts';
import { useFigures, useOpenMeal } from '../../../open/MealContext.ts';
import { editBatch } from '../../../open/edits.ts';
import { useWall } from '../../../open/useWall.ts';
import { Choice } from '../../../parts/fields/Choice.tsx';
import { sizes } from '../../../parts/choices.ts';
import { WeighIt } from './WeighIt.tsx';
import css from './task.module.scss';

/** So little of it is not worth going back for, of what was cooked (estimate). */
const WORTH_IT = 0.02;

interface Props {
  /** It is being weighed: the scale is for it alone. */
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  readonly mass: (grams: number) => string;
}

/** What will not pull yet: chopped in a tap, or weighed and put back, cut smaller, to be pulled in a second wave. */
export function GoesBack({ open, onOpen, mass }: Props) {
  const { batch } = useOpenMeal();
  const { batchReckoning, reckoning } = useFigures();
  const { meat, second } = batchReckoning;
  const wall = useWall();
  const unpulled = meat.unpulledG;
  const some = unpulled.mid > WORTH_IT * meat.cookedG.mid;
  if (!second && !open)
    return (
      <p className={css.under}>
        {some && `About ${mass(unpulled.mid)} is not tender enough to pull. `}
        {some && (
          <button
            type="button"
            className="btn act"
            onClick={() => editBatch(batch.id, 'chopping what will not pull', withChopped)}
          >
            Chop it: {mass(unpulled.mid)} more in the bowl
          </button>
        )}{' '}
        <button type="button" className={some ? 'btn act' : 'link'} onClick={() => onOpen(true)}>
          {some ? 'Put it back' : 'some is too tough and goes back'}
        </button>
      </p>
    );
  return (
    <section className={css.second} aria-label="What goes back">
      {open ? (
        <WeighIt
          flow="unpulled"
          words="what goes back into the pot"
          thing="meat that goes back"
          expected={some ? unpulled : { mid: 0 }}
          mostG={meat.cookedG.mid}
        />
      ) : (
        <p className={css.under}>{mass(second?.backG ?? 0)} went back.</p>
      )}
      <Choice
        legend="Cut to"
        value={second?.size ?? batch.again?.size ?? 'cubes'}
        options={sizes}
        onChoose={(size) => editBatch(batch.id, 'how small it is cut', (b) => ({ ...b, again: { size } }))}
      />
      <button type="button" className="link" onClick={() => onOpen(!open)}>
        {open ? 'weigh the shred' : 'weigh it again'}
      </button>
      {second && (
        <p className={css.under}>
          Tender again about <b>{wall.clock(second.tender.mid)}</b>, between{' '}
          {wall.clock(second.tender.p10 ?? second.tender.mid)} and{' '}
          {wall.clock(second.tender.p90 ?? second.tender.mid)}: {mass(second.shredG)} more.
          {reckoning.platesNow !== undefined &&
            ` Until then there is enough for ${String(reckoning.platesNow)} plates.`}
        </p>
      )}
    </section>
  );
}
