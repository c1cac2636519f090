import { MINUTE_MS } from '@/core/quantity/index.ts';
import type { TimerRow } from '@/store/kinds.ts';
import { db } from './db.ts';
import { clockNow } from './clock.ts';
import { useStored } from './useStored.ts';

const fire = (promise: Promise<unknown>) => {
  promise.catch((error: unknown) => {
    reportError(error);
  });
};

/** A timer that rings after so many minutes. What may notify is asked once, when the first is started. */
export function startTimer(name: string, minutes: number): void {
  fire(
    db.timers.add({
      id: crypto.randomUUID(),
      name,
      minutes,
      ends: clockNow() + minutes * MINUTE_MS,
      rung: 0,
    }),
  );
  if ('Notification' in window && Notification.permission === 'default')
    fire(Notification.requestPermission());
}

export const stopTimer = (id: string): void => fire(db.timers.delete(id));

export const moreOfTimer = (id: string, minutes: number): void =>
  fire(db.timers.update(id, { ends: clockNow() + minutes * MINUTE_MS, rung: 0 }));

export const markRung = (id: string): void => fire(db.timers.update(id, { rung: 1 }));

/** All timers, the next first. */
export const useTimers = (): readonly TimerRow[] =>
  useStored(['timers'], () => db.timers.orderBy('ends').toArray()) ?? NONE;
const NONE: readonly TimerRow[] = [];
