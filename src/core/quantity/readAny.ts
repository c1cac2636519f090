import type { Quantity } from './quantity.ts';
import { readQuantity, type Reading } from './read.ts';
import type { Measure } from './units.ts';

export type AnyReading =
  | { readonly ok: true; readonly quantity: Quantity; readonly measure: Measure }
  | Extract<Reading, { ok: false }>;

/**
 * Reads a text that may be of several measures: "800 g", "2 cups" or "3" onions. If it is none of
 * them, the fault of the first is told.
 */
export function readAny(
  text: string,
  measures: readonly Measure[],
  hint: readonly string[] = [],
  nought = false,
): AnyReading {
  let fault: Extract<Reading, { ok: false }> | undefined;
  for (const measure of measures) {
    const reading = readQuantity(text, measure, measures.includes('count') ? [] : hint, nought);
    if (reading.ok) return { ...reading, measure };
    fault ??= reading;
  }
  return fault ?? { ok: false, error: 'Nothing can be written here.' };
}
