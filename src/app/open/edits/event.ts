import { type Meal, OWN_SITTING, type Sitting } from '@/core/meal/index.ts';
import { type Split, withSplit } from '@/core/event/index.ts';
import { change } from '../memory.ts';
import { editMeal } from './order.ts';
import { id, withOne } from './act.ts';

/** The sittings of an event. */

type Told = Omit<Sitting, 'id'>;

/** Changes one of them; the meal's own is told by the meal itself. */
export function editSitting(
  mealId: string,
  sitting: string,
  words: string,
  recipe: (sitting: Told) => Told,
  field?: string,
): void {
  editMeal(
    mealId,
    words,
    (meal) =>
      sitting === OWN_SITTING
        ? withOwn(meal, recipe)
        : {
            ...meal,
            sittings: withOne(meal.sittings ?? [], sitting, (one) => ({ ...recipe(one), id: one.id })),
          },
    field === undefined ? undefined : `sitting ${sitting} ${field}`,
  );
}

function withOwn(
  { serving, place, sent, people, sitting, ...meal }: Meal,
  recipe: (sitting: Told) => Told,
): Meal {
  const { name, ...told } = recipe({
    name: sitting ?? meal.name,
    ...(serving && { serving }),
    ...(place && { place }),
    ...(sent && { sent }),
    ...(people && { people }),
  });
  return { ...meal, ...told, ...(name === meal.name && sitting === undefined ? {} : { sitting: name }) };
}

/** One more, at which nothing is served yet. */
export function addSitting(mealId: string, name: string): void {
  const made = id();
  editMeal(mealId, 'another sitting', (meal) => ({
    ...meal,
    sitting: meal.sitting ?? meal.name,
    sittings: [...(meal.sittings ?? []), { id: made, name }],
  }));
}

/** Takes one away: its dishes go to the meal's own; without a further one it is a single meal again. */
export function removeSitting(mealId: string, sitting: string): void {
  editMeal(mealId, 'taking a sitting away', ({ sittings = [], sitting: own, ...meal }) => {
    const left = sittings.filter((one) => one.id !== sitting);
    return {
      ...meal,
      dishes: meal.dishes.map(({ sitting: at, ...dish }) =>
        at === undefined || at === sitting ? dish : { ...dish, sitting: at },
      ),
      ...(left.length > 0 && { sittings: left, ...(own !== undefined && { sitting: own }) }),
    };
  });
}

/** Deals a pot's meat over several, as one act. */
export function takeSplit(mealId: string, batchId: string, found: Split): void {
  const ids = found.pots.map(() => id());
  change(mealId, { words: 'dealing a pot over several' }, (edits) => {
    const row = edits.get('meals', mealId);
    const batch = edits.get('batches', batchId)?.batch;
    if (!row || !batch) return;
    let made = 0;
    const { meal, batches } = withSplit(row.meal, [batch], batchId, found, () => ids[(made += 1)] ?? id());
    for (const one of batches) edits.put('batches', { id: one.id, mealId, batch: one });
    edits.edit('meals', mealId, (before) => ({ ...before, meal }));
  });
}
