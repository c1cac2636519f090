import { MINUTE_MS } from '@/core/quantity/index.ts';
import { useEffect, useState } from 'react';
import { Bell } from 'lucide-react';
import { useSettings } from '../../../open/useSettings.ts';
import { heardTimer, markRung, moreOfTimer, stopTimer, useTimers } from '../../../browser/timers.ts';
import { notify, ring, say } from './ring.ts';
import css from './timers.module.scss';
import { clockNow } from '../../../browser/clock.ts';

const TICK = 1000;
/** Rung later than this, it was missed: the page slept or was closed. */
const LATE = 20_000;

/** The timers that run, on every page; the ones that ring, and the ones that rang while nobody was here. */
export default function Ringing() {
  const timers = useTimers();
  const { rings } = useSettings();
  const [now, setNow] = useState(() => clockNow());
  const next = timers.find(({ rung, heard }) => rung === 0 && heard !== 'yes');
  useEffect(() => {
    if (timers.length === 0) return undefined;
    const tick = setInterval(() => setNow(clockNow()), TICK);
    return () => clearInterval(tick);
  }, [timers.length]);
  const due = next !== undefined && next.ends <= now ? next : undefined;
  useEffect(() => {
    if (!due) return;
    markRung(due.id);
    if (clockNow() - due.ends > LATE) return;
    notify(due.mealId === undefined ? `${due.name}: time is up` : due.name);
    // What the cook has set by hand is heard, whatever is said of the plan's.
    if (due.mealId !== undefined && rings === 'silent') return;
    ring();
    if (rings === 'spoken') say(due.name);
  }, [due, rings]);
  // What the plan will ring stands in its list; here is what rings now.
  const shown = timers.filter(
    ({ mealId, ends, heard }) => mealId === undefined || (ends <= now && heard !== 'yes'),
  );
  if (shown.length === 0) return null;
  return (
    <aside className={css.timers} aria-label="Timers">
      {shown.map(({ id, name, ends, rung, mealId }) => {
        const left = ends - now;
        const over = left <= 0;
        return (
          <p key={id} className={over ? css.isOver : undefined} role={over ? 'alert' : undefined}>
            <Bell size={16} aria-hidden />
            <b>{name}</b>{' '}
            <span className="num">
              {over
                ? rung && left < -LATE
                  ? `rang ${Math.round(-left / MINUTE_MS)} min ago`
                  : mealId === undefined
                    ? 'time is up'
                    : 'now'
                : clockOf(left)}
            </span>
            {over && (
              <button type="button" className="link" onClick={() => moreOfTimer(id, 5)}>
                5 min more
              </button>
            )}
            <button
              type="button"
              className="link"
              aria-label={mealId === undefined ? `Stop the timer ${name}` : `Heard: ${name}`}
              onClick={() => (mealId === undefined ? stopTimer(id) : heardTimer(id))}
            >
              {mealId !== undefined ? 'got it' : over ? 'done' : 'stop'}
            </button>
          </p>
        );
      })}
    </aside>
  );
}

function clockOf(ms: number): string {
  const seconds = Math.ceil(ms / 1000);
  const two = (n: number) => String(n).padStart(2, '0');
  const hours = Math.floor(seconds / 3600);
  const rest = `${two(Math.floor(seconds / 60) % 60)}:${two(seconds % 60)}`;
  return hours > 0 ? `${hours}:${rest}` : rest;
}
