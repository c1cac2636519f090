import { lazy, Suspense, useState } from 'react';
import { Plus, X } from 'lucide-react';
import type { EventFigures } from '@/core/event/index.ts';
import { isEvent, OWN_SITTING, sittingOf, type Sitting, sittingsOf } from '@/core/meal/index.ts';
import { dishName } from '@/core/order/index.ts';
import { addSitting, editDish, editSitting, removeSitting } from '../open/edits/index.ts';
import { useOpenMeal } from '../open/MealContext.ts';
import { zoneHere } from '../open/useWall.ts';
import { withOrWithout } from '../open/withOrWithout.ts';
import { QuantityField } from '../parts/fields/QuantityField.tsx';
import { SelectField } from '../parts/fields/SelectField.tsx';
import { TextField } from '../parts/fields/TextField.tsx';
import { WallField } from '../parts/fields/WallField.tsx';
import { places } from './places.ts';
import css from './event.module.scss';

const BringMeal = lazy(() => import('./BringMeal.tsx'));

/** Who sits down when and where: each sitting a row, its dishes under it. */
export function Sittings({ event }: { readonly event: EventFigures }) {
  const { meal } = useOpenMeal().loaded;
  const [bringing, bring] = useState(false);
  const sittings = sittingsOf(meal).toSorted((a, b) => order(event, a.id) - order(event, b.id));
  return (
    <section aria-label="Sittings">
      <h2>Who sits down when</h2>
      <ul className={css.sittings}>
        {sittings.map((sitting) => (
          <SittingRow key={sitting.id} sitting={sitting} />
        ))}
      </ul>
      <p className="choices">
        <button
          type="button"
          className="btn act"
          onClick={() => addSitting(meal.id, `Sitting ${String(sittings.length + 1)}`)}
        >
          <Plus size={16} aria-hidden /> Another sitting
        </button>
        <button type="button" className="btn act" onClick={() => bring(true)}>
          Bring another meal in …
        </button>
      </p>
      {bringing && (
        <Suspense>
          <BringMeal onDone={() => bring(false)} />
        </Suspense>
      )}
    </section>
  );
}

const order = ({ sittings }: EventFigures, sitting: string): number =>
  sittings.findIndex(({ id }) => id === sitting);

function SittingRow({ sitting }: { readonly sitting: Sitting }) {
  const { meal } = useOpenMeal().loaded;
  const { id, name } = sitting;
  const edit = (words: string, recipe: (one: Omit<Sitting, 'id'>) => Omit<Sitting, 'id'>, field?: string) =>
    editSitting(meal.id, id, words, recipe, field);
  const people = (who: 'adults' | 'children', label: string) => (
    <QuantityField
      label={label}
      quantity={sitting.people?.[who]}
      measure="count"
      placeholder={who === 'adults' ? '60' : '0'}
      chars={5}
      onChange={(count) => {
        edit(
          'how many sit down',
          (one) => ({ ...one, people: withOrWithout({ ...one.people }, who, count) }),
          who,
        );
      }}
    />
  );
  return (
    <li>
      <div className={css.fields}>
        <TextField
          label="Sitting"
          value={name}
          onChange={(text) => {
            edit('the name of a sitting', (one) => ({ ...one, name: text }), 'name');
          }}
        />
        <WallField
          label={`${name} is served at`}
          value={sitting.serving?.local ?? ''}
          onChange={(local) => {
            edit('when a sitting is served', ({ serving: _, ...one }) =>
              local === '' ? one : { ...one, serving: { local, zone: sitting.serving?.zone ?? zoneHere() } },
            );
          }}
        />
        <SelectField
          label="Where"
          value={sitting.place ?? 'here'}
          onChoose={(value) => {
            const place = places.find((one) => one.value === value)?.value ?? 'here';
            edit('where a sitting is served', (one) => ({ ...one, place }));
          }}
        >
          {places.map(({ value, words }) => (
            <option key={value} value={value}>
              {words}
            </option>
          ))}
        </SelectField>
        {sitting.place === 'sent out' && (
          <QuantityField
            label="On the road"
            quantity={sitting.sent?.road}
            measure="duration"
            placeholder="30 min"
            chars={8}
            onChange={(road) => {
              edit(
                'the time on the road',
                (one) => ({ ...one, sent: withOrWithout({ ...one.sent }, 'road', road) }),
                'road',
              );
            }}
          />
        )}
        {people('adults', 'Adults')}
        {people('children', 'Children')}
        {id !== OWN_SITTING && (
          <button
            type="button"
            className="link"
            aria-label={`Take ${name} away`}
            onClick={() => removeSitting(meal.id, id)}
          >
            <X size={18} aria-hidden />
          </button>
        )}
      </div>
      {isEvent(meal) && <DishesOf sitting={sitting} />}
    </li>
  );
}

/** What is served at a sitting; a dish goes to another by its choice. */
function DishesOf({ sitting: { id, name } }: { readonly sitting: Sitting }) {
  const { meal } = useOpenMeal().loaded;
  const dishes = meal.dishes.filter((dish) => sittingOf(dish, meal) === id);
  const others = sittingsOf(meal).filter((one) => one.id !== id);
  return (
    <ul className={css.dishes} aria-label={`Dishes of ${name}`}>
      {dishes.map((dish) => (
        <li key={dish.id}>
          <b className="num">{dish.count.lo ?? '?'}</b> {dishName(dish)}
          <SelectField
            label={`${dishName(dish)} is served at`}
            hidden
            value={id}
            onChoose={(to) => {
              editDish(meal.id, dish.id, 'when a dish is served', ({ sitting: _, ...d }) =>
                to === OWN_SITTING ? d : { ...d, sitting: to },
              );
            }}
          >
            <option value={id}>{name}</option>
            {others.map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}
              </option>
            ))}
          </SelectField>
        </li>
      ))}
      {dishes.length === 0 && (
        <li className="quiet">No dish yet: choose this sitting at a dish of another.</li>
      )}
    </ul>
  );
}
