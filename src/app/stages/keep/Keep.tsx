import { useState } from 'react';
import { Link } from 'react-router';
import { shelvedOf } from '@/core/answers/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { useAnswer } from '../../open/useAnswer.ts';
import { useShares } from '../../open/useShares.ts';
import { useNow } from '../../browser/useNow.ts';
import { Cautions } from '../../parts/Cautions.tsx';
import { NothingYet } from '../../parts/NothingYet.tsx';
import { CloseIt } from './CloseIt.tsx';
import { CoolingOf } from './CoolingOf.tsx';
import { ForLater } from './ForLater.tsx';
import { HotWatch } from './HotWatch.tsx';
import { Left } from './Left.tsx';
import { Parcels } from './Parcels.tsx';
import { Print } from './Print.tsx';
import { StartCooling } from './StartCooling.tsx';
import css from './keep.module.scss';

/** What is left over: cooled in time, packed, labelled, and put on the shelf. */
export default function Keep() {
  const { opened, batch } = useOpenMeal();
  const { reckoning } = useFigures();
  const now = useNow();
  const [open, setOpen] = useState<string>();
  const anything = batch.cools?.some(({ done }) => done === undefined) ?? false;
  const { data: cools } = useAnswer('cooling', { now }, { enabled: anything });
  // What no plate gets, as the plates show it.
  const { data: shares } = useShares();
  if (reckoning.meal.shredG.mid === 0) return <NothingYet title="What is left" />;
  const running = (cools ?? []).filter((one) => one.batch === batch.id && !one.done);
  const first = running.find(({ keeps }) => !keeps) ?? running[0];
  const shown = running.find(({ id }) => id === open) ?? first;
  const left = shelvedOf(opened, batch.id, shares);
  return (
    <>
      {shown ? (
        <>
          {running.length > 1 && (
            <p className="choices">
              {running.map(({ id, what }) => (
                <button
                  key={id}
                  type="button"
                  className="link"
                  aria-pressed={shown.id === id}
                  onClick={() => setOpen(id)}
                >
                  {what}
                </button>
              ))}
            </p>
          )}
          <CoolingOf of={shown} now={now} />
        </>
      ) : (
        <h1>
          {anything && !cools
            ? 'Working out the cooling'
            : left.length > 0
              ? 'Cool it fast, then box it'
              : 'Nothing is left over'}
        </h1>
      )}
      <ForLater />
      <StartCooling running={running.map(({ what }) => what)} shares={shares} />
      <section className={css.pack} aria-labelledby="pack-title">
        <h2 id="pack-title">Then pack</h2>
        <Left left={left} />
        <p>
          <Link to="/shelf">To the shelf</Link>
        </p>
      </section>
      <HotWatch now={now} />
      <Parcels />
      <Print />
      <CloseIt />
      <Cautions at={{ sheet: 'keep' }} />
    </>
  );
}
