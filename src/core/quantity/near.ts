import { numberOf } from './loose.ts';
import { unitNamed } from './units.ts';
import type { Written } from './write.ts';

/** A reading this many times more or less than what is expected is of another unit. */
const FAR = 4;

/**
 * The unit of a bare number that what is expected makes plain: "1250" beside 1.05 to 1.38 kg is grams. Undefined where the text is
 * no bare number, or where none or several of the units come near.
 * @param near what is expected, in SI, p10 to p90
 */
export function unitNear(
  text: string,
  units: readonly string[],
  near: { readonly lo: number; readonly hi: number },
): string | undefined {
  const plain = text.trim();
  if (!/^\d+(?:[.,]\d+)?$/.test(plain)) return undefined;
  const value = numberOf(plain);
  const meant = units.filter((unit) => {
    const si = value * (unitNamed(unit)?.si ?? NaN);
    return si >= near.lo / FAR && si <= near.hi * FAR;
  });
  return meant.length === 1 ? meant[0] : undefined;
}

/** What is expected, in SI, of a figure as it is shown. */
export function nearOf({ value, unit }: Written): { readonly lo: number; readonly hi: number } | undefined {
  const si = numberOf(value) * (unitNamed(unit)?.si ?? NaN);
  return Number.isFinite(si) ? { lo: si, hi: si } : undefined;
}
