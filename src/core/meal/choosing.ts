import { sameKept } from './sameKept.ts';
import type { Version } from './copies.ts';
import { withValueAt } from './joining.ts';
import type { Batch, Meal } from './schema.ts';

type HeldField = NonNullable<Meal['both']>[number];

/** The fields of which nobody has chosen yet: one that was written by hand since is decided. */
export const undecided = ({ meal, batches }: Version): readonly HeldField[] =>
  (meal.both ?? []).filter(({ at, values }) => {
    const now = withValueAt({ meal, pots: batches }, at).before ?? null;
    return values.some((value) => sameKept(value, now));
  });

/** The meal with one value of a field chosen: it stands alone there. */
export function choosing({ meal, batches }: Version, held: HeldField, value: unknown): Version {
  const { after } = withValueAt({ meal, pots: batches }, held.at, value);
  // Put where it lay: the copy that it came from was read as a meal.
  const { meal: chosen, pots } = after as { meal: Meal; pots: Batch[] };
  const { both = [], ...rest } = chosen;
  const left = both.filter(({ at }) => !sameKept(at, held.at));
  return { meal: left.length > 0 ? { ...rest, both: left } : rest, batches: pots };
}
