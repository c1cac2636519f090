import { describe, expect, test } from '@jest/globals';
import { learnSpreads, nextOf, sampleNormals } from '../model/index.ts';
import { learn } from './learn.ts';
import type { Evidence } from './evidence.ts';

/** What each is bound to: an 80 % range is as wide as 1.2816 standard deviations to either side. */
const TENTH = 1.2816;
const KITCHENS = 2000;
const BATCHES = 20;
const SCALE = 0.01;
const { kitchen, group, own } = learnSpreads.y;

/**
 * Kitchens whose truth is hidden: each has its own error, its cut another, and each batch one besides; what is weighed is
 * read off a scale. Fixed random numbers, so that it is the same each time.
 */
const z = sampleNormals(20_261_127, KITCHENS * (2 + 2 * BATCHES));
const simulated = Array.from({ length: KITCHENS }, (_, k) => {
  const at = (i: number) => z[k * (2 + 2 * BATCHES) + i] ?? 0;
  const truth = kitchen * at(0) + group * at(1);
  const batches = Array.from({ length: BATCHES }, (__, b) => truth + own * at(2 + 2 * b));
  const evidence = batches.map((value, b): Evidence => ({
    what: 'y',
    of: 'beef-shank',
    value: value + SCALE * at(3 + 2 * b),
    noise: Math.hypot(own, SCALE),
  }));
  return { truth, batches, evidence };
});

const mean = (some: readonly number[]) => some.reduce((sum, one) => sum + one, 0) / some.length;

describe('two thousand kitchens of twenty batches, with hidden truths', () => {
  const known = simulated.map(({ evidence }) =>
    Array.from({ length: BATCHES }, (_, n) =>
      nextOf(learn(evidence.slice(0, n), n).learned, 'y', 'beef-shank'),
    ),
  );

  test('ranges of the next batch hold 75 to 85 of 100 at every n, and never widen', () => {
    for (let n = 0; n < BATCHES; n += 1) {
      const held = simulated.map(({ batches }, k) => {
        const of = known[k]?.[n];
        return of && Math.abs((batches[n] ?? NaN) - of.mean) < TENTH * of.sd ? 1 : 0;
      });
      expect(mean(held)).toBeGreaterThan(0.75);
      expect(mean(held)).toBeLessThan(0.85);
      if (n > 0) expect(known[0]?.[n]?.sd ?? 1).toBeLessThanOrEqual((known[0]?.[n - 1]?.sd ?? 0) + 1e-3);
    }
  });

  test('the error of the kitchen’s own mean falls by half from none to five, that of the next batch by a third', () => {
    const rms = (some: readonly number[]) => Math.sqrt(mean(some.map((one) => one * one)));
    const ofMean = (n: number) => rms(simulated.map(({ truth }, k) => (known[k]?.[n]?.mean ?? 0) - truth));
    const ofNext = (n: number) =>
      rms(simulated.map(({ batches }, k) => (known[k]?.[n]?.mean ?? 0) - (batches[n] ?? 0)));
    expect(ofMean(5)).toBeLessThan(ofMean(0) / 2);
    expect(ofNext(5)).toBeLessThan((2 / 3) * ofNext(0));
  });

  test('a kitchen with one absurd entry recovers', () => {
    // A bowl that was not tared: half as much again.
    const off = simulated.map(({ truth, evidence }) => {
      const absurd = evidence
        .slice(0, 6)
        .map((one, i) => (i === 2 ? { ...one, value: one.value + Math.log(1.7) } : one));
      return Math.abs(nextOf(learn(absurd, 6).learned, 'y', 'beef-shank').mean - truth);
    });
    const plain = simulated.map(({ truth, evidence }) =>
      Math.abs(nextOf(learn(evidence.slice(0, 5), 5).learned, 'y', 'beef-shank').mean - truth),
    );
    expect(mean(off)).toBeLessThan(1.25 * mean(plain));
  });

  test('another cut of the kitchen learns a little, and is never surer than what was weighed', () => {
    const [one] = simulated;
    const { learned } = learn(one?.evidence ?? [], BATCHES);
    const [seen, unseen] = [nextOf(learned, 'y', 'beef-shank'), nextOf(learned, 'y', 'lamb-shoulder')];
    expect(unseen.n).toBe(0);
    expect(seen.n).toBe(BATCHES);
    expect(unseen.sd).toBeGreaterThan(seen.sd);
    expect(unseen.sd).toBeLessThan(nextOf(undefined, 'y', 'lamb-shoulder').sd);
  });
});
