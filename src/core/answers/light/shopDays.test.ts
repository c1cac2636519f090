import { expect, test } from '@jest/globals';
import { openMeal } from '../../model/index.ts';
import { eventOfTwo } from '../../testing/event.ts';
import { answer, shopDays, shoppingList } from '../index.ts';

const NOW = Date.UTC(2026, 11, 3, 8);
const of = (shops?: readonly string[]) => {
  const input = eventOfTwo(
    { beefG: 9000, porkG: 6000, tacos: 60, pasta: 30, pastaFrom: ['pork'] },
    shops ? { day: { shops: [...shops] } } : {},
  );
  const opened = openMeal(input);
  const day = answer('day', opened, { now: NOW, tries: 0 });
  return { opened, days: shopDays(opened, day) };
};
const total = (lists: readonly (readonly { name: string; amount: number }[])[]) => {
  const sums = new Map<string, number>();
  for (const { name, amount } of lists.flat()) sums.set(name, (sums.get(name) ?? 0) + amount);
  return [...sums].toSorted(([a], [b]) => (a < b ? -1 : 1));
};

test('what is bought by day is together what is bought at once, and each day’s is wanted on it', () => {
  const { opened, days } = of();
  expect(days.length).toBeGreaterThan(1);
  const [mine, all] = [total(days.map(({ list }) => list)), total([shoppingList([opened])])];
  expect(mine.map(([name]) => name)).toEqual(all.map(([name]) => name));
  mine.forEach(([, amount], i) => expect(amount).toBeCloseTo(all[i]?.[1] ?? 0, 6));
  expect(days.map(({ date }) => date)).toEqual(days.map(({ date }) => date).toSorted());
});

test('the days on which somebody shops hold: each thing on the last of them before it is wanted', () => {
  const { days } = of(['2026-12-04']);
  expect(days.map(({ date }) => date)).toEqual(['2026-12-04']);
  // Nobody shops before it is wanted: it is told for the first day there is, with the moment at which it is.
  const late = of(['2026-12-06']).days;
  expect(late.map(({ date }) => date)).toEqual(['2026-12-06']);
  expect(late[0]?.wanted).toBeLessThan(Date.UTC(2026, 11, 6));
});

test('of two kitchens each has its own list: together they are what is bought at once', () => {
  const input = eventOfTwo({ beefG: 9000, porkG: 6000, tacos: 60, pasta: 30, pastaFrom: ['pork'] }, {});
  const kitchen = { ...input.kitchen, places: [{ id: 'shed', name: 'boat shed' }] };
  const [beef, ...others] = input.batches;
  if (!beef) throw new Error('no pot');
  const opened = openMeal({ ...input, kitchen, batches: [{ ...beef, at: 'shed' }, ...others] });
  const days = shopDays(opened, answer('day', opened, { now: NOW, tries: 0 }));
  expect(new Set(days.map(({ at }) => at))).toEqual(new Set(['', 'shed']));
  const shed = days.filter(({ at }) => at === 'shed').flatMap(({ list }) => list);
  expect(shed.some(({ name }) => /beef/i.test(name))).toBe(true);
  expect(shed.some(({ name }) => /tortilla|pasta/i.test(name))).toBe(false);
  const [mine, all] = [total(days.map(({ list }) => list)), total([shoppingList([opened])])];
  expect(mine.map(([name]) => name)).toEqual(all.map(([name]) => name));
  mine.forEach(([, amount], i) => expect(amount).toBeCloseTo(all[i]?.[1] ?? 0, 6));
});
