import { openMeal } from '@/core/model/index.ts';
import { describe, expect, test } from '@jest/globals';
import { reckon } from '@/core/reckoning/reckon.ts';
import { strandsOf } from '@/core/ledger/strands.ts';
import { batchOf, dishOf, inputOf, lotOf, weighedEntry } from '@/core/testing/meals.ts';
import { layStrands } from './layout.ts';

const SIZE = { width: 404, height: 704 };

function laid(...args: Parameters<typeof inputOf>) {
  const { ledger } = reckon(openMeal(inputOf(...args)));
  const strands = strandsOf(ledger, 'pot');
  return { strands, layout: layStrands(strands, {}, SIZE) };
}
const xs = (path: string) => [...path.matchAll(/(-?[\d.]+),(-?[\d.]+)/g)].map((point) => Number(point[1]));
/** From where to where a word with its figure reaches, px; a figure is up to seven letters. */
const spanOf = ({ x, anchor }: { readonly x: number; readonly anchor: string }): readonly [number, number] =>
  anchor === 'end' ? [x - 46, x] : [x, x + 46];
const pot = batchOf([lotOf('beef-blade-roast', 2600), lotOf('beef-brisket', 1400)]);

describe('the strands', () => {
  const { strands, layout } = laid([pot], [dishOf('taco', 24), dishOf('roll', 6)]);

  test('every part that weighs something is drawn, to one scale', () => {
    const drawn = layout.bands.map(({ id }) => id);
    expect(drawn).toEqual(
      expect.arrayContaining([
        'bone',
        'pickings',
        'shred',
        'juice',
        'pour',
        'steam',
        'items',
        'liquid',
        'keptLiquid',
      ]),
    );
    const shred = layout.bands.find(({ id }) => id === 'shred');
    const across = xs(shred?.path ?? '');
    expect(Math.max(...across) - Math.min(...across)).toBeCloseTo(strands.shred.grams * layout.scale, 1);
  });

  test.each([
    ['the demo’s width', 404],
    ['a phone', 390],
    ['a small phone', 360],
  ])('its words stand on bare paper: %s', (_, width) => {
    const { labels, bands } = layStrands(strands, {}, { width, height: 704 });
    const shred = xs(bands.find(({ id }) => id === 'shred')?.path ?? '');
    expect(labels.length).toBeGreaterThan(4);
    for (const [i, one] of labels.entries()) {
      const [from, to] = spanOf(one);
      expect([one.id, from >= 110 && to <= width]).toEqual([one.id, true]);
      expect([one.id, to <= Math.min(...shred) || from >= Math.max(...shred)]).toEqual([one.id, true]);
      for (const other of labels.slice(i + 1)) {
        const [start, end] = spanOf(other);
        const beside = to <= start || end <= from;
        expect([one.id, other.id, beside || Math.abs(one.y - other.y) >= 28]).toEqual([
          one.id,
          other.id,
          true,
        ]);
      }
    }
  });

  test('nothing leaves the paper', () => {
    for (const { id, path } of layout.bands) {
      for (const x of xs(path)) {
        expect([id, x]).toEqual([id, expect.any(Number)]);
        expect(x).toBeGreaterThan(90);
        expect(x).toBeLessThan(404);
      }
    }
  });
});

test.each([1, 200, 60_000])('a batch of %d g has ribbons of finite width', (g) => {
  const { layout } = laid([batchOf([lotOf('beef-shank', g)])], [dishOf('taco', 8)]);
  for (const { path } of layout.bands) expect(path).not.toMatch(/NaN|Infinity/);
});

test('an empty batch draws nothing', () => {
  expect(laid([batchOf([])], []).layout.bands).toEqual([]);
});

test('what was weighed says so', () => {
  const { layout } = laid([pot], [dishOf('taco', 24)], [weighedEntry({ what: 'sum', flow: 'shred' }, 1700)]);
  expect(layout.bands.find(({ id }) => id === 'shred')?.part).toMatchObject({ weighed: true });
  expect(layout.bands.find(({ id }) => id === 'bone')?.part).toMatchObject({ weighed: false });
});
