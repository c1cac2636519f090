import { type BatchReckoning, isWorthChopping } from '@/core/reckoning/index.ts';
import { useFigures, useOpenMeal } from '../../../open/MealContext.ts';
import { editBatch } from '../../../open/edits/index.ts';
import { useWall } from '../../../open/useWall.ts';
import { Choice } from '../../../parts/fields/Choice.tsx';
import { sizes } from '../../../parts/choices.ts';
import { ChopIt } from '../ChopIt.tsx';
import { WeighIt } from './WeighIt.tsx';
import css from './task.module.scss';
import { PLATE, counted } from '@/words/index.ts';

interface Props {
  /** It is being weighed: the scale is for it alone. */
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  readonly mass: (grams: number) => string;
}

/** What will not pull yet: chopped in a tap, or weighed and put back, cut smaller, to be pulled in a second wave. */
export function GoesBack({ open, onOpen, mass }: Props) {
  const { batch } = useOpenMeal();
  const { batchReckoning } = useFigures();
  const { meat, second } = batchReckoning;
  const unpulled = meat.unpulledG;
  const some = isWorthChopping(meat);
  if (!second && !open)
    return <Offered unpulled={some ? mass(unpulled.mid) : undefined} onOpen={() => onOpen(true)} />;
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
      {second && <SecondWave second={second} mass={mass} />}
    </section>
  );
}

/** What can be done with what will not pull; undefined: hardly any of it. */
function Offered({
  unpulled,
  onOpen,
}: {
  readonly unpulled: string | undefined;
  readonly onOpen: () => void;
}) {
  return (
    <p className={css.under}>
      {unpulled !== undefined && `About ${unpulled} is not tender enough to pull. `}
      {unpulled !== undefined && <ChopIt unpulled={unpulled} />}{' '}
      <button type="button" className={unpulled === undefined ? 'link' : 'btn act'} onClick={onOpen}>
        {unpulled === undefined ? 'some is too tough and goes back' : 'Put it back'}
      </button>
    </p>
  );
}

interface WaveProps extends Pick<Props, 'mass'> {
  readonly second: NonNullable<BatchReckoning['second']>;
}

/** When what went back is tender, and what it gives. */
function SecondWave({ second, mass }: WaveProps) {
  const { reckoning } = useFigures();
  const wall = useWall();
  return (
    <p className={css.under}>
      Tender again about <b>{wall.clock(second.tender.mid)}</b>, between{' '}
      {wall.clock(second.tender.p10 ?? second.tender.mid)} and{' '}
      {wall.clock(second.tender.p90 ?? second.tender.mid)}: about {mass(second.shredG)} more.
      {reckoning.platesNow !== undefined &&
        ` Until then there is enough for ${counted(reckoning.platesNow, PLATE)}.`}
    </p>
  );
}
