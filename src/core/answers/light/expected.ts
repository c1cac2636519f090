import type { BatchReckoning } from '../../reckoning/index.ts';
import type { Range } from '../../quantity/index.ts';
import type { WeighedStep } from '../../work/index.ts';
import type { BenchCard } from './bench.ts';

/** What is likely to lie on the scale, g, and what it came from: there cannot be more. */
export interface Expected {
  readonly range: Range;
  readonly mostG: number;
}

type Of = (reckoning: BatchReckoning) => { readonly range: Range | null | undefined; readonly mostG: number };

/** Beside what is likely a skim may hold much that clings: twice the fat and a ladle (estimate). */
const SKIM_MOST = { times: 2, plusG: 200 };

const expected: { readonly [W in WeighedStep | 'again']: Of } = {
  lift: ({ meat }) => ({ range: meat.onBenchG, mostG: meat.rawG.mid }),
  bone: ({ meat }) => ({ range: meat.boneOutG, mostG: meat.onBenchG.mid }),
  pick: ({ meat }) => ({ range: meat.pickingsG, mostG: meat.rawG.mid - meat.boneOutG.mid }),
  pull: ({ meat }) => ({ range: meat.shredG, mostG: meat.rawG.mid - meat.boneOutG.mid }),
  strain: ({ meat, liquid }) => ({
    range: liquid.solidsG,
    mostG: meat.rawG.mid + (liquid.pouredMl?.mid ?? 0),
  }),
  skim: ({ liquid }) => ({
    range: liquid.skimG,
    mostG: SKIM_MOST.times * (liquid.fatG?.mid ?? 0) + SKIM_MOST.plusG,
  }),
  dress: ({ dressedG }) => ({ range: { mid: dressedG }, mostG: Infinity }),
  again: ({ second }) => ({ range: second && { mid: second.shredG }, mostG: second?.backG ?? 0 }),
};

const isWeighed = (what: BenchCard['what']): what is keyof typeof expected => what in expected;

/** What a weighing at a card is likely to say; undefined where nothing is weighed, or nothing can be said. */
export function expectedAt(what: BenchCard['what'], reckoning: BatchReckoning): Expected | undefined {
  if (!isWeighed(what)) return undefined;
  const { range, mostG } = expected[what](reckoning);
  return range ? { range, mostG } : undefined;
}
