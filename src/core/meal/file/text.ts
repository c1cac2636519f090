import { DEPTH_MOST } from '../bounds.ts';

/**
 * What a text holds, or in one sentence why it holds nothing that can be read.
 * @param what it is, as the sentence begins
 */
export function parse(
  text: string,
  what = 'This file',
): { readonly ok: true; readonly json: unknown } | { readonly ok: false; readonly error: string } {
  if (depthOf(text) > DEPTH_MOST)
    return {
      ok: false,
      error: `${what} is nested deeper than any meal is; choose one that was exported from here.`,
    };
  try {
    return { ok: true, json: JSON.parse(text) };
  } catch {
    return {
      ok: false,
      error: `${what} is broken or not JSON: it may have been cut off; save it again.`,
    };
  }
}

// As numbers: a backup of years is looked through sign by sign.
const [QUOTE, BACKSLASH] = [0x22, 0x5c];
const [OPEN_BRACE, CLOSE_BRACE, OPEN_BRACKET, CLOSE_BRACKET] = [0x7b, 0x7d, 0x5b, 0x5d];

/** How deep brackets stand in one another, outside of texts: told before anything is made of them. */
function depthOf(text: string): number {
  let depth = 0;
  let deepest = 0;
  let inText = false;
  for (let i = 0; i < text.length && deepest <= DEPTH_MOST; i += 1) {
    const sign = text.charCodeAt(i);
    if (inText) {
      if (sign === BACKSLASH) i += 1;
      else if (sign === QUOTE) inText = false;
    } else if (sign === QUOTE) inText = true;
    else if (sign === OPEN_BRACE || sign === OPEN_BRACKET) deepest = Math.max(deepest, (depth += 1));
    else if (sign === CLOSE_BRACE || sign === CLOSE_BRACKET) depth -= 1;
  }
  return deepest;
}

/** The same with its keys sorted, so that what is the same is the same to the byte. */
export function sorted(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(sorted);
  if (typeof value !== 'object' || value === null) return value;
  const entries = Object.entries(value).filter(([, v]) => v !== undefined);
  return Object.fromEntries(entries.sort(([a], [b]) => (a < b ? -1 : 1)).map(([k, v]) => [k, sorted(v)]));
}

/** A value as one line of JSON: what is the same is the same to the byte. */
export const canonical = (value: unknown): string => JSON.stringify(sorted(value));
