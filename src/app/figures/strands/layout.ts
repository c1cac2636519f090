import type { Strands } from '@/core/ledger/index.ts';
import { LEFT, measure, type Measured, type Need } from './measure.ts';
import { crossingParts, liquidParts, meatParts, plateParts, shelfParts } from './parts.ts';
import { ribbonPath, type Band, type Box, type Label } from './ribbon.ts';

export interface StrandsLayout {
  /** px for each gram: one scale for all that is drawn. */
  readonly scale: number;
  readonly bands: readonly Band[];
  readonly labels: readonly Label[];
  /** Dashed outlines of what the plates need, at the top. */
  readonly need: { readonly meat: Box; readonly liquid: Box };
  readonly board: Box;
  readonly jug: Box;
  readonly plates: readonly Box[];
  readonly shelf: readonly Box[];
  /** The shred's range, as a ribbon to each side. */
  readonly soft: string | undefined;
}

interface ShredRange {
  readonly p10?: number;
  readonly p90?: number;
}

/**
 * Lays the two strands out to one scale. Meat runs down at the left and sheds trimmings, bone and
 * pickings; juice and fat cross to the liquid, which sheds steam, solids and skim; both end in the
 * plates, and what is left runs on to the shelf.
 * @param nameOf what a dish is called
 */
export function layStrands(
  strands: Strands,
  need: Need,
  shred: ShredRange,
  height: number,
  nameOf: (dish: string) => string,
): StrandsLayout {
  const m = measure(strands, need, height);
  const meat = meatParts(m);
  const crossed = crossingParts(m);
  const liquid = liquidParts(m);
  const plates = plateParts(m, nameOf);
  const shelf = shelfParts(m);
  const { y, wide } = m;
  return {
    scale: m.scale,
    bands: [meat, crossed, liquid, plates, shelf].flatMap(({ bands }) => bands),
    labels: [meat, crossed, liquid, plates].flatMap(({ labels }) => labels),
    soft: softEdge(m, shred),
    need: {
      meat: { x: m.meat.shred, y: y.need - 16, w: wide(need.meatG), h: 32 },
      liquid: { x: m.liquid.juice, y: y.need - 16, w: wide(need.liquidG), h: 32 },
    },
    board: { x: LEFT - 4, y: y.board - 20, w: wide(m.meatG) + 16, h: 20 },
    jug: { x: m.liquid.pour - 6, y: y.jug - 2, w: wide(m.liquidG) + 12, h: 26 },
    plates: plates.plates,
    shelf: shelf.shelf,
  };
}

/** Between its tenth and ninetieth percentile the shred's edge is soft, until it has been weighed. */
function softEdge({ strands, wide, y, meat }: Measured, { p10, p90 }: ShredRange): string | undefined {
  if (p10 === undefined || p90 === undefined || strands.shred.weighed) return undefined;
  const w = Math.max(0, wide(p90 - p10));
  return ribbonPath([
    { y: y.bench - 30, x: meat.juice, w: 0 },
    { y: y.bench + 20, x: meat.shred + wide(p10), w },
    { y: y.plates - 44, x: meat.shred + wide(p10), w },
  ]);
}
