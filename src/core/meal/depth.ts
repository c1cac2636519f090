import { DEPTH_MOST } from './bounds.ts';

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

/** Brackets stand deeper in one another than in anything that is kept or read here: such a text is not taken apart. */
export const isTooDeep = (text: string): boolean => depthOf(text) > DEPTH_MOST;
