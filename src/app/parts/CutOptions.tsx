import type { OwnCut } from '@/core/meal/index.ts';
import { reference } from '@/reference/index.ts';

const species = [...new Set(reference.cuts.map((cut) => cut.species))];

/** All cuts by animal, and the kitchen's own. The browser measures each, so they wait for the first picture. */
export function CutOptions({ own }: { readonly own: readonly OwnCut[] }) {
  return (
    <>
      <option value="" disabled>
        choose a cut
      </option>
      {species.map((name) => (
        <optgroup key={name} label={name}>
          {reference.cuts
            .filter((cut) => cut.species === name && !cut.pools)
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
