import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { usualKitchen } from '../meal/usual.ts';
import type { OwnCut, Trim } from '../meal/schema.ts';
import { reference } from '@/reference/index.ts';
import { saysWords } from '@/words/index.ts';
import { cookedWater } from './cookLot.ts';
import { findCut, ownCutProblem } from './cut.ts';
import { cookedFat, cookedShare } from './flesh.ts';
import { emptyLotMass, nominalLot, nothingWeighed, type LotPlan } from './lot.ts';
import { runLot } from '../bench/index.ts';
import { cutOfLot } from './ofLot.ts';
import { pickAll, pickedShare, pickPlan } from './picking.ts';
import { trimPlan } from './trim.ts';

function planOf(cutId: string, rawG: number, changes: Partial<LotPlan> = {}): LotPlan {
  const cut = findCut(cutId, usualKitchen, reference);
  if (!cut) throw new Error(cutId);
  return {
    id: 'lot',
    cut: cut.id,
    rawG,
    rawSpread: 0,
    boneShare: cut.boneShare,
    trim: trimPlan('none', cut.separableFat),
    flesh: cut.flesh,
    wholeY: cookedShare(cut.flesh).y,
    pick: pickPlan('membrane', cut.leanShare),
    leanFat: cut.leanFat * cookedFat(cut.flesh),
    picks: 1,
    chops: false,
    onBone: false,
    gelatinShare: 0.006,
    airShare: 0.03,
    lowHeatY: 0,
    doneness: NaN,
    weighed: nothingWeighed(),
    ...changes,
  };
}
function cooked(plan: LotPlan) {
  const out = emptyLotMass();
  runLot(plan, nominalLot, out);
  return out;
}

test('shred is W (1−b)(1−t) y (1−s)', () => {
  const cut = findCut('beef-blade-roast', usualKitchen, reference);
  if (!cut) throw new Error('no blade');
  const plan = planOf('beef-blade-roast', 2600);
  const s = pickedShare(pickPlan('membrane', cut.leanShare));
  expect(cooked(plan).shred).toBeCloseTo(
    2600 *
      (1 - cut.boneShare) *
      ((1 - 0.2131) * cut.flesh.fatFreeYield + cut.flesh.retention * 0.2131) *
      (1 - s),
    6,
  );
});

test('trimming lowers the fat of what is left, and so what renders', () => {
  const whole = cooked(planOf('beef-short-ribs', 2000));
  const trimmed = cooked(
    planOf('beef-short-ribs', 2000, {
      trim: trimPlan('close', { water: 0.2, protein: 0.08, fat: 0.71, ash: 0.01 }),
    }),
  );
  expect(trimmed.fat).toBeLessThan(whole.fat);
  expect(trimmed.rendered).toBeLessThan(whole.rendered);
  expect(trimmed.shred).toBeLessThan(whole.shred);
});

test('a knife that wants more fat than there is takes meat', () => {
  const lean = cooked(
    planOf('beef-bottom-round', 1000, {
      trim: trimPlan('close', { water: 0.2, protein: 0.08, fat: 0.71, ash: 0.01 }),
    }),
  );
  expect(lean.trim).toBeCloseTo(125, 6);
  expect(lean.fat).toBeGreaterThanOrEqual(0);
  expect(lean.trimBlend).toBeLessThan(1);
});

describe('a weighed figure replaces the plan from there on', () => {
  test('weighed bones are divided back to the raw bone', () => {
    const weighed = { ...nothingWeighed(), bone: 450 };
    const out = cooked(planOf('beef-shank', 2000, { weighed }));
    expect(out.rawBone).toBeCloseTo(500, 9);
    expect(out.boneless).toBeCloseTo(1500, 9);
  });

  test('weighed cooked meat sets the yield, and the juice takes the difference', () => {
    const plain = cooked(planOf('beef-brisket', 2000));
    const out = cooked(planOf('beef-brisket', 2000, { weighed: { ...nothingWeighed(), cooked: 1300 } }));
    expect(out.y).toBeCloseTo(0.65, 9);
    expect(out.juiceWater - plain.juiceWater).toBeCloseTo(plain.flesh - 1300, 6);
  });

  test('meat weighed again after trimming is what goes into the pot', () => {
    expect(
      cooked(planOf('beef-brisket', 2000, { weighed: { ...nothingWeighed(), board: 1850 } })),
    ).toMatchObject({
      trim: 150,
      boneless: 1850,
    });
  });
});

test('no plan, however odd, makes a negative mass or a yield outside its bounds', () => {
  const share = fc.double({ min: 0, max: 1, noNaN: true });
  const factor = fc.double({ min: 0.05, max: 5, noNaN: true });
  const grams = fc.oneof(fc.constant(NaN), fc.double({ min: 0, max: 5000, noNaN: true }));
  fc.assert(
    fc.property(
      fc.constantFrom(...reference.cuts.map((cut) => cut.id)),
      fc.double({ min: 0.1, max: 50_000, noNaN: true }),
      fc.record({ boneShare: share, airShare: share, gelatinShare: share }),
      fc.record({
        raw: factor,
        bone: factor,
        trim: factor,
        y: factor,
        fat: factor,
        gelatin: factor,
        pickings: factor,
        doneness: factor,
      }),
      fc.record({
        raw: grams,
        board: grams,
        trim: grams,
        cooked: grams,
        bone: grams,
        pickings: grams,
        unpulled: grams,
        shred: grams,
        again: grams,
        foundLate: grams,
        eaten: grams,
        thrown: grams,
      }),
      fc.constantFrom('none', 'silver skin', 'thick fat', 'close'),
      (cutId, rawG, changes, draw, weighed, trim) => {
        const plan = planOf(cutId, rawG, { ...changes, weighed });
        const out = emptyLotMass();
        runLot({ ...plan, trim: trimPlan(trim, reference.separableFat.beef) }, draw, out);
        for (const value of Object.values(out)) expect(value).toBeGreaterThanOrEqual(0);
        expect(out.y).toBeLessThanOrEqual(1);
      },
    ),
  );
});

test('an own cut takes from its relative what is not given', () => {
  const kitchen = {
    ...usualKitchen,
    cuts: [
      { id: 'tail', name: 'Oxtail', like: 'beef-shank', boneShare: 0.45 },
      {
        id: 'fatty',
        name: 'Fatty blade',
        like: 'beef-blade-roast',
        composition: { protein: 0.15, fat: 0.3 },
      },
      {
        id: 'known',
        name: 'Known',
        like: 'beef-blade-roast',
        yield: { value: 0.5, of: 'purchased' as const, what: 'cooked' as const },
      },
    ],
  };
  const shank = findCut('beef-shank', kitchen, reference);
  expect(findCut('tail', kitchen, reference)).toMatchObject({ boneShare: 0.45, flesh: shank?.flesh });
  const fatty = findCut('fatty', kitchen, reference);
  expect(fatty?.flesh.fatFreeYield).toBe(findCut('beef-blade-roast', kitchen, reference)?.flesh.fatFreeYield);
  const known = findCut('known', kitchen, reference);
  if (!known) throw new Error('known');
  expect(cookedShare(known.flesh).y * (1 - known.boneShare)).toBeCloseTo(0.5, 9);
  expect(findCut('gone', kitchen, reference)).toBeUndefined();
});

test('an own cut of more than all is refused with the figure', () => {
  const own = { id: 'x', name: 'Too much', like: 'beef-shank', composition: { protein: 0.6, fat: 0.5 } };
  const said = (cut: OwnCut) => {
    const fault = ownCutProblem(cut, reference);
    return fault && saysWords(fault);
  };
  expect(said(own)).toContain('111');
  expect(said({ ...own, like: 'gone' })).toContain('“gone”');
});

describe('a lot as it was bought', () => {
  const cutOf = (id: string) => {
    const cut = findCut(id, usualKitchen, reference);
    if (!cut) throw new Error(id);
    return cut;
  };

  test('with its bone or without', () => {
    const shank = cutOf('beef-shank');
    expect(cutOfLot(shank, { kind: 'meat', bone: 'out' }).boneShare).toBe(0);
    expect(cutOfLot(shank, { kind: 'meat' }).boneShare).toBe(shank.boneShare);
    const blade = cutOf('pork-shoulder-blade');
    expect(cutOfLot(blade, { kind: 'meat', bone: 'in' }).boneShare).toBe(0.12);
  });

  test('fattier meat renders more and the fat-free flesh keeps its make', () => {
    const usual = cutOf('beef-brisket');
    const fatty = cutOfLot(usual, { kind: 'meat', fattiness: 'fattier' });
    expect(fatty.flesh.fat).toBeCloseTo(1.3 * usual.flesh.fat, 9);
    expect(fatty.flesh.protein / (1 - fatty.flesh.fat)).toBeCloseTo(
      usual.flesh.protein / (1 - usual.flesh.fat),
      9,
    );
    const rendered = (flesh: typeof usual.flesh) => cooked(planOf('beef-brisket', 1000, { flesh })).rendered;
    expect(rendered(fatty.flesh)).toBeGreaterThan(rendered(usual.flesh));
  });

  test('bones for flavour give fat and juice, and no shred', () => {
    const bones = cutOfLot(cutOf('beef-shank'), { kind: 'bones' });
    const out = cooked(planOf('beef-shank', 2000, { boneShare: bones.boneShare, pick: pickAll }));
    expect(out.shred).toBe(0);
    expect(out.pickings).toBeCloseTo(out.bench, 9);
    expect(out.renderedFat).toBeGreaterThan(50);
    expect(out.rawBone).toBeCloseTo(1840, 9);
  });
});

describe('fat, once', () => {
  const cutOf = (id: string) => {
    const cut = findCut(id, usualKitchen, reference);
    if (!cut) throw new Error(id);
    return cut;
  };

  test('every cut renders some, however its rows were analysed; a whole stands between its parts', () => {
    const perKilo = (id: string) => cooked(planOf(id, 1000, { boneShare: 0 })).rendered;
    for (const { id, raw } of reference.cuts) {
      expect(perKilo(id)).toBeGreaterThanOrEqual(0.079 * 1000 * raw.fat);
      expect(perKilo(id)).toBeLessThan(0.4 * 1000 * raw.fat);
    }
    const [flat, whole, point] = ['beef-brisket-flat', 'beef-brisket', 'beef-brisket-point'].map(perKilo);
    expect(whole).toBeGreaterThan(flat ?? Infinity);
    expect(whole).toBeLessThan(point ?? 0);
  });

  /** Common practice, no source: two or three spoons, of 13 g, from a kilo and a half of chuck. */
  test('chuck gives two or three spoons', () => {
    const spoons = cooked(planOf('beef-blade-roast', 1500)).renderedFat / 13;
    expect(spoons).toBeGreaterThan(2);
    expect(spoons).toBeLessThan(5);
  });

  /** USDA SR24 13818 and 13060: lean only is .757 of the whole, cooked. */
  test('what was trimmed is not there to be picked: trimmed close or not, lean only gives the published lean', () => {
    const cut = cutOf('beef-blade-roast');
    const shred = (trim: Trim) =>
      cooked(
        planOf(cut.id, 2000, {
          trim: trimPlan(trim, cut.separableFat),
          pick: pickPlan('lean only', cut.leanShare),
        }),
      ).shred;
    const published = 2000 * (1 - cut.boneShare) * cookedShare(cut.flesh).y * cut.leanShare;
    for (const trim of ['none', 'silver skin', 'thick fat', 'close'] as const)
      expect(Math.abs(shred(trim) / published - 1)).toBeLessThan(0.03);
  });

  test('gelatin is protein to the liquid; the yield stays and the meat is as much wetter', () => {
    const [with_, without] = [0.006, 0].map((gelatinShare) =>
      cooked(planOf('beef-shank', 1000, { gelatinShare })),
    );
    if (!with_ || !without) throw new Error('two');
    expect(with_.gelatin).toBeCloseTo(0.006 * with_.boneless, 9);
    expect(with_.flesh).toBe(without.flesh);
    expect(cookedWater(with_) - cookedWater(without)).toBeCloseTo(with_.gelatin, 9);
    expect(without.juiceWater - with_.juiceWater).toBeCloseTo(with_.gelatin, 9);
  });
});
