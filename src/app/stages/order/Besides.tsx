import { X } from 'lucide-react';
import type { Avoidable, Dish } from '@/core/meal/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { editDish } from '../../open/edits/index.ts';
import { Checkbox } from '../../parts/fields/Checkbox.tsx';
import { HoldsField } from '../../parts/fields/HoldsField.tsx';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { TextField } from '../../parts/fields/TextField.tsx';

type Beside = NonNullable<Dish['besides']>[number];

/** What goes on a dish besides the meat and its liquid: it is listed, counted, and guests are warned of it. */
export function Besides({ dish }: { readonly dish: Dish }) {
  const { meal } = useOpenMeal().loaded;
  const all = dish.besides ?? [];
  const edit = (words: string, change: (before: readonly Beside[]) => Beside[], field?: string) => {
    editDish(meal.id, dish.id, words, (d) => ({ ...d, besides: change(d.besides ?? []) }), field);
  };
  const one = (id: string, changes: Partial<Beside>, field?: string) => {
    edit(
      'what goes on it besides',
      (before) => before.map((other) => (other.id === id ? { ...other, ...changes } : other)),
      field && `${id} ${field}`,
    );
  };
  return (
    <div role="group" aria-label="What goes on it besides">
      {all.map((beside) => (
        <BesideRow
          key={beside.id}
          beside={beside}
          onChange={(changes, field) => one(beside.id, changes, field)}
          onRemove={() =>
            edit('what goes on it besides', (before) => before.filter(({ id }) => id !== beside.id))
          }
        />
      ))}
      <p className="asks">
        <b>Besides</b>
        {offers
          .filter((name) => !all.some((other) => other.name === name))
          .map((name) => (
            <button
              key={name}
              type="button"
              className="link"
              onClick={() => {
                const holds = known[name];
                edit(`${name} besides`, (before) => [
                  ...before,
                  { id: crypto.randomUUID(), name, ...(holds && { holds: [...holds] }) },
                ]);
              }}
            >
              + {name}
            </button>
          ))}
        <button
          type="button"
          className="link"
          onClick={() =>
            edit('something besides', (before) => [...before, { id: crypto.randomUUID(), name: '' }])
          }
        >
          + something else
        </button>
        <Checkbox
          checked={dish.built ?? false}
          onTick={(built) => {
            editDish(meal.id, dish.id, 'who builds it', ({ built: _, ...d }) =>
              built ? { ...d, built: true } : d,
            );
          }}
        >
          guests build it
        </Checkbox>
      </p>
    </div>
  );
}

/** What often goes on a dish (common practice, no source). */
const offers = ['cheese', 'pickle', 'spread', 'something crisp', 'noodles'] as const;

/** What is in those of which one knows; of the others the label has to be read (common practice, no source). */
const known: Readonly<Partial<Record<(typeof offers)[number], readonly Avoidable[]>>> = {
  cheese: ['milk'],
  noodles: ['gluten', 'egg'],
};

interface RowProps {
  readonly beside: Beside;
  readonly onChange: (changes: Partial<Beside>, field?: string) => void;
  readonly onRemove: () => void;
}

/** One of them: its name, how much of it, and what is in it. */
function BesideRow({ beside: { name, each, holds }, onChange, onRemove }: RowProps) {
  return (
    <div className="choices">
      <TextField label="Besides" value={name} onChange={(words) => onChange({ name: words }, 'name')} />
      <QuantityField
        label="each"
        quantity={each}
        measure={['mass', 'count']}
        placeholder="1, or 30 g"
        chars={8}
        onChange={(amount, measure) =>
          onChange({ each: amount, measure: measure === 'mass' ? 'mass' : 'count' }, 'each')
        }
      />
      <HoldsField holds={holds} onChange={(next) => onChange({ holds: next })} />
      <button type="button" className="link quiet" aria-label={`Remove ${name || 'this'}`} onClick={onRemove}>
        <X size={16} aria-hidden />
      </button>
    </div>
  );
}
