import { strFromU8, strToU8, unzlibSync, zlibSync } from 'fflate';
import { hashOf } from '../meal/index.ts';

/*
 * A text passes by sight: compressed, cut into pieces, each a code that is shown in turn. Any order will do, since each says which of how many it
 * is, and of what.
 */

/** "SP", and the version of what follows. */
const HEAD = [0x53, 0x50, 1];
const HEADER = HEAD.length + 4 + 2;
/** Bytes of a code: 57 modules a side at the lowest level of repair, which a phone reads at arm’s length (QR Code, ISO/IEC 18004: version 10-L holds 271). */
export const CODE_BYTES = 271;
/** More codes in turn nobody waits for. */
export const CODES_MOST = 60;

/**
 * A text as codes.
 * @returns the bytes of each; undefined where it would take more than can be shown in turn
 */
export function codesOf(text: string): readonly Uint8Array[] | undefined {
  const bytes = zlibSync(strToU8(text), { level: 9 });
  const room = CODE_BYTES - HEADER;
  const count = Math.ceil(bytes.length / room);
  if (count > CODES_MOST) return undefined;
  // All alike in length: the last code is as dense as the others, and as quickly read.
  const size = Math.ceil(bytes.length / count);
  const hash = hashOf(text);
  const of = [hash >>> 24, (hash >>> 16) & 255, (hash >>> 8) & 255, hash & 255];
  return Array.from({ length: count }, (_, i) =>
    Uint8Array.from([...HEAD, ...of, i, count, ...bytes.subarray(i * size, (i + 1) * size)]),
  );
}

/** Codes as they come in. */
export interface Caught {
  readonly hash: number;
  readonly count: number;
  readonly pieces: ReadonlyMap<number, Uint8Array>;
}

/**
 * Takes one more code up.
 * @returns what was caught with it; as before where it is no code of ours; begun anew where it is of something else
 */
export function withCode(before: Caught | undefined, bytes: Uint8Array): Caught | undefined {
  if (bytes.length <= HEADER || HEAD.some((one, i) => bytes[i] !== one)) return before;
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const hash = view.getUint32(HEAD.length);
  const [at, count] = [view.getUint8(HEADER - 2), view.getUint8(HEADER - 1)];
  if (count === 0 || at >= count) return before;
  const same = before?.hash === hash && before.count === count;
  if (same && before.pieces.has(at)) return before;
  const pieces = new Map(same ? before.pieces : []);
  return { hash, count, pieces: pieces.set(at, bytes.slice(HEADER)) };
}

/**
 * The text, once all of its codes are caught.
 * @returns undefined while one is missing, and where what they make is not what was shown
 */
export function textOf({ hash, count, pieces }: Caught): string | undefined {
  if (pieces.size < count) return undefined;
  const all = Array.from({ length: count }, (_, i) => [...(pieces.get(i) ?? [])]).flat();
  try {
    const text = strFromU8(unzlibSync(Uint8Array.from(all)));
    return hashOf(text) === hash ? text : undefined;
  } catch {
    return undefined;
  }
}
