import type { Lot, OwnCut } from '@/core/batch/schema.ts';
import { reference } from '@/reference/index.ts';
import { useOpenMeal } from '../data/MealContext.ts';
import { editLot } from '../data/edits.ts';
import { usePainted } from '../data/usePainted.ts';
import { SelectField } from '../parts/SelectField.tsx';

const species = ['beef', 'lamb', 'pork'] as const;

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

/** All cuts by species, and the kitchen's own. The browser measures each, so they wait for the first picture. */
function CutOptions({ own }: { readonly own: readonly OwnCut[] }) {
  return (
    <>
      <option value="" disabled>
        choose a cut
      </option>
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
    </>
  );
}
