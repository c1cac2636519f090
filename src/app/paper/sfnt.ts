import { unzlibSync } from 'fflate';

/*
 * The faces ship as WOFF; a PDF wants what is packed in it: an OpenType file whose tables are laid one after the other
 * (published: WOFF File Format 1.0, W3C 2012; OpenType, ISO/IEC 14496-22).
 */

const WOFF_HEAD = 44;
const WOFF_ROW = 20;
const SFNT_HEAD = 12;
const SFNT_ROW = 16;
const PACKED = 0x77_4f_46_46;

/**
 * The OpenType file in a WOFF file.
 * @throws if it is none
 */
export function sfntOf(woff: Uint8Array): Uint8Array {
  const from = new DataView(woff.buffer, woff.byteOffset, woff.byteLength);
  if (from.getUint32(0) !== PACKED) throw new Error('The font for paper is no WOFF file.');
  const count = from.getUint16(12);
  const rows = Array.from({ length: count }, (_, i) => {
    const at = WOFF_HEAD + i * WOFF_ROW;
    const word = (n: number) => from.getUint32(at + 4 * n);
    const [tag, offset, packed, length, sum] = [word(0), word(1), word(2), word(3), word(4)];
    const bytes = woff.subarray(offset, offset + packed);
    return { tag, sum, table: packed < length ? unzlibSync(bytes) : bytes };
  });
  const padded = (length: number) => Math.ceil(length / 4) * 4;
  const size = rows.reduce((sum, { table }) => sum + padded(table.length), SFNT_HEAD + count * SFNT_ROW);
  const out = new Uint8Array(size);
  const to = new DataView(out.buffer);
  const power = Math.floor(Math.log2(count));
  to.setUint32(0, from.getUint32(4));
  to.setUint16(4, count);
  to.setUint16(6, 16 * 2 ** power);
  to.setUint16(8, power);
  to.setUint16(10, 16 * (count - 2 ** power));
  let end = SFNT_HEAD + count * SFNT_ROW;
  for (const [i, { tag, sum, table }] of rows.entries()) {
    const at = SFNT_HEAD + i * SFNT_ROW;
    for (const [n, word] of [tag, sum, end, table.length].entries()) to.setUint32(at + 4 * n, word);
    out.set(table, end);
    end += padded(table.length);
  }
  return out;
}
