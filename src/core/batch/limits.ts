import { midpoint, type Quantity } from '../quantity/index.ts';

/** Past these a figure is a slip of the pen, not a plan: no home or hall braises so much at once. */
const MAX_LOT_G = 150_000;
const MAX_PLATES = 20_000;

/** The quantity, unless it is beyond what one pot or one meal can be; then one sentence why not. */
export function lotWeightProblem(weight: Quantity): string | undefined {
  const grams = midpoint(weight);
  if (grams === undefined || grams <= MAX_LOT_G) return undefined;
  return `“${weight.text}” is more than one pot can braise; write at most ${MAX_LOT_G / 1000} kg, or check the unit.`;
}

export function platesProblem(count: Quantity): string | undefined {
  const plates = midpoint(count);
  if (plates === undefined) return undefined;
  if (count.lo !== count.hi) return `“${count.text}” is a range; write one number of plates.`;
  if (plates <= MAX_PLATES) return undefined;
  return `“${count.text}” is more plates than one meal can have; write at most ${MAX_PLATES}.`;
}
