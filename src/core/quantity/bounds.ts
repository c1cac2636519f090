import type { Measure } from './units.ts';

/** From the smallest to the largest that is taken, both included. */
export interface Bound {
  readonly least: number;
  readonly most: number;
}

/**
 * What can be written, kept and reckoned with, by measure: g, ml, pieces, °C, min, cm. Wider than any kitchen, and
 * narrow enough that every figure made from them is finite. The readers, the file and the fields take them from here.
 */
export const bounds = {
  mass: { least: 0.001, most: 2_000_000 },
  volume: { least: 0.001, most: 2_000_000 },
  count: { least: 0.01, most: 1_000_000 },
  temperature: { least: -50, most: 600 },
  duration: { least: 0.01, most: 20_160 },
  length: { least: 0.1, most: 300 },
} as const satisfies Readonly<Record<Measure | 'length', Bound>>;

/** How high a kitchen may lie, m: people cook between these. */
export const ALTITUDE: Bound = { least: -430, most: 5500 };
/** What anything may cost, in the currency of the kitchen. */
export const PRICE: Bound = { least: 0, most: 1_000_000 };
/** A moment, epoch ms: up to the year 2100. */
export const MOMENT: Bound = { least: 0, most: Date.UTC(2100, 0, 1) };
/** Letters of what is typed into one field. */
export const TEXT_MOST = 200;

/** Letters of a text that a sentence quotes. */
const QUOTED = 40;
/** A text as a sentence quotes it: not longer than can be read, and on one line. */
export function quoted(text: string): string {
  // Control characters would break the line or hide in it.
  const plain = text.replaceAll(/\p{Cc}+/gu, ' ').trim();
  return plain.length > QUOTED ? `“${plain.slice(0, QUOTED)}…”` : `“${plain}”`;
}

const units: Readonly<Record<Measure, (si: number) => string>> = {
  mass: (g) => (g >= 1000 ? `${g / 1000} kg` : `${g} g`),
  volume: (ml) => (ml >= 1000 ? `${ml / 1000} l` : `${ml} ml`),
  count: String,
  temperature: (celsius) => `${celsius} °C`,
  duration: (min) => (min >= 60 ? `${min / 60} h` : `${min} min`),
};

/** Why a figure cannot be taken, or undefined if it can. */
export function outOfBounds(shown: string, measure: Measure, lo: number, hi: number): string | undefined {
  const { least, most } = bounds[measure];
  if (hi > most) return `${shown} is too much; write at most ${units[measure](most)}, or check the unit.`;
  if (lo < least) return `${shown} is less than can be; write at least ${units[measure](least)}.`;
  return undefined;
}
