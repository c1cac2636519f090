import { cooksOf, handsOf } from '@/core/meal/index.ts';
import { editDay } from '../../open/edits/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { Checkbox } from '../../parts/fields/Checkbox.tsx';
import { SelectField } from '../../parts/fields/SelectField.tsx';
import { NewCook } from '../../parts/NewCook.tsx';

/** Who cooks: by name, each with tasks of their own; or as many hands as there are. */
export function Cooks() {
  const { loaded } = useOpenMeal();
  const { meal, kitchen } = loaded;
  const known = kitchen.hands ?? [];
  const cooks = meal.day?.cooks ?? [];
  const hands = handsOf(meal, kitchen);
  const named = cooksOf(meal, kitchen).length;
  const turn = (id: string, on: boolean) => {
    editDay(meal.id, 'who cooks', ({ cooks: before = [], ...day }) => {
      const next = known.map((one) => one.id).filter((one) => (one === id ? on : before.includes(one)));
      return next.length > 0 ? { ...day, cooks: next } : day;
    });
  };
  return (
    <>
      <SelectField
        label="Cooks"
        value={String(hands)}
        onChoose={(value) => {
          editDay(meal.id, 'how many cook', (day) => ({ ...day, hands: Number(value) }));
        }}
      >
        {Array.from({ length: Math.max(8, hands) }, (_, i) => i + 1).map((n) => (
          <option key={n} value={n} disabled={n < named}>
            {n}
          </option>
        ))}
      </SelectField>
      {known.map((one) => (
        <Checkbox key={one.id} checked={cooks.includes(one.id)} onTick={(on) => turn(one.id, on)}>
          {one.name} cooks
        </Checkbox>
      ))}
      <NewCook />
    </>
  );
}
