import type { DayPlan } from '@/core/answers/index.ts';
import { writeMinutes } from '@/core/quantity/index.ts';
import { dayNoteWords } from '@/words/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { useWall } from '../../open/useWall.ts';
import { Cautions } from '../../parts/Cautions.tsx';
import { FromLog } from '../../parts/FromLog.tsx';
import { Lessons } from '../../parts/Lessons.tsx';
import { PotReading } from '../../parts/PotReading.tsx';
import { StartNow } from './StartNow.tsx';
import { StillGood, TakenOut } from './TakenOut.tsx';

interface Props {
  readonly day: DayPlan | undefined;
  readonly isOld: boolean;
  /** A better plan is looked for. */
  readonly levelling: boolean;
  readonly now: number;
}

/** What a cook has to know of the day besides, and what is written down of the pot. */
export function AfterDay({ day, isOld, levelling, now }: Props) {
  const { batch, loaded } = useOpenMeal();
  const wall = useWall();
  const isOn = loaded.batches.some(({ lidOn }) => lidOn !== undefined);
  const vesselName = (id: string) => loaded.kitchen.vessels.find((vessel) => vessel.id === id)?.name;
  return (
    <>
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
          {levelling ? 'Looking for a better plan.' : gapWords(day, now, isOn)}
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
