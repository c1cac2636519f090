import { describe, expect, test } from '@jest/globals';
import type { Batch, Phase } from '../../meal/index.ts';
import { hoursColdBeyond, referencePot } from '../../tender/index.ts';
import { problemWords } from '@/words/index.ts';
import { batchOf, grams, inputOf, lotOf } from '../../testing/meals.ts';
import { openMeal } from '../index.ts';

const oven = (celsius: number, changes: Partial<Phase> = {}): Phase => ({
  id: 'heat2',
  heat: 'oven',
  lid: 'on',
  setting: { text: `${celsius} °C`, lo: celsius, hi: celsius },
  vessel: 'pot-28',
  ...changes,
});
const water = (ml: number) => [
  { id: 'w', ref: 'water', amount: grams(ml), measure: 'volume' as const, state: 'in' as const },
];
const planOf = (g: number, ml: number, cook: readonly Phase[] = [oven(150)]) => {
  const [plan] = openMeal(
    inputOf([batchOf([lotOf('beef-brisket', g)], { cook: [...cook], items: water(ml) })], []),
  ).plan.batches;
  if (!plan) throw new Error('no plan');
  return plan;
};

describe('a batch as its heat balance sees it', () => {
  test('holds the heat of its meat, of what is poured and of the vessel', () => {
    const [less, more] = [planOf(2000, 1000).pot, planOf(2000, 2000).pot];
    // Water, 4.18 J/g/K (published, steam tables); the rest is the same.
    expect(Math.abs((more.heatCapacity - less.heatCapacity) / 4180 - 1)).toBeLessThan(0.05);
    // Meat with a fifth of fat, 3.1 to 3.5 J/g/K (from memory: ASHRAE).
    expect(less.meatHeatCapacity / 2000).toBeGreaterThan(3);
    expect(less.meatHeatCapacity / 2000).toBeLessThan(3.5);
    expect(less.openM2).toBeCloseTo(Math.PI * 0.14 ** 2, 3);
    expect(less.outerM2).toBeCloseTo(2 * Math.PI * 0.14 ** 2 + Math.PI * 0.28 * 0.14, 2);
  });

  test('the same figures whatever was asked before: the pot is rounded, not its answer', () => {
    const once = planOf(2000, 1000).ready?.median;
    planOf(2003, 1000);
    expect(planOf(2000, 1000).ready?.median).toBe(once);
  });

  test('where it boils under its lid, a little cooler than what is told does not', () => {
    const { boilsCovered } = planOf(2000, 1500, [oven(170)]);
    const cooler = boilsCovered?.coolerC ?? NaN;
    expect(cooler).toBeGreaterThan(110);
    expect(cooler).toBeLessThan(170);
    expect(boilsCovered?.perHour).toBeGreaterThan(100);
    expect(planOf(2000, 1500, [oven(cooler)]).boilsCovered).toBeUndefined();
  });

  test('what boils is the covered phase, though another is the one until it is tender', () => {
    const first = oven(180, { minutes: { text: '2 h', lo: 120, hi: 120 } });
    const told = planOf(2000, 3000, [first, oven(120, { id: 'heat3', lid: 'ajar' })]).boilsCovered;
    const alone = planOf(2000, 3000, [oven(180)]).boilsCovered;
    expect(told?.coolerC).toBe(alone?.coolerC);
  });
});

test('what may not stand on a burner goes straight into its oven; what the cook wrote stands', () => {
  const startOf = (vessel: string, changes: Partial<Batch> = {}) => {
    const cook: Phase[] = [oven(160, { vessel })];
    const [plan] = openMeal(inputOf([batchOf([lotOf('beef-shank', 2000)], { cook, ...changes })], [])).now;
    return plan?.pot.start;
  };
  expect(startOf('pot-28')).toBeUndefined();
  expect(startOf('roasting-pan')).toBe('straight in');
  expect(startOf('roasting-pan', { start: 'boiled' })).toBe('boiled');
});

describe('hours between 5 and 57 °C', () => {
  const flesh = { water: 0.65, protein: 0.18, fat: 0.16, ash: 0.01 };
  const piece = { sides: [6.5, 13.5, 15] as const, flesh, start: 5, toughness: 1 };

  test('are more for a colder heat and a heavier pot', () => {
    const hours = (phase: Phase, pot = referencePot) =>
      hoursColdBeyond(0, [phase], [720], piece, pot, 0) ?? NaN;
    const heavy = { ...referencePot, heatCapacity: 6 * referencePot.heatCapacity };
    expect(hours(oven(150))).toBeGreaterThan(0.5);
    expect(hours(oven(150))).toBeLessThan(2.5);
    expect(hours(oven(150), heavy)).toBeGreaterThan(hours(oven(150)) + 1);
    const slow: Phase = { id: 'heat4', heat: 'slow cooker', setting: 'low', lid: 'on' };
    expect(hours(slow)).toBeGreaterThan(hours({ ...slow, setting: 'high' }));
  });

  test('past four they are a caution that defers to the local code', () => {
    const cook: Phase[] = [{ id: 'heat', heat: 'stove', lid: 'on', vessel: 'pot-45' }];
    const batch = batchOf([lotOf('beef-brisket', 60_000)], { cook, size: 'whole', sear: false });
    const { problems } = openMeal(inputOf([batch], [])).plan;
    const said = problems()
      .filter(({ says }) => says.what === 'cold too long')
      .map(problemWords);
    expect(said).toHaveLength(1);
    expect(said[0]).toMatch(/4 h is the usual limit.*local food code/);
    const small = openMeal(inputOf([batchOf([lotOf('beef-brisket', 2000)])], [])).plan.problems();
    expect(small.some(({ says }) => says.what === 'cold too long')).toBe(false);
  });
});
