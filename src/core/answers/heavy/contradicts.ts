import { MINUTE_MS } from '../../quantity/index.ts';
import { type Entry, standingEntries } from '../../meal/index.ts';
import { cookOf } from '../../clock/index.ts';
import type { OpenedMeal } from '../../model/index.ts';

/** Less likely than this, after all that was said before, and a fork contradicts it (estimate). */
const UNTHINKABLE = 0.02;

/** The last fork that this one can hardly be squared with; null if it can. */
export function contradicts(meal: OpenedMeal, { check }: { readonly check: Entry }): Entry | null {
  const { measures, at } = check;
  if (measures.what !== 'check') return null;
  const plan = meal.plan.batches.find(({ id }) => id === check.batch);
  const lidOn = plan?.batch.lidOn;
  if (!plan?.ready || lidOn === undefined) return null;
  const minutes = cookOf(plan.batch.cook).potFrom + (at - lidOn) / MINUTE_MS;
  const seen = { minutes, feel: measures.feel, big: measures.pieces === 'big' };
  const { odds, lots } = plan.ready;
  const asked = lots.flatMap(({ id }, i) => (measures.lot === undefined || measures.lot === id ? [i] : []));
  if (asked.every((i) => odds.likely(i, seen) >= UNTHINKABLE)) return null;
  const before = standingEntries(meal.input.entries).findLast(
    (other) =>
      other.batch === check.batch &&
      other.id !== check.id &&
      other.measures.what === 'check' &&
      // Big and small pieces are different pieces: of two that differ, both may be right.
      other.measures.pieces === measures.pieces &&
      (other.measures.lot === undefined || measures.lot === undefined || other.measures.lot === measures.lot),
  );
  return before ?? null;
}
