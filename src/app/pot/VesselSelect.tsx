import { openPhase } from '@/core/clock/index.ts';
import { useOpenMeal } from '../data/MealContext.ts';
import { editBatch } from '../data/edits.ts';
import { SelectField } from '../parts/SelectField.tsx';

/** The vessel: the smallest that it fits, or the cook's choice. */
export function VesselSelect() {
  const { batch, batchReckoning, loaded } = useOpenMeal();
  const chosen = openPhase(batch.cook)?.vessel ?? '';
  const found = batchReckoning.pot?.vessel.name ?? '';
  return (
    <SelectField
      label="Vessel"
      hidden
      value={chosen}
      onChoose={(id) => {
        const vessel = id === '' ? undefined : id;
        editBatch(batch.id, 'the vessel', (b) => ({
          ...b,
          cook: b.cook.map((phase) => ({ ...phase, vessel })),
        }));
      }}
    >
      <option value="">
        {chosen === '' ? `${found}, the smallest that fits` : 'the smallest that fits'}
      </option>
      {loaded.kitchen.vessels.map((vessel) => (
        <option key={vessel.id} value={vessel.id}>
          {vessel.name}
        </option>
      ))}
    </SelectField>
  );
}
