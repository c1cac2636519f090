import { SelectField } from '../../../parts/fields/SelectField.tsx';
import { editDay } from '../../../open/edits/index.ts';
import { useOpenMeal } from '../../../open/MealContext.ts';
import { useCooks } from '../useCooks.ts';

interface Props {
  readonly task: string;
  /** Who does it as it is planned. */
  readonly who: readonly string[] | undefined;
}

/** Whose a task is: whoever is free, or somebody by name. */
export function GiveTo({ task, who = [] }: Props) {
  const { meal } = useOpenMeal().loaded;
  const cooks = useCooks();
  if (cooks.length < 2) return null;
  const planned = cooks.find(({ id }) => id === who[0])?.name;
  return (
    <SelectField
      label="Done by"
      value={meal.day?.whose?.[task] ?? ''}
      onChoose={(value) => {
        editDay(meal.id, 'whose task it is', ({ whose = {}, ...day }) => {
          const { [task]: _, ...others } = whose;
          return { ...day, whose: value === '' ? others : { ...others, [task]: value } };
        });
      }}
    >
      <option value="">whoever is free{planned === undefined ? '' : `, now ${planned}`}</option>
      {cooks.map(({ id, name }) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
    </SelectField>
  );
}
