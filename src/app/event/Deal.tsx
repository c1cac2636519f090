import { useState } from 'react';
import { mayBeDealt, type SplitWish, splitWishes } from '@/core/event/index.ts';
import { useOpenMeal } from '../open/MealContext.ts';
import { Choice } from '../parts/fields/Choice.tsx';
import { SelectField } from '../parts/fields/SelectField.tsx';
import { HALVES } from '../parts/fields/halves.ts';
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

/** What every pot that has not begun would be chosen by. */
const ALL = '';

/** The meat of pots dealt over the vessels and days of the kitchens, shown before it is taken. */
export default function Deal() {
  const { loaded, opened } = useOpenMeal();
  const [pot, choosePot] = useState(ALL);
  const [wish, choose] = useState<SplitWish>('fewest');
  const [days, chooseDays] = useState<(typeof dayChoices)[number]['value']>('2');
  const [home, goHome] = useState(loaded.meal.day?.home ?? '');
  const [asked, ask] = useState(false);
  const may = mayBeDealt(opened.input);
  const batches = may.includes(pot) ? [pot] : may;
  const nameOf = (id: string) => loaded.batches.find((one) => one.id === id)?.name ?? '';
  return (
    <section aria-label="Deal over pots">
      <h2>Deal the meat over the vessels</h2>
      {may.length === 0 ? (
        <p className="quiet">
          {loaded.batches.some(({ lots }) => lots.length > 0)
            ? 'Every pot with meat has begun: what is in a pot is not dealt any more.'
            : 'No meat is written yet: write a weight and a cut into a pot, then it can be dealt.'}
        </p>
      ) : (
        <>
          <p className="choices">
            {may.length > 1 && (
              <SelectField label="The meat of" value={batches.length > 1 ? ALL : pot} onChoose={choosePot}>
                <option value={ALL}>
                  {may.length === loaded.batches.length ? 'all pots' : 'all pots that have not begun'}
                </option>
                {may.map((id) => (
                  <option key={id} value={id}>
                    {nameOf(id)}
                  </option>
                ))}
              </SelectField>
            )}
            <SelectField label="Everybody home by" value={home} onChoose={goHome}>
              <option value="">the meal’s own hours</option>
              {HALVES.map((time) => (
                <option key={time}>{time}</option>
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
            <Dealt
              key={batches.join(' ')}
              batches={batches}
              wish={wish}
              days={Number(days)}
              home={home}
              onDays={(n) => chooseDays(n === 2 ? '2' : '3')}
              onTaken={() => ask(false)}
            />
          )}
        </>
      )}
    </section>
  );
}
