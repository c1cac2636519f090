import { isStep } from '../../work/index.ts';
import { type AfterStep, type Entry, standingEntries } from '../../meal/index.ts';
import { boilDownMl, type Mark, type Reduction, reductionBy } from '../../broth/index.ts';
import { BROTH, gramsOfVolume, MAIN } from '../../work/index.ts';
import { type Input, nextOf, type NominalBatch } from '../../model/index.ts';
import { midpoint } from '../../quantity/index.ts';

/** A liquid that is boiled down: from how much to how much, its marks, and how long it has to go. */
export interface BoilsDown {
  readonly step: string;
  readonly liquid: string;
  readonly fromMl: number;
  readonly toMl: number;
  readonly marks: readonly Mark[];
  /** Undefined until a mark says that it boils. */
  readonly now: Reduction | undefined;
  /** How long it would take as it usually does. */
  readonly usual: Reduction;
}

/**
 * The reductions of a batch, in the order of its list. Marks are jug marks (ml), or the pot on the scale: then what it
 * has lost is what has gone, with the meat in or out.
 * @param now epoch, ms
 */
export function reductionsOf(
  { plan, mass }: NominalBatch,
  { entries, kitchen, learned }: Pick<Input, 'entries' | 'kitchen' | 'learned'>,
  now: number,
): readonly BoilsDown[] {
  if (!plan.liquid || mass.liquid.dry) return [];
  const standing = standingEntries(entries).filter((entry) => entry.batch === plan.id);
  const downs = plan.batch.after.filter(isStep('boil down'));
  return downs.flatMap((step): BoilsDown[] => {
    const liquid = step.liquid ?? MAIN;
    const found = boilDownMl(plan.liquid, mass.liquid, step.id);
    if (!found) return [];
    const { fromMl, toMl } = found;
    const marks = marksOf(step, standing, fromMl, kitchen);
    const here = nextOf(learned, 'reduce', '');
    const usual = reductionBy([{ at: now, ml: fromMl }], toMl, now, here);
    if (!usual) return [];
    return [{ step: step.id, liquid, fromMl, toMl, marks, now: reductionBy(marks, toMl, now, here), usual }];
  });
}

function marksOf(
  step: Extract<AfterStep, { readonly what: 'boil down' }>,
  standing: readonly Entry[],
  fromMl: number,
  { vessels }: Input['kitchen'],
): readonly Mark[] {
  const mine = standing
    .filter(({ measures }) => measures.what === 'mark' && measures.liquid === step.liquid)
    .sort((a, b) => a.at - b.at);
  const read = (entry: Entry) => midpoint(entry.value ?? undefined);
  const first = mine.find(({ measure }) => measure === 'mass');
  const before = first && read(first);
  return mine.flatMap((entry) => {
    const value = read(entry);
    if (value === undefined) return [];
    if (entry.measure === 'volume') return [{ at: entry.at, ml: gramsOfVolume(value, 1, entry.celsius) }];
    if (entry.measure !== 'mass' || before === undefined) return [];
    const tareG = vessels.find(({ id }) => id === entry.vessel)?.tareG;
    // Without the vessel's own weight it is what has gone since the first time.
    const ml = tareG === undefined ? fromMl - (before - value) : (value - tareG) / BROTH;
    return [{ at: entry.at, ml }];
  });
}
