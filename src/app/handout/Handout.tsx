import { lazy, Suspense, useMemo, useState } from 'react';
import { Navigate, useParams, useSearchParams } from 'react-router';
import { type DealtJob, daysOf, jobsFor } from '@/core/handout/index.ts';
import type { DayPlan } from '@/core/answers/index.ts';
import { dateOf, weekdayOf } from '@/core/clock/index.ts';
import { cooksOf } from '@/core/meal/index.ts';
import type { LoadedMeal } from '@/store/meals.ts';
import { giveTitle } from '@/words/index.ts';
import { clockNow } from '../browser/clock.ts';
import { useOpenMeal } from '../open/MealContext.ts';
import { useDay } from '../open/useDay.ts';
import { useMeal } from '../open/useMeal.ts';
import { Choice } from '../parts/fields/Choice.tsx';
import { OpenFrame } from '../shell/OpenFrame.tsx';
import { Top } from '../shell/top/Top.tsx';
import { NewCook } from '../parts/NewCook.tsx';
import { TakeBack } from './TakeBack.tsx';
import { useJobs } from './useJobs.ts';
import css from './handout.module.scss';

type Cook = ReturnType<typeof cooksOf>[number];

const Give = lazy(() => import('./Give.tsx'));
const People = lazy(() => import('./People.tsx'));

/** Each helper's part of a day handed out, and what they wrote handed back: no server between. */
export default function Handout() {
  const { mealId = '' } = useParams();
  const loaded = useMeal(mealId);
  if (loaded === undefined) return <Top />;
  const [first] = loaded?.batches ?? [];
  if (loaded === null || !first) return <Navigate to="/meals" replace />;
  return (
    <OpenFrame loaded={loaded} batchId={first.id} of="handout" wide>
      <Sheet loaded={loaded} />
    </OpenFrame>
  );
}

/** Whose part of which day is chosen, by the address. */
function useChosen(day: DayPlan | undefined, jobs: readonly DealtJob[], cooks: readonly Cook[], now: number) {
  const [search, setSearch] = useSearchParams();
  const zone = day?.zone ?? 'UTC';
  const days = useMemo(() => daysOf(jobs, zone), [jobs, zone]);
  const who = cooks.find(({ id }) => id === search.get('who')) ?? cooks[1] ?? cooks[0];
  const asked = days.find((one) => one.date === search.get('day'));
  // Today’s, or the next on which they have any.
  const own = who ? daysOf(jobsFor(jobs, who.id), zone) : [];
  const next = own.find((one) => one.date >= dateOf(now, zone)) ?? own[0] ?? days[0];
  const date = (asked ?? next)?.date;
  const show = (to: { readonly who?: string; readonly day?: string }) =>
    setSearch(
      { ...(who && { who: who.id }), ...(date !== undefined && { day: date }), ...to },
      { replace: true },
    );
  return { zone, days, who, date, show };
}

function Sheet({ loaded }: { readonly loaded: LoadedMeal }) {
  const { meal, kitchen } = useOpenMeal().loaded;
  // What is handed out stands still while a camera is held to it.
  const [made] = useState(() => clockNow());
  const { day, levelling } = useDay(loaded, made);
  const { jobs, isSharing } = useJobs(day);
  const cooks = cooksOf(meal, kitchen);
  const { zone, days, who, date, show } = useChosen(day, jobs, cooks, made);
  const [given, give] = useState<ReadonlySet<string>>(new Set());
  if (cooks.length === 0) return <Nobody />;
  const ofDay = jobs.filter(({ at }) => dateOf(at, zone) === date);
  const own = who ? jobsFor(ofDay, who.id) : [];
  const keyOf = (id: string) => `${id} ${date ?? ''}`;
  const onGiven = () => {
    const has = new Set([...given, keyOf(who?.id ?? '')]);
    give(has);
    const next = cooks.find(({ id }) => !has.has(keyOf(id)) && jobsFor(ofDay, id).length > 0);
    if (next) show({ who: next.id });
  };
  return (
    <>
      <div className="line">
        <h1>{day && who ? giveTitle(who.name, own.length) : 'Looking up who does what'}</h1>
        <p className="quiet">
          Hold their phone to the code. No network: the jobs pass by sight, and nobody else’s go with them.
        </p>
      </div>
      <div className={css.chosen}>
        <Choice
          legend="Whose part"
          value={who?.id ?? ''}
          options={cooks.map(({ id, name }) => ({
            value: id,
            words: given.has(keyOf(id)) ? `${name}, has theirs` : name,
          }))}
          onChoose={(id) => show({ who: id })}
        />
        {days.length > 1 && date !== undefined && (
          <Choice
            legend="Which day"
            value={date}
            options={days.map((one) => ({
              value: one.date,
              words: weekdayOf(Date.parse(`${one.date}T12:00Z`), 'UTC'),
            }))}
            onChoose={(to) => show({ day: to })}
          />
        )}
      </div>
      {day && who && date !== undefined && (
        <Suspense fallback={<p className="quiet">One moment.</p>}>
          <div className={css.both}>
            <People
              people={cooks.map(({ id, name, at }) => ({
                id,
                name,
                place: kitchen.places?.find((one) => one.id === at)?.name ?? '',
                jobs: jobsFor(ofDay, id),
              }))}
              chosen={who.id}
              zone={zone}
            />
            {own.length > 0 && (
              <Give
                key={keyOf(who.id)}
                {...{ day, jobs, who, date, made, onGiven }}
                unsure={levelling || isSharing}
              />
            )}
          </div>
        </Suspense>
      )}
      <TakeBack />
      <details>
        <summary>Somebody else cooks too</summary>
        <NewCook />
      </details>
    </>
  );
}

/** Jobs are handed to people, and people have names. */
function Nobody() {
  return (
    <>
      <h1>Nobody has a name here yet</h1>
      <p>A part of the day is handed to somebody: say who cooks, and the day deals out who does what.</p>
      <NewCook />
      <TakeBack />
    </>
  );
}
