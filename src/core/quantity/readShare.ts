/**
 * A share as people write it, "28 %", "28" or "28,5": 0 to 1. Undefined if nothing is written, NaN
 * if it is no share.
 */
export function readShare(text: string): number | undefined {
  if (text.trim() === '') return undefined;
  const found = /^(\d+(?:[.,]\d+)?)\s*%?$/.exec(text.trim());
  const share = found ? Number((found[1] ?? '').replace(',', '.')) / 100 : NaN;
  return share <= 1 ? share : NaN;
}
