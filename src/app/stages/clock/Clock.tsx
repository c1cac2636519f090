import { type ComponentProps, useState } from 'react';
import type { DayPlan } from '@/core/answers/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { useNow } from '../../browser/useNow.ts';
import { NothingYet } from '../../parts/NothingYet.tsx';
import { Checks } from '../../parts/Checks.tsx';
import { DayPicture } from './day/DayPicture.tsx';
import { NoPlace } from './NoPlace.tsx';
import { Headline } from './Headline.tsx';
import { Here } from './Here.tsx';
import { ServiceNow } from './ServiceNow.tsx';
import { useCooks } from './useCooks.ts';
import { Whose } from './Whose.tsx';
import { useDay } from '../../open/useDay.ts';
import { AfterDay } from './AfterDay.tsx';
import { BeforeDay } from './BeforeDay.tsx';
import { type Fold, Foot } from './Foot.tsx';

/** When to begin, when to look, when it is served: the whole day, and what a fork says of it. */
export default function Clock() {
  const { batch, loaded } = useOpenMeal();
  const { batchReckoning } = useFigures();
  const now = useNow();
  const { day, isOld, levelling, failed } = useDay(loaded, now);
  const [fold, setFold] = useState<Fold>();
  const [whose, setWhose] = useState('');
  const cooks = useCooks();
  const { meat } = batchReckoning;
  if (meat.rawG.mid === 0) return <NothingYet title="When it is tender" />;
  if (fold === 'service' && day)
    return <Service now={now} zone={day.zone} onDone={() => setFold(undefined)} />;
  return (
    <>
      {day && (
        <div data-old={isOld || undefined}>
          <NoPlace day={day} now={now} />
        </div>
      )}
      <Headline day={day} isOld={isOld} now={now} />
      <BeforeDay day={day} isOld={isOld} failed={failed} />
      {batch.lidOn !== undefined && <Checks day={day} isOld={isOld} />}
      {day && (
        <div data-old={isOld || undefined}>
          {day.lines.length > 0 && <DayPicture day={daysOf(day, whose)} now={now} isOld={isOld} />}
        </div>
      )}
      <Foot
        fold={fold}
        onFold={setFold}
        day={day && !day.unplanned ? daysOf(day, whose) : undefined}
        whose={cooks.find(({ id }) => id === whose)?.name}
      />
      {day && (
        <div data-old={isOld || undefined}>
          <Whose value={whose} onChoose={setWhose} />
          <Here day={day} now={now} />
        </div>
      )}
      <AfterDay day={day} isOld={isOld} levelling={levelling} now={now} />
    </>
  );
}

/** Served as it is now, with the way back. */
const Service = ({ now, zone, onDone }: ComponentProps<typeof ServiceNow>) => (
  <>
    <p className="asks">
      <button type="button" className="link" onClick={onDone}>
        back to the day
      </button>
    </p>
    <ServiceNow now={now} zone={zone} onDone={onDone} />
  </>
);

/** What of a day is one cook's; all of it where nobody is chosen, or has gone since. */
const daysOf = (day: DayPlan, whose: string): DayPlan => {
  const lines = day.lines.filter(({ who }) => who?.includes(whose));
  return lines.length > 0 ? { ...day, lines } : day;
};
