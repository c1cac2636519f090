import type { Vessel } from '@/core/meal/index.ts';
import { writeMass } from '@/core/quantity/index.ts';
import { useOpenMeal } from '../open/MealContext.ts';
import { editKitchen } from '../open/edits/index.ts';
import { massUnits } from '../open/useSettings.ts';
import { emptyDraft } from './emptyDraft.ts';
import { QuantityField } from './fields/QuantityField.tsx';
import { SelectField } from './fields/SelectField.tsx';
import css from './parts.module.scss';

interface Props {
  readonly what: string;
  readonly bowl: string;
  readonly onChoose: (id: string) => void;
}

/** The bowl that something is weighed in: its empty weight is asked once, and comes off ever after. */
export function Bowl({ what, bowl, onChoose }: Props) {
  const { loaded, units } = useOpenMeal();
  const { vessels } = loaded.kitchen;
  const vessel = vessels.find(({ id }) => id === bowl);
  const less = ({ tareG }: Vessel) => {
    if (tareG === undefined) return '';
    const { value, unit } = writeMass(tareG, units);
    return `, less ${value} ${unit}`;
  };
  return (
    <span className={css.inBowl}>
      <SelectField label={`${what}: weighed in`} hidden value={bowl} onChoose={onChoose}>
        <option value="">no bowl</option>
        {vessels.map((one) => (
          <option key={one.id} value={one.id}>
            in the {one.name}
            {less(one)}
          </option>
        ))}
      </SelectField>
      {vessel && vessel.tareG === undefined && (
        <QuantityField
          label={`The ${vessel.name}, empty, once`}
          quantity={undefined}
          measure="mass"
          units={massUnits(units)}
          placeholder="weigh it empty"
          draft={emptyDraft(vessel)}
          onDone={({ lo }) => {
            if (lo === undefined) return;
            editKitchen(
              'the empty weight of a vessel',
              (kitchen) => ({
                ...kitchen,
                vessels: kitchen.vessels.map((v) => (v.id === bowl ? { ...v, tareG: lo } : v)),
              }),
              loaded.meal.id,
            );
          }}
        />
      )}
    </span>
  );
}
