import { openMeal } from '@/core/model/index.ts';
import { describe, expect, test } from '@jest/globals';
import { reckon } from '@/core/reckoning/reckon.ts';
import { strandsOf } from '@/core/ledger/strands.ts';
import { batchOf, dishOf, inputOf, lotOf, weighedEntry } from '@/core/testing/meals.ts';
import { layStrands } from './layout.ts';

const HEIGHT = 720;

function laid(...args: Parameters<typeof inputOf>) {
  const { ledger, batches } = reckon(openMeal(inputOf(...args)));
  const strands = strandsOf(ledger, 'pot');
  const need = batches[0]?.need ?? { meatG: 0, liquidMl: 0 };
  return {
    strands,
    layout: layStrands(
      strands,
      { meatG: need.meatG, liquidG: need.liquidMl },
      {},
      HEIGHT,
      (id) => `named ${id}`,
    ),
  };
}
const xs = (path: string) => [...path.matchAll(/(-?[\d.]+),(-?[\d.]+)/g)].map((point) => Number(point[1]));
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

  test('what goes onto a plate is called by its dish, not by its id', () => {
    const words = layout.bands.filter(({ id }) => /^(plate|ladle)-/.test(id)).map((band) => band.words);
    expect(words).toContain('meat for named dish-taco');
    expect(words.every((one) => /^(meat|liquid) for named /.test(one))).toBe(true);
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
