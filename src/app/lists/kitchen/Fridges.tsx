import { Plus, X } from 'lucide-react';
import { type Fridge, fridgeKinds, type Kitchen, SHELF, usualFridges } from '@/core/meal/index.ts';
import { editKitchen } from '../../open/edits/index.ts';
import { LengthField } from '../../parts/fields/LengthField.tsx';
import { PlaceSelect } from '../../parts/fields/PlaceSelect.tsx';
import { withKey } from '../../open/withOrWithout.ts';
import { OneOfField } from '../../parts/fields/OneOfField.tsx';
import { SelectField } from '../../parts/fields/SelectField.tsx';
import { TextField } from '../../parts/fields/TextField.tsx';
import css from './kitchen.module.scss';

const counts = [1, 2, 3, 4, 5, 6, 8, 10, 12, 16, 20];

/** Fridges and freezers: how many shelves each has, how wide and how high; the day lays what is cold on them. */
export function Fridges({ kitchen }: { readonly kitchen: Kitchen }) {
  const fridges = kitchen.fridges ?? usualFridges;
  const edit = (words: string, recipe: (all: readonly Fridge[]) => Fridge[]) => {
    editKitchen(words, (before) => ({ ...before, fridges: recipe(before.fridges ?? usualFridges) }));
  };
  return (
    <section>
      <h2>Cold, and boards</h2>
      <ul className={css.heat} aria-label="What keeps cold">
        {fridges.map((fridge) => (
          <FridgeRow key={fridge.id} fridge={fridge} kitchen={kitchen} edit={edit} />
        ))}
      </ul>
      <button
        type="button"
        className="btn act"
        onClick={() => {
          edit('another fridge', (all) => [
            ...all,
            { id: crypto.randomUUID(), name: 'another fridge', kind: 'fridge', shelves: 4 },
          ]);
        }}
      >
        <Plus size={16} aria-hidden /> Another fridge or freezer
      </button>
      <div className={css.altitude}>
        <SelectField
          label="Boards to cut on"
          value={String(kitchen.boards ?? '')}
          onChoose={(value) => {
            editKitchen('how many boards there are', ({ boards: _, ...before }) =>
              value === '' ? before : { ...before, boards: Number(value) },
            );
          }}
        >
          <option value="">one for each who cooks</option>
          {[1, 2, 3, 4, 5, 6, 8, 10].map((n) => (
            <option key={n} value={n}>
              {n}
            </option>
          ))}
        </SelectField>
      </div>
    </section>
  );
}

interface RowProps {
  readonly fridge: Fridge;
  readonly kitchen: Kitchen;
  readonly edit: (words: string, recipe: (all: readonly Fridge[]) => Fridge[]) => void;
}

function FridgeRow({ fridge, kitchen, edit }: RowProps) {
  const { id, name, kind, shelves } = fridge;
  const change = (words: string, changes: Partial<Fridge>) => {
    edit(words, (all) => all.map((one) => (one.id === id ? { ...one, ...changes } : one)));
  };
  return (
    <li>
      <TextField
        label={`Name of ${name}`}
        hidden
        value={name}
        onChange={(next) => {
          if (next !== '') change('the name of a fridge', { name: next });
        }}
      />
      <OneOfField
        label={`What ${name} is`}
        hidden
        among={fridgeKinds}
        value={kind}
        say={(one) => one}
        onChoose={(next) => change('what a fridge is', { kind: next })}
      />
      <SelectField
        label="shelves"
        value={String(shelves)}
        onChoose={(value) => change('the shelves of a fridge', { shelves: Number(value) })}
      >
        {counts.map((n) => (
          <option key={n} value={n}>
            {n}
          </option>
        ))}
      </SelectField>
      <LengthField
        label="Width of a shelf, cm"
        cm={fridge.widthCm ?? SHELF.widthCm}
        onChange={(widthCm) => change('the width of a shelf', { widthCm })}
      />
      <LengthField
        label="Between two, cm"
        cm={fridge.heightCm ?? SHELF.heightCm}
        onChange={(heightCm) => change('the height of a shelf', { heightCm })}
      />
      <LengthField
        label="Of shelf full already, cm"
        cm={fridge.takenCm}
        placeholder="0"
        onChange={(takenCm) => change('what stands in a fridge already', { takenCm })}
        onEmptied={() => change('what stands in a fridge already', { takenCm: 0 })}
      />
      <PlaceSelect
        label={`Where ${name} stands`}
        kitchen={kitchen}
        at={fridge.at}
        onChoose={(at) =>
          edit('where a fridge stands', (all) =>
            all.map((one) => (one.id === id ? withKey(one, 'at', at) : one)),
          )
        }
      />
      <button
        type="button"
        className="link quiet"
        aria-label={`Remove ${name}`}
        onClick={() => edit(`removing ${name}`, (all) => all.filter((one) => one.id !== id))}
      >
        <X size={16} aria-hidden />
      </button>
    </li>
  );
}
