/** @jest-environment node */
import { expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { prepareZXingModule, readBarcodes } from 'zxing-wasm/reader';
import { codesOf, textOf, withCode, type Caught } from '@/core/handout/index.ts';
import { QUIET, squaresOf } from './squares.ts';

prepareZXingModule({
  overrides: { wasmBinary: readFileSync('node_modules/zxing-wasm/dist/reader/zxing_reader.wasm').buffer },
});

/** A drawn path as a picture: so many pixels a module, grey and noisy as a camera sees it. */
function pictureOf(
  bytes: Uint8Array,
  scale: number,
): { data: Uint8ClampedArray; width: number; height: number } {
  const { path, side } = squaresOf(bytes);
  const wide = (side + 2 * QUIET) * scale;
  const data = new Uint8ClampedArray(wide * wide * 4).map((_, i) =>
    i % 4 === 3 ? 255 : 190 + ((i * 37) % 41),
  );
  for (const [, x = '', y = '', w = ''] of path.matchAll(/M(\d+) (\d+)h(\d+)v1h-\d+z/g))
    for (let row = 0; row < scale; row += 1)
      for (let column = 0; column < Number(w) * scale; column += 1) {
        const at = (((Number(y) + QUIET) * scale + row) * wide + (Number(x) + QUIET) * scale + column) * 4;
        data.fill(30 + ((at * 13) % 45), at, at + 3);
      }
  return { data, width: wide, height: wide };
}

test('what is drawn is what a camera reads, byte for byte', async () => {
  const text = JSON.stringify({
    words: 'Weigh the trimmed pork',
    n: Array.from({ length: 150 }, (_, i) => i * i * 977),
  });
  const codes = codesOf(text) ?? [];
  expect(codes.length).toBeGreaterThan(1);
  let caught: Caught | undefined;
  for (const code of codes.toReversed()) {
    const [read] = await readBarcodes(pictureOf(code, 4) as ImageData, { formats: ['QRCode'] });
    expect(read?.isValid).toBe(true);
    expect([...(read?.bytes ?? [])]).toEqual([...code]);
    caught = withCode(caught, read?.bytes ?? new Uint8Array());
  }
  expect(caught && textOf(caught)).toBe(text);
});
