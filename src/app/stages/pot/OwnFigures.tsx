import { useState } from 'react';
import type { OwnIngredient } from '@/core/meal/index.ts';
import { fromPacket, type PacketFigures } from '@/core/pot/index.ts';
import { writeMass } from '@/core/quantity/index.ts';
import type { Ingredient } from '@/reference/types.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { editKitchen } from '../../open/edits/index.ts';
import { massUnits } from '../../open/useSettings.ts';
import { Choice } from '../../parts/fields/Choice.tsx';
import { PercentField } from '../../parts/fields/PercentField.tsx';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { HoldsField } from '../../parts/fields/HoldsField.tsx';
import { FieldError } from '../../parts/FieldError.tsx';
import css from './pot.module.scss';

const printed = [
  { part: 'fat', words: 'Fat' },
  { part: 'other', words: 'Carbohydrate, fibre' },
  { part: 'protein', words: 'Protein' },
  { part: 'salt', words: 'Salt' },
  { part: 'alcohol', words: 'Alcohol, by weight' },
] as const;
const roles = [
  { value: 'solid', words: 'solid' },
  { value: 'liquid', words: 'poured' },
] as const;

/** What the packet of an own ingredient prints, and what it holds. */
export function OwnFigures({ ingredient }: { readonly ingredient: Ingredient }) {
  const { loaded, units } = useOpenMeal();
  const [sum, setSum] = useState<number>();
  const { per } = ingredient;
  const edit = (words: string, changes: Partial<OwnIngredient>) => {
    editKitchen(
      `${words} ${ingredient.name}`,
      (kitchen) => ({
        ...kitchen,
        ingredients: (kitchen.ingredients ?? []).map((one) =>
          one.id === ingredient.id ? { ...one, source: 'own, from its label', ...changes } : one,
        ),
      }),
      loaded.meal.id,
    );
  };
  const write = (part: keyof PacketFigures, share: number) => {
    const { fat, other, protein, salt, alcohol } = per;
    const next = fromPacket({ fat, other, protein, salt, alcohol, [part]: share });
    setSum(next.ok ? undefined : next.sum);
    if (next.ok) edit('what is in', { per: next.per });
  };
  const piece = ingredient.pieceG === undefined ? undefined : writeMass(ingredient.pieceG, units);
  return (
    <fieldset className={css.ownFigures}>
      <legend>In 100 g, by its label; the rest is water</legend>
      {printed.map(({ part, words }) => (
        <PercentField
          key={part}
          label={words}
          share={per[part] === 0 ? undefined : per[part]}
          placeholder="0 %"
          most={1}
          why="there are 100 g in 100 g"
          onChange={(share) => {
            write(part, share ?? 0);
          }}
        />
      ))}
      <Choice
        legend="It is"
        hidden
        value={ingredient.role}
        options={roles}
        onChoose={(role) => {
          edit('whether it is poured,', { role });
        }}
      />
      <QuantityField
        label="One piece weighs"
        quantity={
          piece && { text: `${piece.value} ${piece.unit}`, lo: ingredient.pieceG, hi: ingredient.pieceG }
        }
        measure="mass"
        units={massUnits(units)}
        placeholder="not by the piece"
        draft={`ingredient ${ingredient.id} piece`}
        onDone={({ lo }) => {
          if (lo !== undefined && lo !== ingredient.pieceG) edit('the piece of', { pieceG: lo });
        }}
      />
      {sum !== undefined && (
        <FieldError>
          That makes {Math.round(100 * sum)} g in 100 g: one of the figures is too high; look at the label
          again.
        </FieldError>
      )}
      <div className={css.ownHolds} role="group" aria-label={`What ${ingredient.name} contains`}>
        <HoldsField
          holds={ingredient.holds}
          onChange={(holds) => edit('what guests must know of', { holds })}
        />
      </div>
    </fieldset>
  );
}
