import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { strandParts, type StrandPartName } from '@/core/ledger/index.ts';
import type { StrandBar } from '@/core/log/index.ts';
import { type FlowEnd, layFlow } from './flowLayout.ts';

const bar = (part: StrandPartName, nowG: number, plannedG = nowG): StrandBar => ({
  part,
  ...strandParts[part],
  nowG,
  plannedG,
  weighed: true,
});
const g = fc.double({ min: 20, max: 40_000, noNaN: true });
const some = (parts: readonly StrandPartName[]) =>
  fc
    .tuple(
      ...parts.map((part) =>
        fc.tuple(fc.boolean(), g, g).map(([has, now, plan]) => (has ? [bar(part, now, plan)] : [])),
      ),
    )
    .map((all) => all.flat());
const anyBars = fc.record({
  meat: some(['trim', 'air', 'bone', 'pickings', 'unpulled', 'shred', 'juice', 'fat']),
  liquid: some(['pour', 'items', 'steam', 'alcohol', 'strained', 'skim', 'liquid']),
});

const farRight = ({ x, w, plannedW }: FlowEnd) => x + Math.max(w, plannedW);

describe('a batch as it flowed', () => {
  test('one scale for all; the ends of a row stand beside one another, within the drawing', () => {
    fc.assert(
      fc.property(anyBars, fc.integer({ min: 640, max: 1400 }), (bars, width) => {
        const { meat, carried, poured, rest } = layFlow(bars, width);
        const all = [...meat, ...carried, ...poured, ...rest];
        expect(all).toHaveLength(bars.meat.length + bars.liquid.length);
        const scales = all.map(({ bar: { nowG }, w }) => w / nowG);
        for (const scale of scales) expect(scale).toBeCloseTo(scales[0] ?? NaN, 9);
        for (const row of [[...meat, ...carried], poured, rest]) {
          for (const [i, end] of row.entries()) {
            expect(end.x).toBeGreaterThanOrEqual(0);
            expect(farRight(end)).toBeLessThanOrEqual(width + 2);
            const next = row[i + 1];
            if (next) expect(end.x + end.w).toBeLessThanOrEqual(next.x + 1e-6);
          }
        }
        expect(all.every(({ path }) => !path.includes('NaN'))).toBe(true);
      }),
    );
  });

  test('a phone has room for the usual parts, the liquid under the meat', () => {
    const { poured, rest, meat, rows } = layFlow(
      {
        meat: [
          bar('air', 130),
          bar('bone', 1400),
          bar('pickings', 190),
          bar('shred', 1600, 1770),
          bar('juice', 980),
        ],
        liquid: [
          bar('pour', 1140),
          bar('items', 600),
          bar('steam', 890),
          bar('strained', 360),
          bar('liquid', 1500),
        ],
      },
      340,
    );
    for (const end of [...meat, ...poured, ...rest]) expect(farRight(end)).toBeLessThanOrEqual(341);
    expect(meat.find((end) => end.bar.part === 'shred')?.w).toBeGreaterThan(20);
    expect(rows.pour).toBeGreaterThan(rows.meat + 100);
  });

  test('what falls into the liquid is as wide as what goes out of it, where all of it is known', () => {
    const { liquid, carried, poured, rest } = layFlow(
      {
        meat: [bar('shred', 2000), bar('juice', 900), bar('fat', 100)],
        liquid: [bar('pour', 1000), bar('steam', 600), bar('liquid', 1400)],
      },
      640,
    );
    const wide = (ends: readonly FlowEnd[]) => ends.reduce((sum, { w }) => sum + w, 0);
    expect(wide([...carried, ...poured])).toBeCloseTo(wide(rest), 9);
    expect(liquid?.w).toBeCloseTo(wide(rest), 9);
  });
});
