import { isTooDeep } from '../depth.ts';

/**
 * What a text holds, or in one sentence why it holds nothing that can be read.
 * @param what it is, as the sentence begins
 */
export function parse(
  text: string,
  what = 'This file',
): { readonly ok: true; readonly json: unknown } | { readonly ok: false; readonly error: string } {
  if (isTooDeep(text))
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
