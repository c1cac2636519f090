import { type Day, isChilled, isEvent, usualDay, withChilling } from '@/core/meal/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { editBatch, editDay } from '../../open/edits/index.ts';
import { withKey } from '../../open/withOrWithout.ts';
import { Choice } from '../../parts/fields/Choice.tsx';
import { Checkbox } from '../../parts/fields/Checkbox.tsx';
import { HALVES } from '../../parts/fields/halves.ts';
import { SelectField } from '../../parts/fields/SelectField.tsx';
import { TimeField } from '../../parts/fields/WallField.tsx';
import { Cooks } from './Cooks.tsx';

const chances = ['0.5', '0.8', '0.9', '0.95'] as const;
const chanceWords = chances.map((value) => ({ value, words: `${Math.round(100 * Number(value))} in 100` }));

/** How sure it must be, how many cook, and between which hours. */
export function Who() {
  const { loaded, batch } = useOpenMeal();
  const { meal } = loaded;
  const day = meal.day ?? {};
  const edit = (words: string, change: Partial<Day>) => {
    editDay(meal.id, words, (d) => ({ ...d, ...change }));
  };
  const chance = chances.find((value) => Number(value) === (day.chance ?? usualDay.chance)) ?? '0.9';
  return (
    <div className="choices">
      <Choice
        legend="Ready in time"
        value={chance}
        options={chanceWords}
        onChoose={(value) => {
          edit('how sure the day is', { chance: Number(value) });
        }}
      />
      <Cooks />
      <TimeField
        label="Nobody works before"
        value={day.from ?? usualDay.from}
        onChange={(from) => {
          if (from !== '') edit('the hours', { from });
        }}
      />
      <TimeField
        label="nor after"
        value={day.to ?? usualDay.to}
        onChange={(to) => {
          if (to !== '') edit('the hours', { to });
        }}
      />
      {(day.home !== undefined || isEvent(meal)) && (
        <SelectField
          label="home by, on days without a sitting"
          value={day.home ?? ''}
          onChoose={(home) =>
            editDay(meal.id, 'when all go home', (d) => withKey(d, 'home', home === '' ? undefined : home))
          }
        >
          <option value="">as on the others</option>
          {HALVES.map((time) => (
            <option key={time}>{time}</option>
          ))}
        </SelectField>
      )}
      <Checkbox
        checked={isChilled(batch)}
        onTick={(chill) => {
          editBatch(batch.id, 'the day before', (b) => withChilling(b, chill));
        }}
      >
        {batch.name} the day before, chilled overnight
      </Checkbox>
      <Checkbox
        checked={day.forward ?? false}
        onTick={(forward) => {
          editDay(meal.id, 'how the day is timed', ({ forward: _, ...d }) =>
            forward ? { ...d, forward: true } : d,
          );
        }}
      >
        start now, serve when ready
      </Checkbox>
    </div>
  );
}
