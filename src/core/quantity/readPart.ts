import { withFractions } from './fractions.ts';
import { type AnyReading, readAny } from './read.ts';
import type { Measure } from './units.ts';

const words: Readonly<Record<string, number>> = {
  half: 1 / 2,
  third: 1 / 3,
  quarter: 1 / 4,
  'two thirds': 2 / 3,
  'three quarters': 3 / 4,
};
const PART =
  /^(?:(?:un)?til(?:l)? )?(to|by)? ?(?:an? )?(half|third|quarter|two thirds|three quarters|(\d+)\/(\d+)|(\d+) ?%)(?: of it)?( is gone| is left| gone| left)?$/;

/** The share that is left of something that is boiled down "to a third", "by half", "till half is gone"; undefined of any other text. */
export function partLeft(text: string): number | undefined {
  const found = PART.exec(withFractions(text.trim()).toLowerCase());
  if (!found) return undefined;
  const [, way, said = '', over, under, hundredths] = found;
  const part =
    words[said] ?? (hundredths === undefined ? Number(over) / Number(under) : Number(hundredths) / 100);
  if (!(part > 0 && part < 1)) return undefined;
  return way === 'by' || found[6]?.endsWith('gone') ? 1 - part : part;
}

/**
 * What something is boiled down to: an amount, or the part of it that is to be left.
 * @param of how much there is, ml or g by its measure; undefined: not known, and then no part of it is
 */
export function readBoiledTo(
  text: string,
  of: { readonly amount: number; readonly measure: Measure } | undefined,
  measures: readonly Measure[],
  units: readonly string[] = [],
  nought = false,
): AnyReading {
  // What was once half of it stands as so much, and says that it was half.
  const part = partLeft(text);
  if (part === undefined || !of || !(of.amount > 0)) {
    const read = readAny(text.replace(/ \(.+\)$/, ''), measures, units, nought);
    return read.ok ? { ...read, quantity: { ...read.quantity, text } } : read;
  }
  const left = Math.round(part * of.amount);
  const unit = of.measure === 'mass' ? 'g' : 'ml';
  const said = `${String(left)} ${unit} (${text.trim()})`;
  return { ok: true, quantity: { text: said, lo: left, hi: left }, measure: of.measure };
}
