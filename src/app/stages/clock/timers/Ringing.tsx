import { MINUTE_MS } from '@/core/quantity/index.ts';
import { useEffect, useState } from 'react';
import { Bell } from 'lucide-react';
import { markRung, moreOfTimer, stopTimer, useTimers } from '../../../browser/timers.ts';
import { notify, ring } from './ring.ts';
import css from './timers.module.scss';
import { clockNow } from '../../../browser/clock.ts';

const TICK = 1000;
/** Rung later than this, it was missed: the page slept or was closed. */
const LATE = 20_000;

/** The timers that run, on every page; the ones that ring, and the ones that rang while nobody was here. */
export default function Ringing() {
  const timers = useTimers();
  const [now, setNow] = useState(() => clockNow());
  const next = timers.find(({ rung }) => rung === 0);
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
    ring();
    notify(`${due.name}: time is up`);
  }, [due]);
  if (timers.length === 0) return null;
  return (
    <aside className={css.timers} aria-label="Timers">
      {timers.map(({ id, name, ends, rung }) => {
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
                  : 'time is up'
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
              aria-label={`Stop the timer ${name}`}
              onClick={() => stopTimer(id)}
            >
              {over ? 'done' : 'stop'}
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
