import { expect, test } from '@jest/globals';
import supper from '../../../examples/lantern-supper.json' with { type: 'json' };
import { momentOf, wallTimeOf } from '../clock/index.ts';
import { readMealFile } from './file/index.ts';
import { shifted } from './shifted.ts';

test('a meal moved in time keeps every moment’s distance from every other', () => {
  const reading = readMealFile(JSON.stringify(supper));
  if (!reading.ok) throw new Error(reading.error);
  const by = 77 * 300_000;
  const wallTime = { read: momentOf, write: (moment: number) => wallTimeOf(moment, 'America/New_York') };
  const { meal, batches, entries } = shifted(reading.file, by, wallTime);
  const moments = (file: Pick<typeof reading.file, 'meal' | 'batches' | 'entries'>) => [
    file.meal.serving && momentOf(file.meal.serving),
    ...file.batches.flatMap(({ lidOn, items = [] }) => [lidOn, ...items.map(({ put }) => put)]),
    ...file.entries.map(({ at }) => at),
  ];
  expect(moments({ meal, batches, entries })).toEqual(
    moments(reading.file).map((moment) => (moment === undefined ? undefined : moment + by)),
  );
  expect(meal.serving?.zone).toBe('America/New_York');
});
