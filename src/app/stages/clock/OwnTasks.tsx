import { useState } from 'react';
import { type OwnTask, taskNeeds, taskWhens, usualTasks } from '@/core/meal/index.ts';
import { onionMinutes } from '@/core/day/index.ts';
import type { Quantity } from '@/core/quantity/index.ts';
import { resourceWords } from '@/words/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { editDay } from '../../open/edits/index.ts';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { SelectField } from '../../parts/fields/SelectField.tsx';
import { TextField } from '../../parts/fields/TextField.tsx';
import { Checkbox } from '../../parts/fields/Checkbox.tsx';

const min = (n: number): Quantity => ({ text: `${n} min`, lo: n, hi: n });
const whens: Readonly<Record<OwnTask['when'], string>> = {
  serving: 'before serving',
  'the pot': 'before the pot',
  'any time': 'any time before',
};

/** Onions brown by their weight and their pan: how many there are says how long it takes. */
function Onions({ onMinutes }: { readonly onMinutes: (minutes: number) => void }) {
  const { kitchen } = useOpenMeal().loaded;
  const pans = kitchen.vessels.filter(({ kind }) => kind === 'pan').map(({ widthCm }) => widthCm);
  const [grams, setGrams] = useState<Quantity>({ text: '' });
  return (
    <QuantityField
      label="onions in it"
      quantity={grams}
      measure="mass"
      placeholder="1 kg"
      chars={7}
      onChange={(quantity) => {
        setGrams(quantity);
        if (quantity.lo !== undefined)
          onMinutes(5 * Math.round(onionMinutes(quantity.lo, Math.max(USUAL_PAN, ...pans)) / 5));
      }}
    />
  );
}
/** Where the kitchen has no pan, cm. */
const USUAL_PAN = 28;

/** How often a task may be done. */
const counts = [1, 2, 3, 4, 5, 6, 8, 10, 12];

/** What else has to be done that day, beside what the pots ask. */
export function OwnTasks() {
  const { meal } = useOpenMeal().loaded;
  const [words, setWords] = useState('');
  const [minutes, setMinutes] = useState<Quantity>(min(15));
  const [needs, setNeeds] = useState('');
  const [when, setWhen] = useState<OwnTask['when']>('serving');
  const [alone, setAlone] = useState(false);
  const [every, setEvery] = useState<Quantity>({ text: '' });
  const [times, setTimes] = useState('1');
  const add = (task: Omit<OwnTask, 'id'>) => {
    const id = crypto.randomUUID();
    editDay(meal.id, 'a task', (day) => ({ ...day, tasks: [...(day.tasks ?? []), { ...task, id }] }));
  };
  const need = taskNeeds.find((one) => one === needs);
  return (
    <section aria-label="What else has to be done">
      <p className="asks">
        {usualTasks.map((task) => (
          <button key={task.words} type="button" className="link" onClick={() => add(task)}>
            + {task.words.toLowerCase()}
          </button>
        ))}
      </p>
      <div className="choices">
        <TextField label="Task" value={words} onChange={setWords} />
        {/onion/i.test(words) && <Onions onMinutes={(n) => setMinutes(min(n))} />}
        <QuantityField label="takes" quantity={minutes} measure="duration" chars={8} onChange={setMinutes} />
        <SelectField label="needs" value={needs} onChoose={setNeeds}>
          <option value="">nothing else</option>
          {taskNeeds.map((one) => (
            <option key={one} value={one}>
              {resourceWords(one)}
            </option>
          ))}
        </SelectField>
        <SelectField
          label="due"
          value={when}
          onChoose={(value) => setWhen(taskWhens.find((one) => one === value) ?? 'serving')}
        >
          {taskWhens.map((one) => (
            <option key={one} value={one}>
              {whens[one]}
            </option>
          ))}
        </SelectField>
        <SelectField label="done" value={times} onChoose={setTimes}>
          {counts.map((n) => (
            <option key={n} value={n}>
              {n === 1 ? 'once' : `${String(n)} times`}
            </option>
          ))}
        </SelectField>
        {Number(times) > 1 && (
          <QuantityField
            label="every"
            quantity={every}
            measure="duration"
            placeholder="30 min"
            chars={8}
            onChange={setEvery}
          />
        )}
        <Checkbox checked={alone} onTick={setAlone}>
          runs by itself
        </Checkbox>
        <button
          type="button"
          className="btn act"
          disabled={words.trim() === '' || minutes.lo === undefined}
          onClick={() => {
            add({
              words: words.trim(),
              minutes,
              when,
              ...(need && { needs: need }),
              ...(alone && { alone: true }),
              ...(Number(times) > 1 && {
                again: { every: every.lo === undefined ? min(30) : every, times: Number(times) },
              }),
            });
            setWords('');
            setTimes('1');
          }}
        >
          Put it into the day
        </button>
      </div>
    </section>
  );
}
