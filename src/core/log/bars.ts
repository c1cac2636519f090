import { type Material, type Strands, strandParts, type StrandPartName } from '../ledger/index.ts';

/** A part of a batch's strands for the log: as foretold, as it came, and what it is made of. */
export interface StrandBar {
  readonly part: StrandPartName;
  readonly material: Material;
  readonly words: string;
  readonly plannedG: number;
  readonly nowG: number;
  readonly weighed: boolean;
}

// A record of one name each has no other keys.
const parts = Object.keys(strandParts) as StrandPartName[];

/** Less than this of what went in is not drawn. */
const WORTH_DRAWING = 0.025;

/** What the meat and the liquid of a batch became, part by part; each of the two closes with what went in. */
export function strandBars(strands: Strands): {
  readonly meat: readonly StrandBar[];
  readonly liquid: readonly StrandBar[];
} {
  const least = WORTH_DRAWING * Math.max(strands.raw.grams, strands.raw.planned);
  const bars = (of: 'meat' | 'liquid') =>
    parts.flatMap((part): StrandBar[] => {
      const { material, words, became } = strandParts[part];
      const { grams, planned, weighed } = strands[part];
      if (became !== of || (grams < least && planned < least)) return [];
      return [{ part, material, words, plannedG: planned, nowG: grams, weighed }];
    });
  return { meat: bars('meat'), liquid: bars('liquid') };
}
