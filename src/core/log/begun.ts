import { type Batch, standingEntries } from '../meal/index.ts';
import type { Input } from '../model/index.ts';

/** Batches of a meal of which something was cooked, weighed or closed: of the others the log knows nothing. */
export function begunIn({ batches, entries }: Pick<Input, 'batches' | 'entries'>): readonly Batch[] {
  const standing = standingEntries(entries);
  return batches.filter(
    ({ id, lidOn, closed }) =>
      lidOn !== undefined || closed !== undefined || standing.some(({ batch }) => batch === id),
  );
}
