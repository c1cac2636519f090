import type { Entry } from '../../batch/schema.ts';
import { standingEntries } from '../../batch/entries.ts';
import { cookOf } from '../../clock/index.ts';
import type { Input } from '../input.ts';
import { planMeal } from '../plan/plan.ts';

/** Less likely than this, after all that was said before, and a fork contradicts it. */
const UNTHINKABLE = 0.02;

/** The last fork that this one can hardly be squared with; undefined if it can. */
export function contradicts(input: Input, check: Entry): Entry | undefined {
  const { measures, at } = check;
  if (measures.what !== 'check') return undefined;
  const plan = planMeal(input).batches.find(({ id }) => id === check.batch);
  const lidOn = plan?.batch.lidOn;
  if (!plan?.ready || lidOn === undefined) return undefined;
  const minutes = cookOf(plan.batch.cook).potFrom + (at - lidOn) / 60_000;
  const seen = { minutes, feel: measures.feel, big: measures.pieces === 'big' };
  const { odds, lots } = plan.ready;
  const asked = lots.flatMap(({ id }, i) => (measures.lot === undefined || measures.lot === id ? [i] : []));
  if (asked.every((i) => odds.likely(i, seen) >= UNTHINKABLE)) return undefined;
  return standingEntries(input.entries).findLast(
    (other) =>
      other.batch === check.batch &&
      other.id !== check.id &&
      other.measures.what === 'check' &&
      (other.measures.lot === undefined || measures.lot === undefined || other.measures.lot === measures.lot),
  );
}
