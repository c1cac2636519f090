import { useState } from 'react';
import { type Split, splitWishes, type SplitWish } from '@/core/event/index.ts';
import { dealtWords, dayBefore } from '@/words/index.ts';
import { takeSplit } from '../open/edits/index.ts';
import { useOpenMeal } from '../open/MealContext.ts';
import { useAnswer } from '../open/useAnswer.ts';
import { Choice } from '../parts/fields/Choice.tsx';
import { SelectField } from '../parts/fields/SelectField.tsx';
import { DealtSlab } from './DealtSlab.tsx';
import { useWrites } from './Headline.tsx';

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
      {asked && <Dealt batch={batch.id} wish={wish} days={Number(days)} onTaken={() => ask(false)} />}
    </section>
  );
}

interface DealtProps {
  readonly batch: string;
  readonly wish: SplitWish;
  readonly days: number;
  readonly onTaken: () => void;
}

function Dealt({ batch, wish, days, onTaken }: DealtProps) {
  const { loaded } = useOpenMeal();
  const writes = useWrites();
  const { data, error, isPlaceholderData } = useAnswer('split', { batch, wish, days });
  if (error) return <p className="wrong">It could not be dealt ({error.message}).</p>;
  if (data === undefined) return <p role="status">Dealing.</p>;
  const one = loaded.batches.find(({ id }) => id === batch);
  if (!one || data.pots.length === 0)
    return <p>Nothing of it has a place: no vessel of the kitchen is free for it.</p>;
  const take = (found: Split) => {
    takeSplit(loaded.meal.id, batch, found);
    onTaken();
  };
  return (
    <div data-old={isPlaceholderData || undefined}>
      <p role="status">{dealtWords(data, writes)}</p>
      <DealtSlab split={data} />
      <ul>
        {data.pots.map(({ vessel, name, day, g, mostG }) => (
          <li key={`${vessel} ${String(day)}`}>
            <b className="num">{writes.mass(g)}</b> in the {name}, {dayBefore(day)}{' '}
            <span className="quiet">(it takes {writes.mass(mostG)})</span>
          </li>
        ))}
      </ul>
      <p className="choices">
        <button type="button" className="btn act is-first" onClick={() => take(data)}>
          Cook it so
        </button>
        <span className="quiet">
          {one.name} becomes {data.pots.length === 1 ? 'this one pot' : `${String(data.pots.length)} pots`},
          and every dish that draws on it draws on all of them. Undone in one.
        </span>
      </p>
    </div>
  );
}
