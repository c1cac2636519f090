import clsx from 'clsx';
import { Link } from 'react-router';
import { type Batch, type Day, type Meal, OWN_SITTING, sittingsOf } from '@/core/meal/index.ts';
import { isAtPot, type Line, stillToDo } from '@/core/day/index.ts';
import type { DayPlan } from '@/core/answers/index.ts';
import { type Wall, wallTimeOf, weekdayOf, writeTime } from '@/core/clock/index.ts';
import { MINUTE_MS, writeMinutes } from '@/core/quantity/index.ts';
import { capital, doingWords, handsWords, uncapital, untilWords } from '@/words/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { WallField } from '../../parts/fields/WallField.tsx';
import { editMeal, editSitting } from '../../open/edits/index.ts';
import { useWall, zoneHere } from '../../open/useWall.ts';
import { useSettings } from '../../open/useSettings.ts';
import { useCooks } from './useCooks.ts';
import css from './clock.module.scss';

interface Props {
  readonly day: DayPlan | undefined;
  /** It is the day before what was changed last. */
  readonly isOld: boolean;
  readonly now: number;
}

/** What the cook must know first: when to begin, or when to look; and how the day is timed. */
export function Headline({ day, isOld, now }: Props) {
  const { batch, loaded } = useOpenMeal();
  const { batchReckoning } = useFigures();
  const wall = useWall(day?.zone);
  return (
    <>
      <div className="line">
        <h1 data-old={isOld || undefined}>
          {batchReckoning.ready.min === null
            ? 'No time is known for this'
            : day
              ? titleOf(day, wall, batch, loaded.meal.day?.begun, now)
              : 'Working the day out'}
        </h1>
        <ServedAt day={day} isOld={isOld} />
      </div>
      {day && (
        <div data-old={isOld || undefined}>
          <Hands day={day} now={now} />
          <Late day={day} now={now} />
        </div>
      )}
    </>
  );
}

/** Whose hands the next act of this pot wants, where hands have names. */
function Hands({ day, now }: { readonly day: DayPlan; readonly now: number }) {
  const { batch, loaded } = useOpenMeal();
  const cooks = useCooks();
  const wall = useWall(day.zone);
  const next = stillToDo(day.lines, now, loaded.meal.day?.begun).find(
    (line) => line.batch === batch.id && line.hands > 0,
  );
  const names = cooks.filter(({ id }) => next?.who?.includes(id)).map(({ name }) => name);
  if (!next || names.length === 0) return null;
  return <p className="quiet">{handsWords(names, untilWords(next.from, now, wall.clock))}</p>;
}

/** What the day hangs from, and how surely. */
function ServedAt({ day, isOld }: Pick<Props, 'day' | 'isOld'>) {
  const { meal } = useOpenMeal().loaded;
  const wall = useWall(day?.zone);
  return (
    <p className={clsx('quiet', css.servedAt)}>
      <WallField
        label="Served"
        value={meal.serving?.local ?? ''}
        onChange={(local) => {
          const zone = meal.serving?.zone ?? zoneHere();
          editMeal(
            meal.id,
            'the serving time',
            ({ serving: _, ...m }) => (local === '' ? m : { ...m, serving: { local, zone } }),
            'serving',
          );
        }}
      />
      {isOld && <span role="status">working it out</span>}
      {day && day.sittings.length > 1 && <OtherSittings day={day} />}
      {day && (
        <span data-old={isOld || undefined}>
          <HowSurely day={day} />
        </span>
      )}
      {day?.door !== undefined && (
        <span>
          out of the door by <b className="num">{wall.moment(day.door, day.serving)}</b>
        </span>
      )}
    </p>
  );
}

/** The further sittings of an event, each when it is served by this plan. */
function OtherSittings({ day }: { readonly day: DayPlan }) {
  const { meal } = useOpenMeal().loaded;
  const wall = useWall(day.zone);
  const told = day.sittings.filter(({ id }) => id !== OWN_SITTING);
  return (
    <Link to={`/meals/${meal.id}/event`}>
      {told
        .map(({ id, serving }) => `${nameOfSitting(meal, id)} ${wall.moment(serving, day.begins)}`)
        .join(', ')}
    </Link>
  );
}

const nameOfSitting = (meal: Meal, id: string): string =>
  sittingsOf(meal).find((one) => one.id === id)?.name ?? '';

/** The day it is served, and how surely it is ready by then. */
function HowSurely({ day }: { readonly day: DayPlan }) {
  const { batch } = useOpenMeal();
  const { ready } = useFigures().batchReckoning;
  // Of a time that is written: what it gives when the plan lifts it, which a fork may have put off.
  const written = ready.written?.chance ?? null;
  const chance =
    written === null ? null : (day.pots.find((pot) => pot.batch === batch.id)?.chanceAtEnd ?? written);
  return (
    <>
      {weekdayOf(day.sittings[0]?.serving ?? day.serving, day.zone)}, {chance === null ? 'ready' : 'tender'}{' '}
      <b className="num">{Math.round(100 * (chance ?? day.chance))} in 100</b>
    </>
  );
}

function titleOf(
  day: DayPlan,
  wall: Wall,
  { id: batch, lidOn: since }: Pick<Batch, 'id' | 'lidOn'>,
  begun: Day['begun'],
  now: number,
): string {
  const lidOn = since !== undefined;
  const { lines } = day;
  const mine = stillToDo(lines, now, begun).filter((line) => line.batch === batch);
  const look = mine.find(({ kind }) => kind === 'look');
  // A written time is lifted when it is over: nobody is told to look before.
  const lift = mine.find(({ does }) => does.what === 'lift');
  const begins = mine.find(({ kind, hands }) => hands > 0 && kind !== 'look');
  const at = ({ from }: Line) => wall.moment(from, now);
  const step = look ?? lift;
  const act = look ? 'test' : 'lift it';
  if (!lidOn && begins && step) {
    const start = begins.from <= now ? 'Start now' : `Start at ${at(begins)}`;
    return `${start}, ${act} at ${wall.moment(step.from, Math.max(now, begins.from))}`;
  }
  if (step) {
    const then = step.from <= now ? `${act} now` : `${act} at ${at(step)}`;
    // The day is one list: what is done to the pot before that is said before it.
    const first = mine.find(isAtPot);
    if (!first || first.from >= step.from) return capital(then);
    return `${first.from <= now ? 'Now' : `At ${at(first)}`}: ${uncapital(doingWords(first.does))}; ${then}`;
  }
  const next = mine[0];
  if (next) return `${next.from <= now ? 'Now' : `At ${at(next)}`}: ${uncapital(doingWords(next.does))}`;
  return `On the plates at ${wall.moment(nextServing(day, now), now)}`;
}

const nextServing = ({ sittings, serving: last }: DayPlan, now: number): number =>
  sittings.find(({ serving }) => serving >= now)?.serving ?? last;

/** The plan is asked for at five-minute steps: what begins within one begins now. */
const FIVE_MINUTES = 5 * MINUTE_MS;

/** It cannot be served when it was to be: said with the nearest plan that works, which one press takes. */
function Late({ day, now }: { readonly day: DayPlan; readonly now: number }) {
  const { loaded } = useOpenMeal();
  const { meal } = loaded;
  const { hours } = useSettings();
  const wall = useWall(day.zone);
  const [sooner] = day.sittings.filter(({ lateMin }) => lateMin > 0);
  if (day.sittings.every(({ asked }) => asked === undefined))
    return (
      <p className="quiet">
        No serving time is written: begun{' '}
        {day.begins <= now + FIVE_MINUTES ? 'now' : `at ${wall.moment(day.begins, now)}`}, it is served at{' '}
        {wall.moment(day.serving, now)}.
      </p>
    );
  // Where the hours are what makes it late, that is said with what would do.
  if (
    !sooner ||
    sooner.asked === undefined ||
    day.unplanned ||
    meal.day?.forward ||
    day.outside?.serving !== undefined
  )
    return null;
  // Nobody starts what is on the heat.
  const begun = loaded.batches.some(({ lidOn }) => lidOn !== undefined);
  const { serving } = sooner;
  const asked = writeTime(wallTimeOf(sooner.asked, day.zone).local.slice(11), hours);
  const past = sooner.asked <= now;
  const at = wall.moment(serving, now);
  const late = writeMinutes(sooner.lateMin).value;
  const start = day.begins <= now + FIVE_MINUTES ? 'start now' : `start at ${wall.moment(day.begins, now)}`;
  return (
    <div className="problem">
      <p className="wrong" role="alert">
        {past
          ? `${asked} has passed. ${capital(start)}, serve at ${at}.`
          : begun
            ? `${asked} is too soon for what is on the heat: serve at ${at}, ${late} late.`
            : `${asked} is too soon: ${start}, serve at ${at}, ${late} late.`}
      </p>
      <p className="remedies">
        <button
          type="button"
          className="btn btn-sm act"
          onClick={() => {
            editSitting(meal.id, sooner.id, 'the serving time', (one) => ({
              ...one,
              serving: wallTimeOf(serving, day.zone),
            }));
          }}
        >
          Serve at {at}
        </button>
      </p>
    </div>
  );
}
