import type { Trim } from '../meal/index.ts';
import type { Composition } from '@/reference/types.ts';

/** Share of the boneless weight that each way of trimming takes off (estimates). */
const trimShare: Readonly<Record<Trim, number>> = {
  none: 0,
  'silver skin': 0.02,
  'thick fat': 0.065,
  close: 0.125,
};

/** Silver skin is connective tissue, wet and lean (estimate). */
const silverSkin: Composition = { water: 0.63, protein: 0.34, fat: 0.02, ash: 0.01 };

/** How much of the fat there is a knife can reach (estimate); past it the knife takes meat. */
const REACH = 0.9;

export interface TrimPlan {
  readonly share: number;
  /** What comes off, fractions that sum to one. */
  readonly stuff: Composition;
}

const closed = (c: Composition): Composition => {
  const sum = c.water + c.protein + c.fat + c.ash;
  return { water: c.water / sum, protein: c.protein / sum, fat: c.fat / sum, ash: c.ash / sum };
};

/** What a way of trimming takes off: silver skin, or separable fat (SR24 13019, 10006, 17005). */
export function trimPlan(trim: Trim, separableFat: Composition): TrimPlan {
  return { share: trimShare[trim], stuff: closed(trim === 'silver skin' ? silverSkin : separableFat) };
}

/**
 * How much of a trimming of `share` can be `stuff` before it takes more of some component than the
 * knife can reach; the rest of the trimming is the meat itself. 1 = all of it, 0 = all meat.
 */
export function trimBlend(share: number, stuff: Composition, flesh: Composition): number {
  let blend = 1;
  for (const part of ['water', 'protein', 'fat', 'ash'] as const) {
    const more = share * (stuff[part] - flesh[part]);
    const room = flesh[part] * (part === 'fat' ? REACH : 1) - share * flesh[part];
    if (more > 0) blend = Math.min(blend, Math.max(0, room) / more);
  }
  return blend;
}
