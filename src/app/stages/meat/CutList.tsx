import { cutNames } from '@/core/meat/index.ts';
import type { OwnCut } from '@/core/meal/index.ts';
import { reference } from '@/reference/index.ts';
import { usePainted } from '../../browser/usePainted.ts';

/** The list that a field of a cut offers. */
export const CUTS_LISTED = 'cuts-listed';

/** Every cut, and every name that cooks have for one, for all fields at once. The browser measures each, so they wait for the first picture. */
export function CutList({ own }: { readonly own: readonly OwnCut[] }) {
  const painted = usePainted();
  if (!painted) return null;
  return (
    <datalist id={CUTS_LISTED}>
      {[...own, ...reference.cuts].map(({ id, name }) => (
        <option key={id} value={name} />
      ))}
      {cutNames
        .flatMap(([, names]) => names.split('|'))
        .map((name) => (
          <option key={name} value={name} />
        ))}
    </datalist>
  );
}
