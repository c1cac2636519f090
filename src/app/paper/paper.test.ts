import { describe, expect, jest, test } from '@jest/globals';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { codeWords, labelSizes, type LabelText } from './label.ts';
import { labelSheet } from './labels.ts';
import { allergenSheet } from './allergens.ts';
import { packingList } from './packing.ts';
import { Paper } from './paper.ts';

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

  test('what it contains is never cut, however much that is: all of it stands on the smallest label', () => {
    const much = {
      ...label,
      more: 'beef · gluten · milk · egg · celery · mustard · sulphites · sesame · not known: chilli paste, aunt’s relish · heat to 74 °C',
    };
    const drawn: string[] = [];
    const spy = jest.spyOn(Paper.prototype, 'write').mockImplementation((words) => void drawn.push(words));
    labelSheet({ labels: [much], size: 'small', fonts });
    spy.mockRestore();
    expect(drawn.join(' ').replaceAll(/\s+/g, ' ')).toContain(much.more);
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

test('the sheet of allergens: each dish with what it contains and from what, more pages where it wants them, and what is not known', () => {
  const dish = (n: number) => ({
    name: `dish ${String(n)}`,
    contains: [
      { what: 'gluten', from: 'small wheat tortillas' },
      { what: 'milk', from: 'cheese that melts, butter' },
    ],
    notKnown: n % 2 === 0 ? 'Not known: sambal in Pot two. Read the label.' : '',
  });
  const sheet = (dishes: number) =>
    allergenSheet(
      'Supper',
      Array.from({ length: dishes }, (_, n) => dish(n)),
      'Go by the label.',
      fonts,
    );
  expect(pagesOf(sheet(3))).toHaveLength(1);
  expect(pagesOf(sheet(20)).length).toBeGreaterThan(1);
  const drawn: string[] = [];
  const spy = jest.spyOn(Paper.prototype, 'write').mockImplementation((words) => void drawn.push(words));
  sheet(20);
  spy.mockRestore();
  const text = drawn.join(' ');
  for (let n = 0; n < 20; n += 1) expect(text).toContain(`dish ${String(n)} gluten: small wheat tortillas`);
  expect(text.match(/Not known: sambal in Pot two/g)).toHaveLength(10);
  expect(text).toMatch(/Go by the label\.$/);
});
