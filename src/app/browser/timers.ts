import { MINUTE_MS } from '@/core/quantity/index.ts';
import type { TimerRow } from '@/store/kinds.ts';
import { keepRings, type PlannedRing } from '@/store/rings.ts';
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
  askToNotify();
}

/** Asks once whether the system may tell of it while the page is hidden. */
export function askToNotify(): void {
  if ('Notification' in window && Notification.permission === 'default')
    fire(Notification.requestPermission());
}

export const stopTimer = (id: string): void => fire(db.timers.delete(id));

/** Rings again in so many minutes: put off by the cook it stays there, whatever the plan says. */
export const moreOfTimer = (id: string, minutes: number): void =>
  fire(db.timers.update(id, { ends: clockNow() + minutes * MINUTE_MS, rung: 0, heard: 'later' }));

/** What the plan rang has been heard: it is not told again. */
export const heardTimer = (id: string): void => fire(db.timers.update(id, { rung: 1, heard: 'yes' }));

/** Keeps what a meal's plan rings as the plan has it. */
export const ringByPlan = (mealId: string, planned: readonly PlannedRing[]): void =>
  fire(keepRings(db, mealId, planned, clockNow()));

export const markRung = (id: string): void => fire(db.timers.update(id, { rung: 1 }));

/** All timers, the next first; of a meal that was taken away none rings. */
export const useTimers = (): readonly TimerRow[] =>
  useStored(['timers'], async () => {
    const all = await db.timers.orderBy('ends').toArray();
    if (all.every(({ mealId }) => mealId === undefined)) return all;
    const meals = new Set(await db.meals.toCollection().primaryKeys());
    return all.filter(({ mealId }) => mealId === undefined || meals.has(mealId));
  }) ?? NONE;
const NONE: readonly TimerRow[] = [];
