import { expect, test } from '@jest/globals';
import { batchOf, dishOf, inputOf, lotOf } from '../../testing/meals.ts';
import { mealFileOf, readMealFile, writeMealFile } from './file.ts';

const { reference, ...input } = inputOf([batchOf([lotOf('beef-shank', 2400)])], [dishOf('taco', 20)]);
const fileWith = (after: readonly object[]) => {
  const file = mealFileOf(input, reference.version);
  return JSON.stringify({ ...file, batches: file.batches.map((batch) => ({ ...batch, after })) });
};

test('a step that was written when any could hold anything comes over with what it read, and is written so', () => {
  const read = readMealFile(
    fileWith([
      { id: 'pull', what: 'pull', tool: 'gloves', way: 'hot', held: 0.2 },
      { id: 'skim', what: 'skim', way: 'chill', tool: 'forks', from: 'below', liquid: 'dip' },
    ]),
  );
  if (!read.ok) throw new Error(read.error);
  const own = [
    { id: 'pull', what: 'pull', tool: 'gloves' },
    { id: 'skim', what: 'skim', way: 'chill', liquid: 'dip' },
  ];
  expect(read.file.batches[0]?.after).toEqual(own);
  expect(JSON.parse(writeMealFile(read.file))).toMatchObject({ batches: [{ after: own }] });
});

test('what no step knows is refused by its name, and so is a word that the step does not know', () => {
  const scooped = readMealFile(fileWith([{ id: 'skim', what: 'skim', scoop: 2 }]));
  expect(scooped).toMatchObject({ ok: false, error: expect.stringContaining('“scoop”') });
  const way = readMealFile(fileWith([{ id: 'skim', what: 'skim', way: 'twice' }]));
  expect(way).toMatchObject({ ok: false, error: expect.stringContaining('twice') });
  const what = readMealFile(fileWith([{ id: 'fry', what: 'fry' }]));
  expect(what).toMatchObject({ ok: false, error: expect.stringContaining('fry') });
});
