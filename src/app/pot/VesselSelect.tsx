import { openPhase } from '@/core/clock/index.ts';
import { useOpenMeal } from '../data/MealContext.ts';
import { editBatch } from '../data/edits.ts';

/** The vessel: the smallest that it fits, or the cook's choice. */
export function VesselSelect() {
  const { batch, batchReckoning, loaded } = useOpenMeal();
  const chosen = openPhase(batch.cook)?.vessel ?? '';
  const found = batchReckoning.pot?.vessel.name ?? '';
  return (
    <select
      className="write"
      aria-label="Vessel"
      value={chosen}
      onChange={(event) => {
        const vessel = event.target.value === '' ? undefined : event.target.value;
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
    </select>
  );
}
