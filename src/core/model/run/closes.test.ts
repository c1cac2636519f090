import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import { massOf, type Amount } from '../../ledger/amount.ts';
import { mustClose } from '../../ledger/balance.ts';
import type { Flow } from '../../ledger/flow.ts';
import { settle } from '../../ledger/settle.ts';
import { anyMeal, builtMeal } from '../../testing/anyMeal.ts';
import { openMeal } from '../openMeal.ts';

test('every node closes to 1e-9 of what went in and no flow is negative, whatever is cooked or weighed', () => {
  fc.assert(
    fc.property(anyMeal, (any) => {
      const input = builtMeal(any);
      const { plannedRun, nominal } = openMeal(input);
      mustClose(plannedRun.flows);
      mustClose(nominal.flows);
    }),
    { numRuns: runs(1000, 60) },
  );
});

test('what was weighed against the plan shows up as missing or found, to the gram', () => {
  fc.assert(
    fc.property(anyMeal, (any) => {
      const input = builtMeal(any);
      const { now, nominal, ledger } = openMeal(input);
      const { flows } = nominal;
      const sum = (wanted: (flow: Flow) => boolean) =>
        flows.filter(wanted).reduce((total, flow) => total + massOf(flow.amount), 0);
      // Whatever left the shop and the cupboard, and was found, is on a plate, on the shelf, thrown
      // out, in the air, or said to be missing.
      const into =
        sum((f) => ['shop', 'cupboard', 'unpulled'].includes(f.from)) + sum((f) => f.id === 'found');
      const out = sum((f) =>
        ['air', 'bin', 'shelf', 'table', 'sent', 'unreckoned', 'unpulled', 'eaten'].includes(f.to),
      );
      const missing = sum((f) => f.id === 'missing');
      expect(Math.abs(into - out - missing)).toBeLessThanOrEqual(1e-8 * Math.max(1, into));
      for (const flow of ledger.filter((f) => f.weighed && f.id === 'shred')) {
        const plan = now[0]?.lots.find((l) => l.id === flow.lot);
        expect(massOf(flow.now)).toBeCloseTo(plan?.weighed.shred ?? NaN, 5);
      }
    }),
    { numRuns: runs(300, 30) },
  );
});

test('a ledger that does not close, or runs backwards, is refused', () => {
  const water = (g: number): Amount => ({
    water: g,
    protein: 0,
    fat: 0,
    ash: 0,
    salt: 0,
    starch: 0,
    other: 0,
    alcohol: 0,
  });
  const flow = { batch: 'pot', lot: 'a', stage: 'meat', id: 'raw' } as const;
  const shop: Flow = { ...flow, from: 'shop', to: 'board', amount: water(100) };
  const onwards: Flow = { ...flow, from: 'board', to: 'bin', amount: water(99.9) };
  expect(() => mustClose([shop, onwards])).toThrow('board|pot|a keeps 0.09');
  expect(() => mustClose([{ ...shop, amount: water(-1) }])).toThrow('water is -1 g');
  expect(() =>
    mustClose([shop, onwards, ...settle({ batch: 'pot', lot: 'a' }, 'board', 'meat', 'meat', water(1), 0.1)]),
  ).not.toThrow();
});
