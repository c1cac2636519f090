import type { Floor, Spot } from './packDiscs.ts';

/** A block laid flat: its middle, and whether its long side runs across. */
export interface Laid extends Spot {
  readonly across: boolean;
}

/** Positions of the first row that are tried. */
const STEPS = 24;

/**
 * Lays equal blocks in rows, as many as fit: lengthways or across, the rows moved up and down until
 * most find room. None overlaps, none reaches over the edge.
 * @param wide and long of a block with its gap, cm
 */
export function packBlocks(floor: Floor, wide: number, long: number): readonly Laid[] {
  let best: readonly Laid[] = [];
  for (const across of [false, true]) {
    const [w, h] = across ? [long, wide] : [wide, long];
    if (!(w > 0 && h > 0)) return [];
    const half = floor.shape === 'round' ? floor.r : floor.l;
    for (let step = 0; step < STEPS; step += 1) {
      const laid: Laid[] = [];
      for (let foot = -half + (step / STEPS) * h; foot + h <= half + 1e-9; foot += h) {
        const room = widthOfRow(floor, foot, foot + h);
        const n = Math.floor(room / w + 1e-9);
        for (let i = 0; i < n; i += 1) laid.push({ x: (i - (n - 1) / 2) * w, y: foot + h / 2, across });
      }
      if (laid.length > best.length) best = laid;
    }
  }
  return best;
}

/** How wide the floor is all the way from one height to the other. */
function widthOfRow(floor: Floor, foot: number, top: number): number {
  if (floor.shape === 'box') return foot >= -floor.l - 1e-9 && top <= floor.l + 1e-9 ? 2 * floor.w : 0;
  const far = Math.max(Math.abs(foot), Math.abs(top));
  return far >= floor.r ? 0 : 2 * Math.sqrt(floor.r ** 2 - far ** 2);
}
