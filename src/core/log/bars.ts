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

const meat = [
  'trim',
  'air',
  'bone',
  'pickings',
  'unpulled',
  'shred',
  'juice',
  'fat',
  'missing',
  'found',
] as const;
const liquid = ['pour', 'items', 'steam', 'alcohol', 'strained', 'skim', 'liquid'] as const;

/** Less than this of what went in is not drawn. */
const WORTH_DRAWING = 0.025;

/** What the meat and the liquid of a batch became, part by part; each of the two closes with what went in. */
export function strandBars(strands: Strands): {
  readonly meat: readonly StrandBar[];
  readonly liquid: readonly StrandBar[];
} {
  const least = WORTH_DRAWING * Math.max(strands.raw.grams, strands.raw.planned);
  const bars = (names: readonly StrandPartName[]) =>
    names.flatMap((part): StrandBar[] => {
      const { grams, planned, weighed } = strands[part];
      if (grams < least && planned < least) return [];
      return [{ part, ...strandParts[part], plannedG: planned, nowG: grams, weighed }];
    });
  return { meat: bars(meat), liquid: bars(liquid) };
}
