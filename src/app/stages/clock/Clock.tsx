import { useState } from 'react';
import type { DayPlan } from '@/core/answers/index.ts';
import { writeMinutes } from '@/core/quantity/index.ts';
import { dayNoteWords } from '@/words/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { useNow } from '../../browser/useNow.ts';
import { Cautions } from '../../parts/Cautions.tsx';
import { NothingYet } from '../../parts/NothingYet.tsx';
import { Problems } from '../../parts/Problems.tsx';
import { Lessons } from '../../parts/Lessons.tsx';
import { FieldError } from '../../parts/FieldError.tsx';
import { FromLog } from '../../parts/FromLog.tsx';
import { Checks } from '../../parts/Checks.tsx';
import { StartNow } from './StartNow.tsx';
import { DayPicture } from './day/DayPicture.tsx';
import { NoPlace } from './NoPlace.tsx';
import { Headline } from './Headline.tsx';
import { Here } from './Here.tsx';
import { BoilsCovered } from './BoilsCovered.tsx';
import { Written } from './Written.tsx';
import { HeatRow } from './HeatRow.tsx';
import { OutsideHours } from './OutsideHours.tsx';
import { PotReading } from '../../parts/PotReading.tsx';
import { ServiceNow } from './ServiceNow.tsx';
import { StillGood, TakenOut } from './TakenOut.tsx';
import { useCooks } from './useCooks.ts';
import { Whose } from './Whose.tsx';
import { useDay } from '../../open/useDay.ts';
import { useWall } from '../../open/useWall.ts';
import { type Fold, Foot } from './Foot.tsx';

/** When to begin, when to look, when it is served: the whole day, and what a fork says of it. */
export default function Clock() {
  const { batch, loaded } = useOpenMeal();
  const { batchReckoning } = useFigures();
  const now = useNow();
  const wall = useWall();
  const { day, isOld, levelling, failed } = useDay(loaded, now);
  const [fold, setFold] = useState<Fold>();
  const [whose, setWhose] = useState('');
  const cooks = useCooks();
  const { ready, meat, boils } = batchReckoning;
  const vesselName = (id: string) => loaded.kitchen.vessels.find((vessel) => vessel.id === id)?.name;
  if (meat.rawG.mid === 0) return <NothingYet title="When it is tender" />;
  if (fold === 'service' && day)
    return (
      <>
        <p className="asks">
          <button type="button" className="link" onClick={() => setFold(undefined)}>
            back to the day
          </button>
        </p>
        <ServiceNow now={now} zone={day.zone} onDone={() => setFold(undefined)} />
      </>
    );
  return (
    <>
      {day && (
        <div data-old={isOld || undefined}>
          <NoPlace day={day} now={now} />
        </div>
      )}
      <Headline day={day} isOld={isOld} now={now} />
      {day && (
        <div data-old={isOld || undefined}>
          <OutsideHours day={day} />
        </div>
      )}
      {batch.lidOn === undefined && <HeatRow />}
      <Problems batch={batch.id} stage="clock" />
      {boils && batch.lidOn === undefined && <BoilsCovered boils={boils} />}
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
      {day && day.lines.length > 0 && (
        <p className="quiet">Hours in which nothing begins are drawn shorter.</p>
      )}
      {day?.notes
        .filter(({ what }) => what !== 'outside')
        .map((note) => dayNoteWords(note, wall, vesselName))
        .map((words) => (
          <p key={words} className="quiet" data-old={isOld || undefined}>
            {words}
          </p>
        ))}
      {day && (
        <p className="quiet" aria-live="polite">
          {levelling
            ? 'Looking for a better plan.'
            : gapWords(
                day,
                now,
                loaded.batches.some(({ lidOn }) => lidOn !== undefined),
              )}
        </p>
      )}
      {batch.lidOn === undefined && <StartNow />}
      <Lessons step="at the clock" />
      <TakenOut />
      {day && <StillGood day={day} isOld={isOld} now={now} />}
      <PotReading />
      <FromLog what="tender" />
      <p className="quiet">
        Tenderness is worked out from heat reaching the middle of each piece. Test by feel: a fork sinks in
        and turns freely. Task times are typical until you have timed yours; tap a task to begin it or to
        write its own.
      </p>
      <Cautions at={{ sheet: 'clock' }} />
    </>
  );
}

/** What of a day is one cook's; all of it where nobody is chosen, or has gone since. */
const daysOf = (day: DayPlan, whose: string): DayPlan => {
  const lines = day.lines.filter(({ who }) => who?.includes(whose));
  return lines.length > 0 ? { ...day, lines } : day;
};

/** A bound further off says nothing, min. */
const SAYS_NOTHING = 120;

function gapWords({ gapMin, hangs, begins }: DayPlan, now: number, isOn: boolean): string | undefined {
  if (gapMin > SAYS_NOTHING) return undefined;
  if (gapMin === 0) {
    if (!hangs) return 'This plan serves as soon as it can.';
    // What has begun starts no more.
    return begins > now && !isOn ? 'This plan starts as late as it can.' : 'No plan is better than this.';
  }
  const { value } = writeMinutes(gapMin);
  return hangs
    ? `The best start is at most ${value} later.`
    : `The best plan serves at most ${value} sooner.`;
}
