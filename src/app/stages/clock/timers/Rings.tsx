import { changeSettings } from '../../../open/edits/index.ts';
import { useOpenMeal } from '../../../open/MealContext.ts';
import { useSettings } from '../../../open/useSettings.ts';
import { useWall } from '../../../open/useWall.ts';
import { useNow } from '../../../browser/useNow.ts';
import { askToNotify, heardTimer, moreOfTimer, useTimers } from '../../../browser/timers.ts';
import { Choice } from '../../../parts/fields/Choice.tsx';
import css from './timers.module.scss';

const BELL = 'bell';
const ways = [
  { value: BELL, words: 'a bell' },
  { value: 'spoken', words: 'bell and voice' },
  { value: 'silent', words: 'silent' },
] as const;
/** Put off by so much, min. */
const LATER = 10;

/** What will ring by itself from the lid on, in order; each may be put off or left out, and all told by a bell, a voice or in silence. */
export function Rings() {
  const { loaded } = useOpenMeal();
  const settings = useSettings();
  const wall = useWall();
  const now = useNow();
  const coming = useTimers().filter(
    ({ mealId, heard, rung }) => mealId === loaded.meal.id && heard !== 'yes' && rung === 0,
  );
  return (
    <section aria-label="What will ring">
      <Choice
        legend="What the plan rings is told by"
        value={settings.rings ?? BELL}
        options={ways}
        onChoose={(value) => {
          askToNotify();
          const { rings: _, ...others } = settings;
          changeSettings(value === BELL ? others : { ...others, rings: value });
        }}
      />
      {coming.length === 0 ? (
        <p className="quiet">
          From the lid on it rings by itself: looks, what goes in and comes out, turns, the lid, lifting, and
          the limits of what is held or cools.
        </p>
      ) : (
        <ol className={css.rings} aria-label="What will ring, in order">
          {coming.map(({ id, name, ends }) => (
            <li key={id}>
              <span className="num">{wall.moment(ends, now)}</span> <b>{name}</b>{' '}
              <button
                type="button"
                className="link"
                aria-label={`${String(LATER)} min later: ${name}`}
                onClick={() => moreOfTimer(id, (ends - now) / 60_000 + LATER)}
              >
                {LATER} min later
              </button>
              <button
                type="button"
                className="link"
                aria-label={`Leave out: ${name}`}
                onClick={() => heardTimer(id)}
              >
                leave out
              </button>
            </li>
          ))}
        </ol>
      )}
    </section>
  );
}
