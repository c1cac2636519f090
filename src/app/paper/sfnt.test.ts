import { expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { sfntOf } from './sfnt.ts';

const woff = new Uint8Array(
  readFileSync(
    'node_modules/@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff',
  ),
);
const nameOf = (tag: number) =>
  String.fromCharCode(tag >>> 24, (tag >> 16) & 255, (tag >> 8) & 255, tag & 255);

/** Sum of a table's words, as the font itself says it (published: OpenType, ISO/IEC 14496-22, "Calculating checksums"). */
function sumOf(bytes: Uint8Array): number {
  const words = new Uint8Array(Math.ceil(bytes.length / 4) * 4);
  words.set(bytes);
  const view = new DataView(words.buffer);
  let sum = 0;
  for (let at = 0; at < words.length; at += 4) sum = (sum + view.getUint32(at)) >>> 0;
  return sum;
}

test('every table is there, in its place, with the sum that the font itself gives', () => {
  const font = sfntOf(woff);
  const view = new DataView(font.buffer);
  const tables = Array.from({ length: view.getUint16(4) }, (_, i) => {
    const [tag = 0, sum = 0, offset = 0, length = 0] = [0, 4, 8, 12].map((at) =>
      view.getUint32(12 + 16 * i + at),
    );
    return { name: nameOf(tag), sum, bytes: font.slice(offset, offset + length), offset };
  });
  expect(tables.map(({ name }) => name)).toEqual(
    expect.arrayContaining(['cmap', 'glyf', 'head', 'hmtx', 'loca']),
  );
  for (const { name, sum, bytes, offset } of tables) {
    expect(offset % 4).toBe(0);
    // The head holds a sum of the whole, which its own leaves out.
    if (name === 'head') bytes.fill(0, 8, 12);
    expect({ name, sum: sumOf(bytes) }).toEqual({ name, sum });
  }
});

test('what is no such file is refused', () => {
  expect(() => sfntOf(new Uint8Array(64))).toThrow('no WOFF file');
});
