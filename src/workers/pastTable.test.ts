import { expect, test } from '@jest/globals';
import { usualKitchen } from '@/core/meal/index.ts';
import { readQuantity } from '@/core/quantity/index.ts';
import { PastTable } from './pastTable.ts';

const ROWS = 3_500;
const csv = ['date,cut,raw weight,shred weight', ...Array.from({ length: ROWS }, rowOf)].join('\n');
function rowOf(_: unknown, i: number): string {
  const cut = i % 7 === 0 ? 'unicorn' : i % 5 === 0 ? 'shank' : 'beef shank';
  return `2026-03-${String(1 + (i % 28)).padStart(2, '0')},${cut},2.6 kg,${900 + (i % 90)} g`;
}
const how = (said: Readonly<Record<string, string>> = {}) => ({
  units: { mass: 'g', volume: 'ml' } as const,
  said,
  kitchen: usualKitchen,
  zone: 'UTC',
});

test('a long table is read in pieces, with its lines as they stand in the file; asked otherwise meanwhile it answers the last alone', async () => {
  const table = new PastTable(readQuantity);
  const opened = table.open(csv);
  expect(opened?.rows).toBe(ROWS);
  const mapping = opened?.mapping ?? {};
  const told: number[] = [];
  const first = table.read({ mapping, ...how() }, (rows) => told.push(rows));
  const second = table.read({ mapping, ...how({ shank: 'veal-shank' }) }, () => undefined);
  expect(await first).toBeUndefined();
  // Broken off after its first piece.
  expect(told).toEqual([1_000]);
  const read = await second;
  const unicorns = Math.ceil(ROWS / 7);
  expect(read?.cooks).toBe(ROWS - unicorns);
  expect(read?.left).toBe(unicorns);
  expect(read?.why.length).toBe(200);
  expect(read?.why.slice(0, 2).map(({ line }) => line)).toEqual([2, 9]);
  expect(read?.asks.map(({ text }) => text)).toEqual(['shank']);
  const last = table.some(ROWS - unicorns - 1, ROWS);
  expect(last.map(({ batches }) => batches[0]?.lots[0]?.cut)).toEqual(['beef-shank']);
  const veal = table.some(0, 10).filter(({ batches }) => batches[0]?.lots[0]?.cut === 'veal-shank');
  expect(veal.length).toBeGreaterThan(0);
});

test('a table without rows under its heading is none; an empty line is a line', async () => {
  const table = new PastTable(readQuantity);
  expect(table.open('date,cut,raw weight\n\n ,, \n')).toBeUndefined();
  const opened = table.open('date,cut,raw weight\n\n2026-03-01,unicorn,2 kg\n');
  const read = await table.read({ mapping: opened?.mapping ?? {}, ...how() }, () => undefined);
  expect(read?.why.map(({ line }) => line)).toEqual([3]);
});
