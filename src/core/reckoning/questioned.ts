import { type Ask, asksOf } from '../bench/index.ts';
import type { OpenedMeal, ReadingOf } from '../model/index.ts';
import type { Range } from '../quantity/index.ts';

/** A weighing that can hardly be right beside all else that is known: it is asked about, and stands as it was written. */
export interface Questioned {
  readonly batch: string;
  readonly of: ReadingOf;
  readonly grams: number;
  /** What all else foretells of it, g. */
  readonly likely: Range;
  readonly asks: readonly Ask[];
}

/** What was weighed and lies beyond what is likely, with what it may be: one a batch, the one that is furthest off. */
export function questionedIn({ posterior, now, nominal, input }: OpenedMeal): readonly Questioned[] {
  return posterior.doubted().flatMap(({ batch, of, lots, value, foretold }): Questioned[] => {
    const plan = now[batch];
    if (!plan) return [];
    const masses = nominal.batches[batch]?.mass.lots ?? [];
    const boneG = of === 'shred' ? lots.reduce((sum, i) => sum + (masses[i]?.boneOut ?? 0), 0) : 0;
    const asks = asksOf(value, foretold.mid, boneG, input.kitchen.vessels);
    return [{ batch: plan.id, of, grams: value, likely: foretold, asks }];
  });
}
