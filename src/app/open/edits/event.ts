import { type Meal, OWN_SITTING, type Sitting } from '@/core/meal/index.ts';
import type { Deal } from '@/core/answers/index.ts';
import { type EventWay, withMore, withSplit, withWay } from '@/core/event/index.ts';
import { clockNow } from '../../browser/clock.ts';
import { change } from '../memory.ts';
import type { Quantity } from '@/core/quantity/index.ts';
import { editBatch } from './batch.ts';
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

/** Deals the meat of pots over several, as one act; where somebody is to be home by an hour, the day keeps it. */
export function takeDeal(mealId: string, found: Pick<Deal, 'pots' | 'outside' | 'home'>): void {
  const ids = found.pots.map(() => id());
  change(mealId, { words: 'dealing meat over pots' }, (edits) => {
    const row = edits.get('meals', mealId);
    if (!row) return;
    const dealt = new Set(found.pots.map(({ batch }) => batch));
    const before = [...dealt].flatMap((one) => edits.get('batches', one)?.batch ?? []);
    let made = 0;
    const { meal, batches } = withSplit(row.meal, before, found, () => ids[(made += 1)] ?? id());
    for (const one of batches) edits.put('batches', { id: one.id, mealId, batch: one });
    const { home } = found;
    edits.edit('meals', mealId, (had) => ({
      ...had,
      meal: home === undefined ? meal : { ...meal, day: { ...meal.day, home } },
    }));
  });
}

/** Takes a way out of a shortage, as one act. */
export function takeEventWay(
  mealId: string,
  words: string,
  way: EventWay,
  write: (g: number) => Quantity,
): void {
  if (way.what !== 'buy') {
    editMeal(mealId, words, (meal) => withWay({ meal, batches: [] }, way).meal);
    return;
  }
  editBatch(way.pot, words, (batch) => withMore(batch, way.lot, way.g, write));
}

/** Closes several pots as one act. */
export function closeBatches(mealId: string, batches: readonly string[]): void {
  const at = clockNow();
  change(mealId, { words: 'closing the pots' }, (edits) => {
    for (const one of batches)
      edits.edit('batches', one, (row) => ({
        ...row,
        batch: { ...row.batch, closed: row.batch.closed ?? { at } },
      }));
  });
}
