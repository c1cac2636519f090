import { canonical } from './canonical.ts';
import { hashOf } from './hash.ts';
import type { Version } from './copies.ts';

const HEX = 16;
const half = (text: string): string =>
  hashOf(text)
    .toString(HEX)
    .padStart(HEX / 2, '0');

/** What tells one version of a meal from others: of its words and figures alone, wherever and whenever they were written. */
export function versionOf({ meal, batches }: Version): string {
  const text = canonical({ meal, batches });
  return half(text) + half(`again ${text}`);
}
