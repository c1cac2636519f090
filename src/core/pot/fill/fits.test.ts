import { openMeal } from '../../model/index.ts';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import { levels, sizes, type Batch, type Lot } from '../../meal/schema.ts';
import { usualKitchen } from '../../meal/usual.ts';
import { massOf } from '../../ledger/index.ts';
import { reckon } from '../../reckoning/reckon.ts';
import { batchOf, dishOf, inputOf, lotOf } from '../../testing/meals.ts';
import { volumeTo, widthAt } from '../vessel/shape.ts';
import { deal } from './deal.ts';
import { sectionOf } from './section.ts';
import { problemWords } from '@/words/index.ts';

const pot = (lots: Lot[], changes: Partial<Batch> = {}, kitchen: Partial<typeof usualKitchen> = {}) => {
  const input = inputOf([batchOf(lots, changes)], [dishOf('taco', 10)]);
  return reckon(openMeal({ ...input, kitchen: { ...usualKitchen, ...kitchen } }));
};
const oven = (vessel: string): Partial<Batch> => ({
  cook: [{ id: 'heat2', heat: 'oven', setting: { text: '160 °C', lo: 160, hi: 160 }, lid: 'on', vessel }],
});
const slow: Partial<Batch> = {
  cook: [{ id: 'heat', heat: 'slow cooker', setting: 'low', lid: 'on' }],
  sear: false,
};

test('what is drawn of a vessel is what went in: pieces, liquid between and over them', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...usualKitchen.vessels),
      fc.double({ min: 300, max: 9000, noNaN: true }),
      fc.constantFrom(...levels),
      fc.constantFrom(...sizes),
      (vessel, grams, level, size) => {
        const batch = batchOf([lotOf('beef-shank', grams)], { ...oven(vessel.id), level, size });
        const picture = reckon(openMeal(inputOf([batch], []))).batches[0]?.pot;
        if (!picture) return;
        const { meatCm, meatMl, otherMl, lineCm, pieces } = picture;
        const pile = volumeTo(vessel, meatCm);
        const area = pieces.reduce((sum, { w, h }) => sum + w * h, 0);
        const section = meatCm * widthAt(vessel, meatCm / 2);
        if (meatMl / pile < 0.92 && meatCm <= vessel.heightCm)
          expect(area / section).toBeCloseTo(meatMl / pile, 6);
        // Up to its line the vessel holds the liquid and the meat that lies under it.
        const under = meatMl * Math.min(1, volumeTo(vessel, lineCm) / pile);
        expect(volumeTo(vessel, lineCm)).toBeCloseTo(otherMl + under, 4);
        expect(pieces.every((p) => p.y >= 0 && p.y + p.h <= meatCm + 1e-9)).toBe(true);
      },
    ),
    { numRuns: runs(150) },
  );
});

test('a bone is drawn as large as it is of its piece', () => {
  const vessel = usualKitchen.vessels.find(({ id }) => id === 'pot-28');
  if (!vessel) throw new Error('no pot');
  const pieces = sectionOf(vessel, 3000, 8, 6.5, { pieces: 1, ofPiece: 0.3 });
  for (const { w, h, boneCm } of pieces) expect((Math.PI * boneCm ** 2) / (w * h)).toBeCloseTo(0.3, 9);
  expect(sectionOf(vessel, 3000, 8, 6.5, { pieces: 0, ofPiece: 0 }).every(({ boneCm }) => boneCm === 0)).toBe(
    true,
  );
});

describe('dealt to two vessels', () => {
  const vessels = usualKitchen.vessels.filter(({ id }) => id === 'pot-28' || id === 'pot-24');

  test('every lot is dealt whole and all of it, and each vessel gets about its part', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            ml: fc.double({ min: 50, max: 3000, noNaN: true }),
            minutes: fc.integer({ min: 100, max: 300 }),
          }),
          {
            minLength: 1,
            maxLength: 8,
          },
        ),
        (lots) => {
          const shares = deal(lots, vessels);
          for (const share of shares) expect(share.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
          for (const v of [0, 1])
            expect(lots.some((_, i) => (shares[i]?.[v] ?? 0) > 0) || lots.length < 3).toBe(true);
        },
      ),
    );
  });

  test('what is tender late lies together, and what was placed stays', () => {
    const lots = [200, 290, 210, 280].map((minutes) => ({ ml: 1000, minutes }));
    const shares = deal(
      lots,
      [vessels[1], vessels[1]].flatMap((v) => v ?? []),
    );
    expect(shares.map(([first]) => first)).toEqual([0, 1, 0, 1]);
    const placed = deal(
      [
        { ml: 1000, minutes: 1, placed: new Map([['pot-24', 1]]) },
        { ml: 500, minutes: 2 },
      ],
      vessels,
    );
    expect(placed[0]).toEqual([1, 0]);
  });

  test('is one batch: one broth, the lots in both, and each vessel at its own line', () => {
    const lots = [lotOf('beef-shank', 3000), lotOf('beef-brisket', 3000)];
    const { batches, ledger } = pot(lots, { ...oven('pot-28'), also: ['pot-24'] });
    const picture = batches[0]?.pot;
    expect(picture?.also.map(({ vessel }) => vessel.id)).toEqual(['pot-24']);
    for (const one of [picture, ...(picture?.also ?? [])]) {
      expect(one?.meatMl).toBeGreaterThan(500);
      expect(one?.lineCm).toBeCloseTo(0.75 * (one?.meatCm ?? 0), 1);
    }
    const into = ledger.filter(({ id }) => id === 'intoPot');
    expect(new Set(into.map(({ vessel }) => vessel)).size).toBe(2);
    expect(into.reduce((sum, flow) => sum + massOf(flow.now), 0)).toBeCloseTo(6000, 6);
  });
});

describe('what does not fit is said with what to do', () => {
  test('too full: the pot that holds it, or two that share it', () => {
    const { problems } = pot([lotOf('beef-brisket', 6000)], oven('pot-24'));
    expect(problems.map(problemWords)[0]).toMatch(
      /needs \d+\.\d l; the 24 cm pot holds 5\.4 l: the 3\d cm pot holds it/,
    );
    expect(problems[0]?.remedies?.[0]).toMatchObject({ what: 'take' });
    const two = pot([lotOf('beef-brisket', 5200)], oven('pot-28'), {
      vessels: usualKitchen.vessels.filter(({ id }) => id === 'pot-28' || id === 'pot-24'),
    }).problems[0];
    // Half of it poured later would still be too full: that is not offered.
    expect(two?.remedies).toMatchObject([{ what: 'split', vessels: ['pot-24'] }]);
  });

  test('the remedy heals', () => {
    const lots = [lotOf('beef-brisket', 6000)];
    const remedy = pot(lots, oven('pot-24')).problems[0]?.remedies?.[0];
    if (remedy?.what !== 'take') throw new Error('no remedy');
    expect(pot(lots, oven(remedy.vessel)).problems).toEqual([]);
  });

  test('an insert in the oven, and a pot on a slow cooker base', () => {
    const lots = [lotOf('beef-brisket', 2500)];
    const [wrong] = pot(lots, oven('slow-cooker')).problems;
    expect(wrong && problemWords(wrong)).toMatch(
      /^The 6 l slow cooker must not stand in the oven: use the \d+ cm pot\.$/,
    );
    const remedy = wrong?.remedies?.[0];
    if (remedy?.what !== 'take') throw new Error('no remedy');
    expect(pot(lots, oven(remedy.vessel)).problems).toEqual([]);
    const base = {
      cook: [
        {
          id: 'heat3',
          heat: 'slow cooker' as const,
          setting: 'low' as const,
          lid: 'on' as const,
          vessel: 'pot-28',
        },
      ],
    };
    expect(pot(lots, base).problems.map(problemWords)[0]).toMatch(
      /^The 28 cm pot must not stand on a slow cooker base/,
    );
  });

  test('too little for a slow cooker', () => {
    expect(pot([lotOf('beef-brisket', 500)], slow).problems.map(problemWords)[0]).toMatch(
      /6 l slow cooker would be \d+ % full, and under half it dries and scorches/,
    );
    const { problems } = pot([lotOf('beef-brisket', 3000)], slow);
    expect(problems.filter(({ stage }) => stage === 'pot')).toEqual([]);
  });

  test('a bone that keeps the lid from closing, and a pot too tall for the oven', () => {
    const long = lotOf('beef-shank', 3000, { pieces: { longestCm: 40 } });
    expect(pot([long], oven('pot-28')).problems.map(problemWords)[0]).toMatch(
      /A bone of 40 cm reaches 28\.6 cm in the 28 cm pot, which is 14 cm deep/,
    );
    const low = { heatSources: [{ id: 'o', name: 'small oven', kind: 'oven' as const, heightCm: 17 }] };
    expect(pot([lotOf('beef-shank', 3000)], oven('pot-28'), low).problems.map(problemWords)[0]).toBe(
      'The 28 cm pot with its lid stands 18.5 cm high and the small oven has 17 cm: cover it with foil in place of the lid.',
    );
  });
});
