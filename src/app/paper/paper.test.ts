import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { codeWords, labelSizes, type LabelText } from './label.ts';
import { labelSheet } from './labels.ts';
import { packingList } from './packing.ts';

const face = (weight: number) =>
  new Uint8Array(
    readFileSync(
      `node_modules/@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-${weight}-normal.woff`,
    ),
  );
const fonts = { regular: face(400), bold: face(700) };
const label: LabelText = {
  title: 'Beef broth',
  amount: '0.45 l',
  made: 'made Sat 13 Dec',
  useBy: 'use by Fri 19 Dec',
  more: 'celery · heat to 74 °C',
};
/** The boxes of a file's pages, as it says them itself: width and height, points. */
const pagesOf = (bytes: Uint8Array) =>
  [
    ...Buffer.from(bytes)
      .toString('latin1')
      .matchAll(/\/MediaBox \[0 0 ([\d.]+) ([\d.]+)\]/g),
  ].map(([, width, height]) => ({ width: Number(width), height: Number(height) }));

describe('labels on paper', () => {
  test('as many sheets as it takes, A4, of each size', () => {
    for (const size of ['large', 'medium', 'small'] as const) {
      const { across, down, wide, high } = labelSizes[size];
      // They fit their sheet.
      expect(across * wide).toBeLessThanOrEqual(210);
      expect(down * high).toBeLessThanOrEqual(297);
      const labels = Array.from({ length: across * down + 1 }, () => label);
      const pages = pagesOf(labelSheet({ labels, size, fonts }));
      expect(pages).toHaveLength(2);
      expect(pages[0]?.width).toBeCloseTo(595.28, 1);
    }
  });

  test('words longer than the label are made to fit, and letters no face has do not stop it', () => {
    const long = { ...label, title: 'Ossobuco '.repeat(30), more: 'жир 🥩 · 汤' };
    expect(pagesOf(labelSheet({ labels: [long], size: 'small', fonts }))).toHaveLength(1);
  });

  test('the code holds the label’s own words, line by line, and no address', () => {
    expect(codeWords(label).split('\n')).toEqual(Object.values(label));
    expect(codeWords({ ...label, more: '' })).not.toMatch(/\n$/);
    fc.assert(
      fc.property(fc.record({ title: fc.string(), amount: fc.string() }), (some) => {
        expect(codeWords({ ...label, ...some })).not.toMatch(/https?:/);
      }),
    );
  });
});

describe('packing on paper', () => {
  const line = { what: 'soft tacos', count: '8 ×', amount: '416 g', how: 'hot' };

  test('a page a place, more where its lines want more, none lost', () => {
    const place = (lines: number) => ({
      place: 'the boat shed',
      out: 'out of the door by 17:15',
      note: 'Twelve minutes at 180 °C.',
      lines: Array.from({ length: lines }, () => line),
    });
    const list = (lines: number[]) =>
      packingList('Supper', lines.map(place), 'Follow your local food code.', fonts);
    expect(pagesOf(list([3, 2]))).toHaveLength(2);
    expect(pagesOf(list([80]))).toHaveLength(3);
  });
});
