import { afterEach, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { anyMeal, builtMeal } from '@/core/testing/anyMeal.ts';
import { isCheck } from '@/core/testing/runs.ts';
import { readQuantity } from '@/core/quantity/index.ts';
import { usualKitchen } from '@/core/meal/index.ts';
import { openMeal } from '@/core/model/index.ts';
import { closePage, openAt, openPath, press } from '../testing/openApp.tsx';

afterEach(closePage);

/** A figure as it stands on a sheet: g or ml, and by how much it may be rounded. */
interface Shown {
  readonly sheet: string;
  readonly text: string;
  readonly value: number;
  readonly within: number;
}

/** Every figure of a flow that is on the page, by the flow's name. */
function shownOn(sheet: string): readonly (readonly [flow: string, Shown])[] {
  return [...document.querySelectorAll('[data-flow]')].flatMap((element) => {
    const flow = element.getAttribute('data-flow') ?? '';
    const text = (element.getAttribute('data-figure') ?? element.textContent).trim();
    const read = readQuantity(text, flow.startsWith('ml ') ? 'volume' : 'mass');
    if (!read.ok || read.quantity.lo === undefined) return [];
    return [
      [flow, { sheet, text, value: read.quantity.lo, within: roundingOf(text, read.quantity.lo) }] as const,
    ];
  });
}

/** Half of the last digit; of a whole figure, which may be rounded to its range, half of what it is a multiple of, a fifth of it at most. */
function roundingOf(text: string, value: number): number {
  const [digits = ''] = /[\d.]+/.exec(text) ?? [];
  const unit = value / Number(digits);
  const decimals = digits.includes('.') ? (digits.split('.')[1] ?? '').length : 0;
  if (decimals > 0 || Number(digits) === 0) return (unit || 1) * 10 ** -decimals * 0.5 + 1e-6;
  const step =
    [500, 100, 50, 10, 5, 1].find((one) => Number(digits) % one === 0 && one <= Number(digits) / 5) ?? 1;
  return unit * step * 0.5 + 1e-6;
}

/** Less shred than this makes no plate, g. */
const ENOUGH = 50;

const SHEETS = ['meat', 'order', 'pot', 'clock', 'bench', 'broth', 'plates', 'keep'] as const;

test('no two sheets show two figures of one flow, whatever is cooked and weighed', async () => {
  const n = isCheck ? 50 : 2;
  const worth = fc
    .sample(anyMeal, { numRuns: 12 * n, ...(!isCheck && { seed: 28 }) })
    .map((any) => ({ ...builtMeal(any), kitchen: usualKitchen }))
    .filter((input) => (openMeal(input).nominal.batches[0]?.mass.sums.shred ?? 0) > ENOUGH)
    .slice(0, n);
  expect(worth).toHaveLength(n);
  const apart: string[] = [];
  for (const input of worth) {
    const found = new Map<string, Shown[]>();
    const [batch] = input.batches;
    for (const [i, sheet] of SHEETS.entries()) {
      if (i === 0) await openAt(sheet, input);
      else await openPath(`/meals/${input.meal.id}/batches/${batch?.id ?? ''}/${sheet}`);
      if (i === 0) await press('as a table');
      for (const [flow, shown] of shownOn(sheet)) found.set(flow, [...(found.get(flow) ?? []), shown]);
      closePage();
    }
    for (const [flow, all] of found) {
      const [first, ...others] = all;
      for (const other of others)
        if (first && Math.abs(first.value - other.value) > first.within + other.within)
          apart.push(`${flow}: ${first.text} on ${first.sheet}, ${other.text} on ${other.sheet}`);
    }
  }
  expect(apart).toEqual([]);
}, 600_000);
