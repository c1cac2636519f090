import { useState } from 'react';
import { splitWishes, type SplitWish } from '@/core/event/index.ts';
import { useOpenMeal } from '../open/MealContext.ts';
import { Choice } from '../parts/fields/Choice.tsx';
import { SelectField } from '../parts/fields/SelectField.tsx';
import { Dealt } from './Dealt.tsx';

const wishes: Readonly<Record<SplitWish, string>> = {
  fewest: 'fewest pots',
  equal: 'equal pots',
  early: 'before the day',
};
const dayChoices = [
  { value: '1', words: 'on the day' },
  { value: '2', words: 'and the day before' },
  { value: '3', words: 'and two days before' },
] as const;

/** One pot's meat dealt over the vessels and days of the kitchen, shown before it is taken. */
export default function Deal() {
  const { loaded } = useOpenMeal();
  const [pot, choosePot] = useState<string>();
  const batch = loaded.batches.find(({ id }) => id === pot) ?? loaded.batches[0];
  const [wish, choose] = useState<SplitWish>('fewest');
  const [days, chooseDays] = useState<(typeof dayChoices)[number]['value']>('2');
  const [asked, ask] = useState(false);
  if (!batch) return null;
  return (
    <section aria-label="Deal over pots">
      <h2>Deal one pot’s meat over the vessels</h2>
      <p className="choices">
        <SelectField label="The meat of" value={batch.id} onChoose={choosePot}>
          {loaded.batches.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </SelectField>
      </p>
      <p className="choices">
        <Choice
          legend="Wish"
          hidden
          value={wish}
          options={splitWishes.map((value) => ({ value, words: wishes[value] }))}
          onChoose={choose}
        />
        <Choice legend="Cooked" hidden value={days} options={dayChoices} onChoose={chooseDays} />
        {!asked && (
          <button type="button" className="btn act" onClick={() => ask(true)}>
            Deal
          </button>
        )}
      </p>
      {asked && (
        <Dealt key={batch.id} batch={batch} wish={wish} days={Number(days)} onTaken={() => ask(false)} />
      )}
    </section>
  );
}
