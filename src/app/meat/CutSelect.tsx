import type { Lot } from '@/core/batch/schema.ts';
import { reference } from '@/reference/index.ts';
import { useOpenMeal } from '../data/MealContext.ts';
import { editLot } from '../data/edits.ts';
import { usePainted } from '../data/usePainted.ts';
import { SelectField } from '../parts/SelectField.tsx';
import { CutOptions } from './CutOptions.tsx';

/** The cut of a lot: from the table, or the kitchen's own. */
export function CutSelect({ lot, hidden }: { readonly lot: Lot; readonly hidden: boolean }) {
  const { batch, loaded } = useOpenMeal();
  const own = loaded.kitchen.cuts;
  const painted = usePainted();
  const cut = reference.cuts.find(({ id }) => id === lot.cut) ?? own.find(({ id }) => id === lot.cut);
  const known = cut !== undefined || lot.cut === '';
  const name = cut?.name ?? (lot.cut === '' ? 'choose a cut' : `${lot.cut} (gone)`);
  return (
    <SelectField
      label="Cut"
      hidden={hidden}
      value={lot.cut}
      onChoose={(cut) => editLot(batch.id, lot.id, 'the cut of a lot', { cut })}
    >
      {painted ? <CutOptions own={own} /> : null}
      {!(painted && known) && <option value={lot.cut}>{name}</option>}
    </SelectField>
  );
}
