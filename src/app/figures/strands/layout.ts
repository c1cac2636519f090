import type { Strands } from '@/core/ledger/index.ts';
import { LEFT, measure, type Measured, type Size } from './measure.ts';
import { crossingParts, liquidParts, meatParts, shelfParts, type Tub } from './parts.ts';
import { ribbonPath, type Band, type Box, type Label } from './ribbon.ts';

export interface StrandsLayout {
  /** px for each gram: one scale for all that is drawn of the pot. */
  readonly scale: number;
  readonly bands: readonly Band[];
  readonly labels: readonly Label[];
  readonly board: Box;
  readonly jug: Box;
  readonly shelf: readonly Tub[];
  /** Where the shred ends above the plates, and how wide what is kept of the liquid runs past them. */
  readonly ends: { readonly meat: Box; readonly keptW: number };
  /** The shred's range, as a ribbon to each side. */
  readonly soft: string | undefined;
}

interface ShredRange {
  readonly p10?: number;
  readonly p90?: number;
}

/**
 * Lays the two strands of a pot out to one scale. Meat runs down at the left and sheds trimmings, bone and pickings; juice and fat
 * cross to the liquid, which sheds steam, solids and skim; both end above the plates, which are the meal's, and what is left runs
 * on to the shelf.
 */
export function layStrands(strands: Strands, shred: ShredRange, size: Size): StrandsLayout {
  const m = measure(strands, size);
  const meat = meatParts(m);
  const crossed = crossingParts(m);
  const liquid = liquidParts(m);
  const { y, wide, drawn, grams } = m;
  return {
    scale: m.scale,
    bands: [meat, crossed, liquid].flatMap(({ bands }) => bands),
    labels: [meat, crossed, liquid].flatMap(({ labels }) => labels),
    soft: softEdge(m, shred),
    board: { x: LEFT + 2, y: y.board - 19, w: wide(m.meatG) + 16, h: 19 },
    jug: { x: m.liquid.pour - 6, y: y.jug - 2, w: wide(m.liquidG) + 12, h: 24 },
    ends: {
      meat: { x: m.meat.shred, y: y.plates, w: drawn(grams('shred')), h: 0 },
      keptW: drawn(grams('keptLiquid')),
    },
    shelf: shelfParts(m).shelf,
  };
}

/** Between its tenth and ninetieth percentile the shred's edge is soft, until it has been weighed. */
function softEdge({ strands, wide, y, meat }: Measured, { p10, p90 }: ShredRange): string | undefined {
  if (p10 === undefined || p90 === undefined || strands.shred.weighed) return undefined;
  const w = Math.max(0, wide(p90 - p10));
  return ribbonPath([
    { y: y.bench - 40, x: meat.juice, w: 0 },
    { y: y.bench + 10, x: meat.shred + wide(p10), w },
    { y: y.plates, x: meat.shred + wide(p10), w },
  ]);
}
