import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { standInCounter } from './counter.ts';
import { standInScale } from './scale.ts';
import { scenes } from './scenes.ts';

/** A seeded sequence from 0 to 1 (mulberry32). */
function seeded(seed: number): () => number {
  let a = seed;
  return () => {
    a = (a + 0x6d2b79f5) | 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** Ten readings a second, from so many seconds on for so many. */
function watch(scale: ReturnType<typeof standInScale>, from: number, seconds: number) {
  return Array.from({ length: seconds * 10 }, (_, i) => scale.read(1000 * from + 100 * (i + 1)));
}

describe('a scale that stands in for a real one', () => {
  test('what is put on it moves, settles, says so, and is what was put on', () => {
    fc.assert(
      fc.property(fc.integer(), fc.integer({ min: 20, max: 14_000 }), (seed, grams) => {
        const scale = standInScale(seeded(seed));
        watch(scale, 0, 2);
        scale.put(grams);
        const readings = watch(scale, 2, 6);
        expect(readings[0]?.stable).toBe(false);
        const settled = readings.find(({ stable }) => stable);
        expect(settled).toBeDefined();
        expect(Math.abs((settled?.grams ?? NaN) - grams)).toBeLessThanOrEqual(3);
      }),
    );
  });

  test('tare takes off what is on it, and more is counted from there', () => {
    const scale = standInScale(seeded(1));
    scale.put(412);
    watch(scale, 0, 4);
    scale.tare();
    expect(Math.abs(watch(scale, 4, 3).at(-1)?.grams ?? NaN)).toBeLessThanOrEqual(2);
    scale.put(1000);
    expect(Math.abs((watch(scale, 7, 4).at(-1)?.grams ?? NaN) - 1000)).toBeLessThanOrEqual(3);
  });

  test('more than it bears has no figure, and it never says that it is steady then', () => {
    const scale = standInScale(seeded(2));
    scale.put(16_500);
    const readings = watch(scale, 0, 5).slice(20);
    expect(readings.every(({ grams, stable }) => grams === null && !stable)).toBe(true);
    scale.put(-10_000);
    expect(watch(scale, 5, 4).at(-1)?.grams).toBeGreaterThan(6000);
  });

  test('it drifts a little, as real ones do', () => {
    const ends = Array.from({ length: 12 }, (_, seed) => {
      const scale = standInScale(seeded(seed));
      scale.put(500);
      return watch(scale, 0, 600).at(-1)?.grams ?? NaN;
    });
    expect(new Set(ends).size).toBeGreaterThan(1);
    for (const end of ends) expect(Math.abs(end - 500)).toBeLessThan(8);
  });
});

describe('the counter', () => {
  test('a scene puts its things on, one after the other, and each settles as a jump of its own', () => {
    const [, shank] = scenes;
    const counter = standInCounter(seeded(3));
    counter.obey({ do: 'play', scene: 1 }, 0);
    const steady = new Set<number>();
    for (let at = 100; at <= 30_000; at += 100) {
      const { grams, stable } = counter.tell(at).scale;
      if (stable && grams !== null) steady.add(grams);
    }
    let sum = 0;
    for (const { grams } of shank?.puts ?? []) {
      sum += grams;
      const near = [...steady].some((one) => Math.abs(one - sum) <= 3);
      expect([sum, near]).toEqual([sum, true]);
    }
  });

  test('a link that is cut says so until it is mended, and clearing ends a scene', () => {
    const counter = standInCounter(seeded(4));
    counter.obey({ do: 'cut the link' }, 0);
    expect(counter.tell(100).link).toBe('lost');
    counter.obey({ do: 'mend the link' }, 0);
    counter.obey({ do: 'play', scene: 1 }, 0);
    counter.obey({ do: 'clear' }, 200);
    expect(counter.tell(60_000)).toMatchObject({ link: 'on', scale: { grams: 0 } });
  });

  test('a probe goes towards what it is stuck into', () => {
    const counter = standInCounter(seeded(5));
    counter.obey({ do: 'probe', probe: 1, celsius: 82 }, 0);
    for (let at = 100; at <= 25_000; at += 100) counter.tell(at);
    const [other, probe] = counter.tell(25_100).probes;
    expect(probe?.celsius).toBeCloseTo(82, 0);
    expect(probe?.stable).toBe(true);
    expect(other?.celsius).toBeCloseTo(21, 0);
  });
});
