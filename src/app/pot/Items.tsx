import { X } from 'lucide-react';
import type { Item } from '@/core/batch/schema.ts';
import { itemsOf } from '@/core/pot/index.ts';
import { writeMass, writeVolume } from '@/core/quantity/index.ts';
import { ingredientsOf } from '@/core/reckoning/input.ts';
import { reference } from '@/reference/index.ts';
import { useOpenMeal } from '../data/MealContext.ts';
import { editItems } from '../data/edits.ts';
import { QuantityField } from '../parts/QuantityField.tsx';
import { HeldInPot } from './HeldInPot.tsx';
import { IngredientSearch } from './IngredientSearch.tsx';

/** What goes in, in order. What has no amount is poured to the line, or its usual share. */
export function Items() {
  const { batch } = useOpenMeal();
  return (
    <section className="items" aria-label="What goes in">
      <ul>
        {itemsOf(batch).map((item) => (
          <ItemRow key={item.id} item={item} />
        ))}
      </ul>
      <IngredientSearch />
      <HeldInPot />
    </section>
  );
}

function ItemRow({ item }: { readonly item: Item }) {
  const { batch, batchReckoning, units, loaded } = useOpenMeal();
  const ingredient = ingredientsOf({ kitchen: loaded.kitchen, reference }).find(({ id }) => id === item.ref);
  const planned = batchReckoning.pot?.items.find(({ id }) => id === item.id);
  const name = ingredient?.name ?? `${item.ref} (gone)`;
  const written =
    planned && (planned.role === 'liquid' ? writeVolume(planned.ml, units) : writeMass(planned.grams, units));
  return (
    <li>
      <b>{name}</b>
      {planned?.solved && (
        <small className="quiet">{planned.role === 'liquid' ? 'to the line' : 'the usual'}</small>
      )}
      <QuantityField
        label={`How much ${name}`}
        hidden
        quantity={item.amount}
        measure={ingredient?.pieceG === undefined ? ['mass', 'volume'] : ['mass', 'volume', 'count']}
        placeholder={written ? `${written.value} ${written.unit}` : ''}
        chars={9}
        onChange={(amount, measure) => {
          editItems(
            batch.id,
            `how much ${name}`,
            (items) =>
              items.map((known) =>
                known.id === item.id
                  ? {
                      ...known,
                      amount: amount.text === '' ? undefined : amount,
                      measure:
                        measure === 'mass' || measure === 'volume' || measure === 'count'
                          ? measure
                          : undefined,
                    }
                  : known,
              ),
            `${item.id} amount`,
          );
        }}
      />
      <button
        type="button"
        className="link quiet"
        aria-label={`Take out ${name}`}
        onClick={() => {
          editItems(batch.id, `leaving out ${name}`, (items) => items.filter(({ id }) => id !== item.id));
        }}
      >
        <X size={16} aria-hidden />
      </button>
    </li>
  );
}
