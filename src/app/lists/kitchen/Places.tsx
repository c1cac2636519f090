import { Plus, X } from 'lucide-react';
import type { Kitchen } from '@/core/meal/index.ts';
import { editKitchen } from '../../open/edits/index.ts';
import { withKey } from '../../open/withOrWithout.ts';
import { HALVES } from '../../parts/fields/halves.ts';
import { PlaceSelect } from '../../parts/fields/PlaceSelect.tsx';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { SelectField } from '../../parts/fields/SelectField.tsx';
import { TextField } from '../../parts/fields/TextField.tsx';
import css from './kitchen.module.scss';

type Place = NonNullable<Kitchen['places']>[number];

const editPlaces = (words: string, recipe: (all: readonly Place[]) => Place[]) =>
  editKitchen(words, (before) => ({ ...before, places: recipe(before.places ?? []) }));

/** Further kitchens, with the road between; what stands there, and who works there, says so. */
export function Places({ kitchen }: { readonly kitchen: Kitchen }) {
  const { places = [], hands = [] } = kitchen;
  return (
    <section>
      <h2>Further kitchens</h2>
      {places.length === 0 && (
        <p className="quiet">
          One kitchen so far. Where some of it is cooked elsewhere, add that kitchen: each has its own fires,
          cold, hands and hours, and what is cooked there is carried over by the day’s plan.
        </p>
      )}
      <ul className={css.heat} aria-label="Further kitchens">
        {places.map((place) => (
          <PlaceRow key={place.id} place={place} />
        ))}
      </ul>
      <button
        type="button"
        className="btn act"
        onClick={() =>
          editPlaces('another kitchen', (all) => [
            ...all,
            { id: crypto.randomUUID(), name: `kitchen ${String(all.length + 2)}` },
          ])
        }
      >
        <Plus size={16} aria-hidden /> Another kitchen
      </button>
      {places.length > 0 && (
        <ul className={css.heat} aria-label="Who works where">
          {hands.map(({ id, name, at }) => (
            <li key={id}>
              {name} works
              <PlaceSelect
                label={`Where ${name} works`}
                kitchen={kitchen}
                at={at}
                onChoose={(to) =>
                  editKitchen('who works where', (before) => ({
                    ...before,
                    hands: (before.hands ?? []).map((one) => (one.id === id ? withKey(one, 'at', to) : one)),
                  }))
                }
              />
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

function PlaceRow({ place }: { readonly place: Place }) {
  const { id, name, road, hands = 1 } = place;
  const edit = (words: string, recipe: (one: Place) => Place) =>
    editPlaces(words, (all) => all.map((one) => (one.id === id ? recipe(one) : one)));
  const hour = (key: 'from' | 'to', label: string) => (
    <SelectField
      label={label}
      value={place[key] ?? ''}
      onChoose={(value) =>
        edit('the hours of a kitchen', (one) => withKey(one, key, value === '' ? undefined : value))
      }
    >
      <option value="">as the meal</option>
      {HALVES.map((time) => (
        <option key={time}>{time}</option>
      ))}
    </SelectField>
  );
  return (
    <li>
      <TextField
        label={`Name of ${name}`}
        hidden
        value={name}
        onChange={(next) => {
          if (next !== '') edit('the name of a kitchen', (one) => ({ ...one, name: next }));
        }}
      />
      <QuantityField
        label="Road to here"
        quantity={road}
        measure="duration"
        placeholder="30 min"
        chars={8}
        draft={`place ${id} road`}
        onDone={(typed) => edit('the road between two kitchens', (one) => ({ ...one, road: typed }))}
        onEmptied={() => edit('the road between two kitchens', (one) => withKey(one, 'road', undefined))}
      />
      <SelectField
        label="hands"
        value={String(hands)}
        onChoose={(value) => edit('how many work in a kitchen', (one) => ({ ...one, hands: Number(value) }))}
      >
        {[1, 2, 3, 4, 5, 6, 8, 10].map((n) => (
          <option key={n}>{n}</option>
        ))}
      </SelectField>
      {hour('from', 'from')}
      {hour('to', 'to')}
      <button
        type="button"
        className="link quiet"
        aria-label={`Remove ${name}`}
        onClick={() => editPlaces(`removing ${name}`, (all) => all.filter((one) => one.id !== id))}
      >
        <X size={16} aria-hidden />
      </button>
    </li>
  );
}
