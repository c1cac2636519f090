import { type Batch, isStrained, skimWay } from '../../meal/index.ts';
import { type BatchReckoning, leftOfLiquid, type LiquidReckoning } from '../../reckoning/index.ts';
import { FAT, MAIN, SAUCE } from '../../work/index.ts';

/** A part of what is in a jug: to a dish, soaked back into what is dipped, or what is left. */
export interface JugPart {
  readonly to: { readonly dish: string } | 'soaks back' | 'the shelf';
  readonly ml: number;
}

/** What stands in a jug, ml: the liquid, the fat above it that is to be taken off, the solids at its bottom. */
export interface Jug {
  readonly ml: number;
  readonly fatMl: number;
  readonly solidsMl: number;
  readonly parts: readonly JugPart[];
}

/** Less than this of it is not worth a line. */
const WORTH = 0.01;

/** The jug of one of a batch's liquids: only the pot's own has fat to come off, solids, and plates that want it. */
export function jugOf(
  { liquid, need }: Pick<BatchReckoning, 'liquid' | 'need'>,
  batch: Pick<Batch, 'after'>,
  { id, ml: { mid: ml } }: Pick<LiquidReckoning, 'id' | 'ml'>,
): Jug {
  if (id !== MAIN) return { ml, fatMl: 0, solidsMl: 0, parts: [] };
  const left = leftOfLiquid(ml, need);
  return {
    ml,
    // Nine tenths of what is skimmed is fat.
    fatMl: liquid.skimG && skimWay(batch) !== 'leave' ? liquid.skimG.mid / FAT : 0,
    solidsMl: isStrained(batch) ? 0 : (liquid.solidsG?.mid ?? 0) / SAUCE,
    parts: [
      ...need.dishes.map(({ name, ml: wants }): JugPart => ({ to: { dish: name }, ml: wants })),
      ...(need.heldMl > 0 ? [{ to: 'soaks back', ml: need.heldMl } as const] : []),
      ...(left > WORTH * ml ? [{ to: 'the shelf', ml: left } as const] : []),
    ],
  };
}
