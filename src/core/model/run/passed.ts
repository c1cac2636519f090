import type { Entry } from '../../meal/index.ts';
import type { Weighable } from '../../ledger/index.ts';

/** What of each passes a bowl before it is weighed: eaten it is missing in it, found late it lies in it. */
const onScale: Readonly<Partial<Record<Weighable, Readonly<Partial<Record<Weighable, 1 | -1>>>>>> = {
  cooked: { foundLate: -1 },
  shred: { foundLate: -1, eaten: 1, thrown: 1 },
  liquid: { drunk: 1, pouredAway: 1 },
};

/**
 * What a weighing has to be corrected by, g: what was eaten or thrown away before it had been in the bowl, what was found
 * late before it came another way.
 * @param gramsOf an entry in grams
 */
export function passedBefore(
  reading: Entry,
  entries: readonly Entry[],
  lots: number,
  gramsOf: (entry: Entry) => number | undefined,
): number {
  const of = reading.measures;
  if (!('flow' in of)) return 0;
  const corrects = onScale[of.flow];
  if (!corrects) return 0;
  let sum = 0;
  for (const entry of entries) {
    const { measures } = entry;
    if (!('flow' in measures) || entry.at > reading.at) continue;
    const sign = corrects[measures.flow];
    // Of one lot and of all of them are the same where there is but one.
    const same =
      lots === 1 ||
      (of.what === measures.what &&
        (of.what !== 'flow' || measures.what !== 'flow' || of.lot === measures.lot));
    if (sign !== undefined && same) sum += sign * (gramsOf(entry) ?? 0);
  }
  return sum;
}
