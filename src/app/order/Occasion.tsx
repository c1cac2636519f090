import { useOpenMeal } from '../data/MealContext.ts';
import { editMeal } from '../data/edits.ts';
import { Choice } from '../parts/fields/Choice.tsx';
import { WallField } from '../parts/fields/WallField.tsx';
import { TextField } from '../parts/fields/TextField.tsx';
import css from './order.module.scss';

const places = [
  { value: 'here', words: 'served here' },
  { value: 'kept hot', words: 'kept hot' },
  { value: 'sent out', words: 'sent out' },
] as const;

/** What the meal is called, when it is served, in the time of this place, and where. */
export function Occasion() {
  const { meal } = useOpenMeal().loaded;
  return (
    <div className={css.occasion}>
      <TextField
        label="Meal"
        value={meal.name}
        onChange={(name) => {
          editMeal(meal.id, 'the name of the meal', (m) => ({ ...m, name }), 'meal name');
        }}
      />
      <WallField
        label="Served at"
        type="datetime-local"
        value={meal.serving?.local ?? ''}
        onChange={(local) => {
          const { timeZone: zone } = Intl.DateTimeFormat().resolvedOptions();
          editMeal(
            meal.id,
            'the serving time',
            ({ serving: _, ...m }) => (local === '' ? m : { ...m, serving: { local, zone } }),
            'serving',
          );
        }}
      />
      <Choice
        legend="Served where"
        hidden
        value={meal.place ?? 'here'}
        options={places}
        onChoose={(place) => {
          editMeal(meal.id, 'where it is served', (m) => ({ ...m, place }));
        }}
      />
    </div>
  );
}
