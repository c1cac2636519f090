import { expect, test } from '@jest/globals';
import type { DealtJob } from '@/core/handout/index.ts';
import { handoutLayout } from './layout.ts';

const HOUR = 3_600_000;
const job = (id: string, at: number, changes: Partial<DealtJob> = {}): DealtJob => ({
  ...{ id, words: id, at: at * HOUR, minutes: 20, done: id, batch: 'pot', pot: 'pot', meatG: 8000, by: [] },
  ...changes,
});
const people = [
  { id: 'ida', name: 'Ida', place: '', jobs: [job('trim', 8), job('pull', 15, { meatG: 3000 })] },
  {
    id: 'bram',
    name: 'Bram',
    place: 'boat shed',
    jobs: [
      job('sear', 9, { waits: [{ who: ['Ida'], words: 'trim', at: 8.5 * HOUR }] }),
      // From the day before.
      job('skim', 16, { waits: [{ who: ['Ida'], words: 'strain', at: -9 * HOUR }] }),
      ...Array.from({ length: 9 }, (_, i) => job(`look ${i}`, 16 + i / 60)),
    ],
  },
];
const numbersIn = (path: string) => [...path.matchAll(/-?\d+(?:\.\d+)?/g)].map(([n]) => Number(n));

test('everybody’s jobs run down in their order, nothing lies outside, and no word covers another', () => {
  const { columns, crossings, wide, high, hours } = handoutLayout(people, 'bram');
  for (const { path, knots, x } of columns) {
    expect(x).toBeGreaterThan(0);
    for (const n of numbersIn(path)) expect(n).toBeGreaterThanOrEqual(0);
    const ys = knots.map(({ y }) => y);
    expect(ys).toEqual(ys.toSorted((a, b) => a - b));
    knots.slice(1).forEach(({ label }, i) => {
      expect(label - (knots[i]?.label ?? 0)).toBeGreaterThanOrEqual(20);
      expect(label).toBeLessThan(high);
    });
  }
  expect(crossings).toHaveLength(2);
  for (const { path } of crossings)
    for (const n of numbersIn(path)) {
      expect(n).toBeGreaterThanOrEqual(0);
      expect(n).toBeLessThanOrEqual(Math.max(wide, high));
    }
  expect(hours.length).toBeGreaterThan(2);
});

test('a strand is as wide as what is in hand, and a day of nobody draws nothing', () => {
  const [ida] = handoutLayout(people, 'ida').columns;
  const xs = numbersIn(ida?.path ?? '').filter((_, i) => i % 2 === 0);
  expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(58, 0);
  const nobody = handoutLayout([{ id: 'a', name: 'A', place: '', jobs: [] }], 'a');
  expect(nobody.columns[0]?.path).toBe('');
  expect(nobody.hours).toEqual([]);
});
