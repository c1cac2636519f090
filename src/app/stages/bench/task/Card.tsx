import { useEffect, useRef, useState } from 'react';
import { bonesOf } from '@/core/pot/index.ts';
import { type BenchCard, type DayPlan, expectedAt } from '@/core/answers/index.ts';
import { benchTitle, onScaleWords } from '@/words/index.ts';
import { useFigures } from '../../../open/MealContext.ts';
import { useSaid } from '../../../open/useSaid.ts';
import { useWall } from '../../../open/useWall.ts';
import { Cautions } from '../../../parts/Cautions.tsx';
import { Checks } from '../../../parts/Checks.tsx';
import { Lessons } from '../../../parts/Lessons.tsx';
import { Unaccounted } from '../../../parts/Unaccounted.tsx';
import { cardScreens, underOf } from '../at/index.ts';
import { WeighIt } from './WeighIt.tsx';
import css from './task.module.scss';

interface Props {
  readonly card: BenchCard;
  readonly day: DayPlan | undefined;
  /** It is the day before what was changed last. */
  readonly isOld: boolean;
  /** What is due next of another pot. */
  readonly other: BenchCard | undefined;
  readonly now: number;
  /** Somebody came here from another card: its title is read out. */
  readonly moved: boolean;
}

/** One thing to do, as large as it can be read from across the counter. */
export function Card({ card, day, isOld, other, now, moved }: Props) {
  const { batchReckoning } = useFigures();
  const wall = useWall();
  const title = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    if (moved) title.current?.focus({ preventScroll: true });
  }, [moved]);
  const { mass, volume } = useSaid();
  const { counted, left, back } = bonesOf(batchReckoning.comeOut);
  return (
    <article className={css.card}>
      <header>
        <div>
          <h1 ref={title} tabIndex={-1}>
            {benchTitle(card, left, back)}
          </h1>
          <p className={css.under}>
            {card.pot}
            {underOf(card.step, { reckoning: batchReckoning, mass, volume, counted })}
          </p>
        </div>
        <p className={css.when} data-old={isOld || undefined}>
          <b className="num">{wall.clock(other?.at ?? card.at ?? now)}</b>
          <small>
            {other ? `${benchTitle(other, undefined, 0)}, ${other.pot}` : card.done ? 'done' : 'due'}
          </small>
        </p>
      </header>
      <Body card={card} day={day} isOld={isOld} />
    </article>
  );
}

type BodyProps = Pick<Props, 'card' | 'day' | 'isOld'>;

/** What is done at it, about its weighing. */
function Body({ card, day, isOld }: BodyProps) {
  const { batchReckoning } = useFigures();
  const [scaleTaken, setScaleTaken] = useState(false);
  const { what, flow } = card;
  if (what === 'look')
    return (
      <>
        <Checks day={day} isOld={isOld} />
        <Cautions at={{ card: what }} batch={card.batch} />
      </>
    );
  if (what === 'at the pot') return <Cautions at={{ card: 'look' }} batch={card.batch} />;
  const { Before, After, Last } = cardScreens(what);
  const at = { card, day, scaleTaken, onTakeScale: setScaleTaken };
  const words = onScaleWords(what);
  const expected = expectedAt(what, batchReckoning);
  return (
    <>
      {Before && <Before {...at} />}
      {flow && !scaleTaken && expected && words && (
        <WeighIt
          flow={flow}
          words={words.reading}
          thing={words.inBowl}
          expected={expected.range}
          mostG={expected.mostG}
        />
      )}
      {After && <After {...at} />}
      <Unaccounted />
      {Last && <Last {...at} />}
      {what !== 'chill' && what !== 'again' && <Lessons step={what} />}
      <Cautions at={{ card: what }} batch={card.batch} />
    </>
  );
}
