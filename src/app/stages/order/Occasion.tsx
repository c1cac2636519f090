import type { Meal } from '@/core/meal/index.ts';
import { withOrWithout } from '../../open/withOrWithout.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { editMeal } from '../../open/edits/index.ts';
import { Choice } from '../../parts/fields/Choice.tsx';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { WallField } from '../../parts/fields/WallField.tsx';
import { TextField } from '../../parts/fields/TextField.tsx';
import css from './order.module.scss';

const places = [
  { value: 'here', words: 'served here' },
  { value: 'kept hot', words: 'kept hot' },
  { value: 'sent out', words: 'sent out' },
] as const;

const ways = [
  { value: 'hot', words: 'hot, in hot boxes' },
  { value: 'cold', words: 'cold, reheated there' },
] as const;

/** How a meal that is sent out gets there: it leaves in time for that, and is filled there. */
function SentOut() {
  const { meal } = useOpenMeal().loaded;
  const edit = (
    words: string,
    change: (sent: NonNullable<Meal['sent']>) => NonNullable<Meal['sent']>,
    field?: string,
  ) => {
    editMeal(meal.id, words, (m) => ({ ...m, sent: change(m.sent ?? {}) }), field);
  };
  return (
    <>
      <QuantityField
        label="On the road"
        quantity={meal.sent?.road}
        measure="duration"
        placeholder="30 min"
        chars={8}
        onChange={(road) => {
          edit('the time on the road', (sent) => withOrWithout(sent, 'road', road), 'road');
        }}
      />
      <QuantityField
        label="To pack"
        quantity={meal.sent?.packing}
        measure="duration"
        placeholder="as usual"
        chars={8}
        onChange={(packing) => {
          edit('the time to pack', (sent) => withOrWithout(sent, 'packing', packing), 'packing');
        }}
      />
      <Choice
        legend="Sent out how"
        hidden
        value={meal.sent?.cold ? 'cold' : 'hot'}
        options={ways}
        onChoose={(way) => {
          edit('how it is sent out', ({ cold: _, ...sent }) =>
            way === 'cold' ? { ...sent, cold: true } : sent,
          );
        }}
      />
    </>
  );
}

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
      {meal.place === 'sent out' && <SentOut />}
      <TextField
        label="Notes for next time"
        value={meal.notes ?? ''}
        onChange={(notes) => {
          editMeal(
            meal.id,
            'the notes',
            ({ notes: _, ...m }) => (notes === '' ? m : { ...m, notes }),
            'meal notes',
          );
        }}
      />
    </div>
  );
}
