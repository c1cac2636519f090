import { describe, expect, test } from '@jest/globals';
import { learnSpreads, openMeal, type Input, sampleNormals } from '../model/index.ts';
import { tenderness, type Readiness } from '../tender/index.ts';
import { phi } from '../tender/checks.ts';
import { batchOf, dishOf, inputOf, lotOf } from '../testing/meals.ts';
import type { Evidence } from './evidence.ts';
import { learn } from './learn.ts';

const oven = [
  { id: 'heat', heat: 'oven' as const, lid: 'on' as const, setting: { text: '150 °C', lo: 150, hi: 150 } },
];
const mealOf = (learned?: Input['learned']) => ({
  ...inputOf([batchOf([lotOf('beef-shank', 3000, { id: 'a' })], { cook: oven })], [dishOf('taco', 20)]),
  ...(learned && { learned }),
});

function readyOf(learned?: Input['learned']): Readiness {
  const ready = openMeal(mealOf(learned)).planned[0]?.ready;
  if (!ready) throw new Error('Nothing is ready.');
  return ready;
}

/** When the lot is tender whose rate is so much faster, as a logarithm, than the tables have it. */
function tookAt({ odds }: Readiness, faster: number): number {
  const { shared, own } = odds.spreadOf(0);
  const at = odds.lotAt(0, phi(-faster / Math.hypot(shared, own)));
  if (at === undefined) throw new Error('It is never tender.');
  return at;
}

const KITCHENS = 150;
const NEXT = 20;

describe('time to tender, learned', () => {
  const plain = readyOf();
  const before = plain.lots[0]?.tender;
  const width = (before?.p90 ?? NaN) - (before?.p10 ?? NaN);

  /**
   * Kitchens whose ovens and cuts are hidden, drawn in the rate of becoming tender as `tenderness` has it, not in the times that
   * are learned from: so the range is tried through the whole model, and not against itself.
   */
  test.each([1, 3, 8, 15])('ranges that %i cooks have narrowed hold eight times in ten', (past) => {
    const each = 2 + past + NEXT;
    const z = sampleNormals(20_261_128, KITCHENS * each);
    let [held, narrower] = [0, 0];
    for (let k = 0; k < KITCHENS; k += 1) {
      const at = (i: number) => z[k * each + i] ?? 0;
      const truth = tenderness.heat * at(0) + tenderness.cuts * at(1);
      const took = (i: number) => tookAt(plain, truth + tenderness.lots * at(i));
      const evidence = Array.from({ length: past }, (_, i): Evidence => ({
        what: 'tender',
        of: 'oven beef-shank',
        value: Math.log(took(2 + i) / plain.median),
        noise: learnSpreads.tender.own,
      }));
      const { p10 = NaN, p90 = NaN } = readyOf(learn(evidence, past).learned).lots[0]?.tender ?? {};
      narrower += (p90 - p10) / width / KITCHENS;
      for (let i = 0; i < NEXT; i += 1) {
        const next = took(2 + past + i);
        held += next > p10 && next < p90 ? 1 / (KITCHENS * NEXT) : 0;
      }
    }
    expect(held).toBeGreaterThan(0.75);
    expect(held).toBeLessThan(0.85);
    expect(narrower).toBeLessThan(past < 3 ? 0.97 : 0.9);
  });

  test('whatever a file says it had learned, there is a time and a range', () => {
    for (const [mean, shared, own] of [
      [0, 0, 0],
      [0.2, 0, 0],
      [-5, 5, 5],
      [5, 0, 5],
    ] as const) {
      const figures = [{ what: 'tender' as const, of: 'oven beef-shank', n: 3, mean, shared, own }];
      const input = mealOf({ batches: 3, figures });
      const ready = openMeal(input).planned[0]?.ready;
      if (!ready) continue;
      const { p10 = NaN, p90 = NaN } = ready.lots[0]?.tender ?? {};
      expect(p10).toBeGreaterThan(0);
      expect(p90).toBeGreaterThan(p10);
      expect(p90).toBeLessThan(4 * ready.median);
    }
  });

  test('another cut in that oven moves a little, and stays as unsure as its name', () => {
    const late = Array.from({ length: 6 }, (): Evidence => ({
      what: 'tender',
      of: 'oven beef-blade-roast',
      value: Math.log(1.25),
      noise: learnSpreads.tender.own,
    }));
    const ready = readyOf(learn(late, 6).learned);
    expect(ready.median / plain.median).toBeGreaterThan(1.01);
    expect(ready.median / plain.median).toBeLessThan(1.15);
    expect(ready.odds.spreadOf(0).shared).toBeLessThan(plain.odds.spreadOf(0).shared);
    expect(ready.odds.spreadOf(0).own).toBeCloseTo(plain.odds.spreadOf(0).own, 2);
  });
});
