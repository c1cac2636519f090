import type { Dish, Meal, Sitting } from './schema.ts';

/** The meal's own sitting has no id of its own: a dish that names none is served at it. */
export const OWN_SITTING = '';

/** When and where people sit down to a meal, its own sitting first; of most meals it is the only one. */
export const sittingsOf = (meal: Meal): readonly Sitting[] => {
  const { serving, place, sent, people } = meal;
  return [
    {
      id: OWN_SITTING,
      name: meal.sitting ?? meal.name,
      ...(serving && { serving }),
      ...(place && { place }),
      ...(sent && { sent }),
      ...(people && { people }),
    },
    ...(meal.sittings ?? []),
  ];
};

/** It is served at more than one sitting: an event. */
export const isEvent = ({ sittings = [] }: Pick<Meal, 'sittings'>): boolean => sittings.length > 0;

/** The sitting of a dish; one whose sitting is gone is served at the meal's own. */
export const sittingOf = (
  { sitting }: Pick<Dish, 'sitting'>,
  { sittings = [] }: Pick<Meal, 'sittings'>,
): string => (sittings.some(({ id }) => id === sitting) ? (sitting ?? OWN_SITTING) : OWN_SITTING);
