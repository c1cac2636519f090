import type { Picking } from '../batch/index.ts';

/** Picked out though "all that is tender" is kept: half way between 0 and .03 (common practice, no source). */
const LEAST = 0.015;
/** "Membrane and big lumps out" stands this far from the least to lean only (estimate). */
const MEMBRANE = 0.4;

/**
 * Share of the cooked boneless weight that is picked out.
 * Lean only is what the published whole and lean-only cooked weights leave: 1 − lean share.
 */
export function pickedShare(picking: Picking, leanShare: number): number {
  const leanOnly = Math.max(LEAST, 1 - leanShare);
  if (picking === 'lean only') return leanOnly;
  return picking === 'all tender' ? LEAST : LEAST + MEMBRANE * (leanOnly - LEAST);
}
