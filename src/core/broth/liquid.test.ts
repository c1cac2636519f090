import { describe, expect, test } from '@jest/globals';
import { massOf } from '../ledger/index.ts';
import type { ItemPlan } from '../pot/index.ts';
import { item } from '../testing/liquids.ts';
import { gramsOfVolume } from '../work/index.ts';
import {
  emptyLiquidMass,
  mainOf,
  noLiquidWeighed,
  noSteam,
  nominalLiquid,
  saltShareOf,
  sumsOf,
  takenBy,
  type FromMeat,
  type LiquidPlan,
} from './liquid.ts';
import { cookLiquid } from './cookLiquid.ts';
import { MAIN, type LiquidStep } from '../work/index.ts';

const water = item('water', 'liquid', 2000, { water: 1 });
const onion = item('onion', 'solid', 500, { water: 0.9, other: 0.1 });
const meat: FromMeat = { juiceWater: 600, juiceAsh: 5, protein: 5, fat: 200, meatWater: 800, inPot: 1500 };

const usual: readonly LiquidStep[] = [
  { id: 'lift', of: MAIN, what: 'lift' },
  { id: 'out', of: MAIN, what: 'take out' },
  { id: 'strain', of: MAIN, what: 'strain' },
  { id: 'skim', of: MAIN, what: 'skim', share: 0.75 },
];
const without = (...kinds: readonly LiquidStep['what'][]) =>
  usual.filter(({ what }) => !kinds.includes(what));

function cooked(changes: Partial<LiquidPlan> = {}, items: readonly ItemPlan[] = [water, onion], from = meat) {
  const plan: LiquidPlan = {
    items,
    ...sumsOf(items),
    panFatG: 0,
    saltG: 30,
    saltSpread: 0,
    saltWantedG: 30,
    steamFixed: 300,
    steamOpen: noSteam,
    minutesFixed: 180,
    minutesOpen: 0,
    steps: usual,
    weighed: noLiquidWeighed(),
    ...changes,
  };
  const out = emptyLiquidMass(plan.steps);
  // A run before this one must leave nothing behind.
  cookLiquid(plan, { ...from, fat: 900 }, nominalLiquid, out);
  cookLiquid(plan, from, nominalLiquid, out);
  const { pool: finished, ml, grams } = mainOf(out);
  return {
    ...out,
    finished,
    ml,
    grams,
    saltShare: saltShareOf(mainOf(out)),
    strained: takenBy(plan, out, 'strained'),
    skim: takenBy(plan, out, 'skim'),
  };
}
const weighed = (what: Partial<LiquidPlan['weighed']>) => ({ weighed: { ...noLiquidWeighed(), ...what } });

describe('what becomes of the liquid', () => {
  test('in is out: poured, solids, juice, fat and salt are steam, strained, skim, salt in the meat and broth', () => {
    const out = cooked();
    const into = 2000 + 500 + 600 + 5 + 5 + 200 + 30;
    // Salt in the meat has sent as much water back, so nothing is lost to it.
    expect(out.steam + massOf(out.strained) + massOf(out.skim) + massOf(out.finished)).toBeCloseTo(into, 6);
  });

  test('strained solids keep six tenths of what went in, with the liquid they hold', () => {
    const out = cooked();
    expect(massOf(out.strained)).toBeCloseTo(300, 0);
    expect(out.strained.other).toBeCloseTo(50, 6);
  });

  test('bacon gives its fat to be skimmed, strained or not', () => {
    const bacon = item('bacon', 'solid', 150, { water: 0.4, protein: 0.12, fat: 0.45, salt: 0.03 });
    for (const steps of [usual, without('strain')]) {
      const [plain, fatter] = [
        [water, onion],
        [water, onion, bacon],
      ].map((items) => cooked({ steps }, items).skim.fat);
      expect(fatter).toBeGreaterThan((plain ?? Infinity) + 20);
    }
  });

  test('not strained, the solids are the sauce', () => {
    const out = cooked({ steps: without('strain') });
    expect(massOf(out.strained)).toBe(0);
    expect(out.finished.other).toBeGreaterThan(48);
    expect(out.solids).toBe(500);
  });

  test('skimming takes its share of the fat and a tenth of its weight in broth', () => {
    const out = cooked();
    expect(out.skim.fat).toBeCloseTo(150, 6);
    expect(massOf(out.skim)).toBeCloseTo(150 / 0.9, 6);
    expect(massOf(cooked({ steps: without('skim') }).skim)).toBe(0);
  });

  test('reduced to half, twice the salt', () => {
    const plain = cooked();
    const half = cooked({
      steps: [...usual, { id: 'down', of: MAIN, what: 'boil down', toMl: plain.ml / 2 }],
    });
    expect(half.ml).toBeCloseTo(plain.ml / 2, 0);
    expect(half.saltShare / plain.saltShare).toBeGreaterThan(1.9);
  });

  test('salt is even through all the water, the meat’s too', () => {
    const out = cooked({ steps: without('strain', 'skim') });
    const inMeat = out.saltOfMeatWater * meat.meatWater;
    const meatWaterLeft = meat.meatWater - inMeat;
    expect(inMeat / meatWaterLeft).toBeCloseTo(out.finished.salt / out.finished.water, 6);
  });

  test('steam never takes more than the free water, and says that the pot is dry', () => {
    const out = cooked({ steamFixed: 9000 });
    expect(out.dry).toBe(true);
    expect(out.finished.water).toBeGreaterThanOrEqual(0);
    expect(out.steam).toBeLessThan(2000 + 450 + 600);
    expect(cooked().dry).toBe(false);
  });

  test('wine leaves a twentieth of its alcohol after a long simmer', () => {
    const wine = item('wine', 'liquid', 500, { water: 0.9, alcohol: 0.1 });
    expect(cooked({}, [wine]).alcoholOff).toBeCloseTo(47.5, 6);
  });
});

describe('what is weighed', () => {
  test('a weighed pour replaces what was planned', () => {
    expect(cooked(weighed({ pour: 1500 })).pour).toBe(1500);
  });

  test('a weighed pot tells the steam', () => {
    const out = cooked(weighed({ pot: 1500 + 2000 + 500 + 840 - 400 }));
    expect(out.steam).toBeCloseTo(400, 6);
    expect(out.potFound).toBe(0);
  });

  test('a pot that weighs more than went in has found something', () => {
    const out = cooked(weighed({ pot: 6000 }));
    expect(out.steam).toBe(0);
    expect(out.potFound).toBeCloseTo(6000 - 1500 - 3340, 6);
  });

  test('weighed solids hold what they weigh, and the broth has the rest', () => {
    const out = cooked(weighed({ strained: 400 }));
    expect(massOf(out.strained)).toBeCloseTo(400, 0);
    expect(massOf(out.finished)).toBeLessThan(massOf(cooked().finished));
  });

  test('a weighed jug is the liquid there is', () => {
    const out = cooked(weighed({ liquid: 1000 }));
    expect(out.grams).toBe(1000);
    expect(out.ml).toBeLessThan(1000);
  });
});

/** Density of water at 20 and 95 °C: 998.2 and 961.9 kg/m³ (CRC Handbook, from memory). */
test('a hot litre is lighter by what the water table says', () => {
  expect(gramsOfVolume(1000, 1, 95) / gramsOfVolume(1000, 1, 20)).toBeCloseTo(961.9 / 998.2, 2);
});
