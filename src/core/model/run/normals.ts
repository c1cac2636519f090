import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

const TO_UNIT = 2 ** -31;

/** FNV-1a of a text, 32 bit (Fowler, Noll and Vo; the published constants). */
export function seedOf(text: string): number {
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i += 1) {
    hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193);
  }
  return hash | 0;
}

/**
 * Standard normals by Marsaglia's polar method on xoroshiro128+, the same on every machine.
 * Each key has a stream of its own and its nth number is the nth draw's, so that an edit moves only
 * what it touches.
 */
export function sampleNormals(seed: number, n: number): Float64Array {
  const generator = xoroshiro128plus(seed);
  const out = new Float64Array(n);
  let i = 0;
  // The first numbers still show the seed; a few steps mix it.
  for (let skip = 0; skip < 8; skip += 1) generator.next();
  while (i < n) {
    const u = generator.next() * TO_UNIT;
    const v = generator.next() * TO_UNIT;
    const s = u * u + v * v;
    if (s >= 1 || s === 0) continue;
    const factor = Math.sqrt((-2 * Math.log(s)) / s);
    out[i] = u * factor;
    i += 1;
    if (i < n) {
      out[i] = v * factor;
      i += 1;
    }
  }
  return out;
}

/** Columns by name, kept between reckonings: an edit of a weight draws nothing anew. Nobody writes into them. */
const kept = new Map<string, Float64Array>();
const KEEP = 2_000;

/** A column by its name: made once while it is among the last that were asked. */
export function keepColumn(name: string, make: () => Float64Array): Float64Array {
  const known = kept.get(name);
  if (known) return known;
  const column = make();
  if (kept.size >= KEEP) kept.delete(kept.keys().next().value ?? '');
  kept.set(name, column);
  return column;
}

/** Standard normals of a key. */
export const normals = (key: string, n: number): Float64Array =>
  keepColumn(`${n}|${key}`, () => sampleNormals(seedOf(key), n));

/** exp(sigma · z) of a key: log-normal about a median of one. */
export const logNormals = (key: string, sigma: number, n: number): Float64Array =>
  sigma === 0
    ? ones(n)
    : keepColumn(`${n}|${sigma}|${key}`, () => normals(key, n).map((z) => Math.exp(sigma * z)));

/** What is not spread at all. */
export const ones = (n: number): Float64Array => keepColumn(`ones|${n}`, () => new Float64Array(n).fill(1));
