import type { Lot } from '@/core/batch/schema.ts';
import { reference } from '@/reference/index.ts';
import { useOpenMeal } from '../data/MealContext.ts';
import { editLot } from '../data/edits.ts';
import { SelectField } from '../parts/SelectField.tsx';

const species = ['beef', 'lamb', 'pork'] as const;

/** The cut of a lot: from the table, or the kitchen's own. */
export function CutSelect({ lot, hidden }: { readonly lot: Lot; readonly hidden: boolean }) {
  const { batch, loaded } = useOpenMeal();
  const own = loaded.kitchen.cuts;
  const known = reference.cuts.some((cut) => cut.id === lot.cut) || own.some((cut) => cut.id === lot.cut);
  return (
    <SelectField
      label="Cut"
      hidden={hidden}
      value={lot.cut}
      onChoose={(cut) => editLot(batch.id, lot.id, 'the cut of a lot', { cut })}
    >
      <option value="" disabled>
        choose a cut
      </option>
      {!known && lot.cut !== '' && <option value={lot.cut}>{lot.cut} (gone)</option>}
      {species.map((name) => (
        <optgroup key={name} label={name}>
          {reference.cuts
            .filter((cut) => cut.species === name)
            .map((cut) => (
              <option key={cut.id} value={cut.id}>
                {cut.name}
              </option>
            ))}
        </optgroup>
      ))}
      {own.length > 0 && (
        <optgroup label="own">
          {own.map((cut) => (
            <option key={cut.id} value={cut.id}>
              {cut.name}
            </option>
          ))}
        </optgroup>
      )}
    </SelectField>
  );
}
