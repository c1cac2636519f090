import { Plus, X } from 'lucide-react';
import { type Dish, type DishKind } from '@/core/batch/schema.ts';
import { usualDishes } from '@/core/order/index.ts';
import { writeMass, writeVolume } from '@/core/quantity/index.ts';
import { useOpenMeal } from '../data/MealContext.ts';
import { addDish, editMeal } from '../data/edits.ts';
import { Choice } from '../parts/Choice.tsx';
import { SelectField } from '../parts/SelectField.tsx';
import { TextField } from '../parts/TextField.tsx';
import { Enough } from '../plates/Enough.tsx';
import { DishCount } from './DishCount.tsx';

const kinds = Object.keys(usualDishes) as DishKind[];
const ways = [
  { value: 'set', words: 'full portions' },
  { value: 'even', words: 'shared even' },
] as const;

/** Who eats what: the dishes of the meal, and what they want of the pot. */
export default function Order() {
  const { loaded, reckoning, units } = useOpenMeal();
  const { meal } = loaded;
  const { needG, needMl } = reckoning.meal;
  const set = ({ value, unit }: { value: string; unit: string }) => `${value} ${unit}`;
  return (
    <>
      <div className="line">
        <h1>Who eats what</h1>
        {needG > 0 && (
          <p className="quiet">
            wants <b className="num">{set(writeMass(needG, units))}</b> of shred and{' '}
            <b className="num">{set(writeVolume(needMl, units))}</b> of liquid
          </p>
        )}
      </div>
      <p>
        <TextField
          label="Meal"
          value={meal.name}
          onChange={(name) => {
            editMeal(meal.id, 'the name of the meal', (m) => ({ ...m, name }), 'meal name');
          }}
        />
      </p>
      <ul className="dishes">
        {meal.dishes.map((dish) => (
          <DishRow key={dish.id} dish={dish} />
        ))}
      </ul>
      <p>
        <button
          type="button"
          className="btn act"
          onClick={() => {
            addDish(meal.id);
          }}
        >
          <Plus size={16} aria-hidden /> Another dish
        </button>
      </p>
      <Enough />
    </>
  );
}

function DishRow({ dish }: { readonly dish: Dish }) {
  const { loaded, reckoning, units } = useOpenMeal();
  const { meal } = loaded;
  const serving = reckoning.meal.servings.find((s) => s.dish === dish.id);
  const edit = (words: string, changes: Partial<Dish>) => {
    editMeal(meal.id, words, (m) => ({
      ...m,
      dishes: m.dishes.map((d) => (d.id === dish.id ? { ...d, ...changes } : d)),
    }));
  };
  const meatG = serving && writeMass(serving.meatG.mid, units);
  const liquidMl = serving?.liquidMl && writeVolume(serving.liquidMl.mid, units);
  return (
    <li className="dish">
      <DishCount dish={dish} short />
      <SelectField
        label="Dish"
        value={dish.kind}
        onChoose={(kind) => edit('the dish', { kind: kind as DishKind })}
      >
        {kinds.map((kind) => (
          <option key={kind} value={kind}>
            {usualDishes[kind].name}
          </option>
        ))}
      </SelectField>
      <Choice
        legend="Plates are"
        hidden
        value={dish.way ?? 'set'}
        options={ways}
        onChoose={(way) => {
          edit('how it is shared out', { way });
        }}
      />
      <span className="dish-each quiet">
        {meatG && `${meatG.value} ${meatG.unit}`}
        {liquidMl && ` + ${liquidMl.value} ${liquidMl.unit} each`}
      </span>
      {meal.dishes.length > 1 && (
        <button
          type="button"
          className="link quiet"
          aria-label={`Take out ${usualDishes[dish.kind].name}`}
          onClick={() => {
            editMeal(meal.id, 'taking a dish out', (m) => ({
              ...m,
              dishes: m.dishes.filter((d) => d.id !== dish.id),
            }));
          }}
        >
          <X size={16} aria-hidden />
        </button>
      )}
    </li>
  );
}
