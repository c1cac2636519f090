import { valueAt } from '../../columns/index.ts';
import { drawsOf, type OpenedMeal } from '../../model/index.ts';

/** One stretch of what is left over (or, below nothing, short), and the share of draws in it. */
export interface MarginBin {
  readonly from: number;
  readonly to: number;
  readonly share: number;
}

export interface Margin {
  readonly bins: readonly MarginBin[];
  /** Share of draws in which there is too little. */
  readonly short: number;
}

export interface Margins {
  /** Shred, g. */
  readonly meat: Margin;
  /** ml; null where no liquid is known. */
  readonly liquid: Margin | null;
  readonly draws: number;
}

/** How many stretches a distribution is drawn with: nought always lies between two of them. */
const BINS = 24;

/** The distribution behind "enough": what is left over in each draw, as shares of the draws. */
export function margins(meal: OpenedMeal): Margins {
  const drawn = drawsOf(meal);
  const known = meal.now.every((plan) => plan.liquid !== undefined);
  return {
    meat: marginOf(drawn.shredG.map((g, d) => g - valueAt(drawn.needG, d))),
    liquid: known ? marginOf(drawn.liquidMl.map((ml, d) => ml - valueAt(drawn.needMl, d))) : null,
    draws: drawn.n,
  };
}

const marginOf = (left: Float64Array): Margin => ({
  bins: binsOf(left),
  short: left.filter((x) => x < 0).length / left.length,
});

function binsOf(left: Float64Array): MarginBin[] {
  const sorted = left.toSorted();
  const [least, most] = [valueAt(sorted, 0), sorted.at(-1) ?? 0];
  if (!(most > least)) return [];
  const width = roundUp((most - least) / BINS);
  const first = Math.floor(least / width);
  const count = Math.floor(most / width) - first + 1;
  const shares = new Float64Array(count);
  for (const x of left) {
    const at = Math.floor(x / width) - first;
    shares[at] = valueAt(shares, at) + 1 / left.length;
  }
  return Array.from(shares, (share, i) => ({
    from: (first + i) * width,
    to: (first + i + 1) * width,
    share,
  }));
}

/** 1, 2 or 5 times a power of ten, no less than x. */
function roundUp(x: number): number {
  const power = 10 ** Math.floor(Math.log10(x));
  return ([1, 2, 5].find((m) => m * power >= x) ?? 10) * power;
}
