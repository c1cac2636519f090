import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import type { Entry, Lot } from '../../meal/index.ts';
import { reckonDrawn } from '../../testing/reckonDrawn.ts';
import { batchOf, dishOf, inputOf, lotOf, weighedEntry } from '../../testing/meals.ts';
import type { Range } from '../../quantity/index.ts';

const stove = [{ id: 'heat', heat: 'stove' as const, lid: 'on' as const }];
const blade = (id: string, g = 2000) => lotOf('beef-blade-roast', g, { id });
const shank = (id: string, g = 1500) => lotOf('beef-shank', g, { id });
const reckoned = (lots: Lot[], entries: Entry[], plates = 12) =>
  reckonDrawn(inputOf([batchOf(lots, { cook: stove })], [dishOf('taco', plates)], entries));
const ofLot = (flow: 'cooked' | 'shred', lot: string, g: number, at = 1) =>
  weighedEntry({ what: 'flow', flow, lot }, g, at);
const shredOf = ({ batches }: ReturnType<typeof reckoned>, lot: string) =>
  batches[0]?.lots.find((one) => one.lot === lot)?.shredG ?? NaN;

describe('what a weighing teaches', () => {
  const plain = reckoned([blade('a')], []);
  const shred = plain.batches[0]?.meat.shredG.mid ?? NaN;

  test('100 g less shred than planned is a lower yield, not something missing', () => {
    const less = reckoned([blade('a')], [ofLot('shred', 'a', shred - 100)]);
    expect(Math.abs(less.unaccounted.reduce((sum, { grams }) => sum + grams, 0))).toBeLessThan(5);
    const [before, after] = [plain, less].map(({ batches }) => batches[0]?.meat.cookedYield.mid ?? NaN);
    expect(after).toBeLessThan((before ?? 0) - 0.01);
    // Some of it went into the pot as juice.
    expect(less.batches[0]?.liquid.juiceMl?.mid).toBeGreaterThan(
      plain.batches[0]?.liquid.juiceMl?.mid ?? NaN,
    );
  });

  test('half of it gone is missing: no plausible yield explains it', () => {
    const { unaccounted } = reckoned([blade('a')], [ofLot('shred', 'a', shred / 2)]);
    expect(unaccounted[0]?.flow.id).toBe('missing');
    expect(unaccounted[0]?.grams).toBeGreaterThan(0.1 * shred);
  });

  test('the middle learns with the draws: lots of one cut most, others of the kitchen a little', () => {
    const lots = [blade('a'), blade('b'), shank('c')];
    const before = reckoned(lots, []);
    const after = reckoned(lots, [ofLot('shred', 'a', 0.85 * shredOf(before, 'a'))]);
    const fall = (lot: string) => Math.log(shredOf(after, lot) / shredOf(before, lot));
    expect(fall('a')).toBeCloseTo(Math.log(0.85), 2);
    expect(fall('b')).toBeLessThan(-0.05);
    expect(fall('c')).toBeLessThan(-0.01);
    expect(fall('c')).toBeGreaterThan(fall('b'));
    for (const { meal } of [before, after]) {
      const { mid, p10 = mid, p50 = mid, p90 = mid } = meal.shredG;
      expect(Math.abs(mid / p50 - 1)).toBeLessThan(0.01);
      expect(mid).toBeGreaterThan(p10);
      expect(mid).toBeLessThan(p90);
    }
  });

  test('the same weighing entered twice teaches once', () => {
    const lots = [blade('a'), blade('b')];
    const one = reckoned(lots, [ofLot('shred', 'a', 900)]);
    const two = reckoned(lots, [ofLot('shred', 'a', 900), ofLot('shred', 'a', 900, 2)]);
    expect(shredOf(two, 'b')).toBeCloseTo(shredOf(one, 'b'), 6);
  });

  test('a weighed broth teaches of the steam, a weighed pot too', () => {
    const steam = (entries: Entry[]) => reckoned([blade('a')], entries).batches[0]?.liquid.steamMl;
    const before = plain.batches[0]?.liquid.brothMl?.mid ?? NaN;
    const after = steam([weighedEntry({ what: 'sum', flow: 'liquid' }, before - 60)]);
    expect(after?.mid).toBeGreaterThan(plain.batches[0]?.liquid.steamMl?.mid ?? NaN);
    const width = ({ mid, p10 = mid, p90 = mid }: Range) => p90 - p10;
    expect(width(after ?? { mid: NaN })).toBeLessThan(
      width(plain.batches[0]?.liquid.steamMl ?? { mid: NaN }),
    );
  });

  test('enough and the headline agree: what is weighed short is short', () => {
    const plates = Math.floor((0.95 * shred) / 52);
    expect(reckoned([blade('a')], [], plates).meal.enough).toBeGreaterThan(0.5);
    const short = reckoned([blade('a')], [ofLot('shred', 'a', 0.8 * shred)], plates).meal;
    expect(short.enough).toBeLessThan(0.2);
    expect(short.shredG.mid).toBeCloseTo(0.8 * shred, 6);
  });
});

test('every middle lies within its own range, whatever was weighed', () => {
  const factor = fc.double({ min: 0.75, max: 1.3, noNaN: true });
  const maybe = fc.option(factor, { nil: undefined });
  fc.assert(
    fc.property(
      fc.record({ cooked: maybe, shred: maybe, pickings: maybe, liquid: maybe, skim: maybe }),
      fc.constantFrom('beef-blade-roast', 'beef-brisket', 'pork-shoulder-blade', 'lamb-shoulder'),
      fc.integer({ min: 4, max: 40 }),
      (read, cut, plates) => {
        const lots = [lotOf(cut, 2000, { id: 'a' }), shank('c')];
        const plan = reckonDrawn(inputOf([batchOf(lots, { cook: stove })], [dishOf('taco', plates)]));
        const { meat, liquid } = plan.batches[0] ?? ({} as never);
        const planned = {
          cooked: meat.onBenchG.mid,
          shred: meat.shredG.mid,
          pickings: meat.pickingsG.mid,
          liquid: liquid.brothMl?.mid ?? 0,
          skim: liquid.skimG?.mid ?? 0,
        };
        const entries = (Object.keys(planned) as (keyof typeof planned)[]).flatMap((flow, at) => {
          const by = read[flow];
          return by === undefined ? [] : [weighedEntry({ what: 'sum', flow }, by * planned[flow], at + 1)];
        });
        const found = reckonDrawn(
          inputOf([batchOf(lots, { cook: stove })], [dishOf('taco', plates)], entries),
        );
        const figures: Readonly<Record<string, Range | null>> = {
          ...found.batches[0]?.meat,
          ...found.batches[0]?.liquid,
          mealShred: found.meal.shredG,
          mealLiquid: found.meal.liquidMl,
          left: found.meal.leftG,
          leftMl: found.meal.leftMl,
        };
        for (const [name, range] of Object.entries(figures)) {
          if (!range) continue;
          const { mid, p10 = mid, p90 = mid } = range;
          const hair = 0.005 * Math.abs(mid) + 1e-6;
          if (mid < p10 - hair || mid > p90 + hair)
            throw new Error(`${name}: ${mid} not in ${p10} to ${p90}`);
        }
      },
    ),
    { numRuns: runs(12) },
  );
});

test('the gelatin of many lots has its middle where its draws have theirs', () => {
  const lots = Array.from({ length: 6 }, (_, i) => (i % 2 ? blade(`b${i}`, 600) : shank(`s${i}`, 800)));
  const { mid, p50 = NaN } = reckoned(lots, []).batches[0]?.liquid.gelatinG ?? { mid: NaN };
  expect(Math.abs(mid / p50 - 1)).toBeLessThan(0.02);
});
