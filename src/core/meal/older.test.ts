import { expect, test } from '@jest/globals';
import { batchOf, dishOf, inputOf, lotOf } from '../testing/meals.ts';
import { isUsualAfter, usualAfter } from './after.ts';
import { mealFileOf, readMealFile, writeMealFile } from './file/file.ts';

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

test('what stood beside the list comes over as the usual list, and counts for nothing where there was one', () => {
  const before = (changes: object) => {
    const file = mealFileOf(input, reference.version);
    const batches = file.batches.map(({ after: _, cook, ...batch }) => ({
      ...batch,
      cook: cook.map(({ id: __, ...phase }) => phase),
      ...changes,
    }));
    return readMealFile(JSON.stringify({ ...file, batches }));
  };
  const down = { text: '600 ml', lo: 600, hi: 600 };
  for (const [finish, own] of [
    [
      { strain: true, skim: 'hot' },
      { strain: true, skim: 'hot' },
    ],
    [
      { strain: false, skim: 'leave', reduceTo: { text: '' } },
      { strain: false, skim: 'leave' },
    ],
    [
      { strain: true, skim: 'chill', reduceTo: down },
      { strain: true, skim: 'chill', reduceTo: down },
    ],
  ] as const) {
    const read = before(finish);
    if (!read.ok) throw new Error(read.error);
    const [batch] = read.file.batches;
    expect(batch?.after).toEqual(usualAfter(own));
    expect(batch && isUsualAfter(batch)).toBe(true);
    expect(batch?.cook.map(({ id }) => id)).toEqual(['phase 1']);
    expect(Object.keys(batch ?? {})).not.toContain('skim');
  }
  const own = [{ id: 'skim', what: 'skim' }];
  const read = before({ strain: true, skim: 'chill', reduceTo: down, after: own });
  expect(read.ok && read.file.batches[0]?.after).toEqual(own);
  // Nothing that was written wrongly is taken for something else.
  expect(before({ strain: true, skim: 'twice' })).toMatchObject({ error: expect.stringContaining('twice') });
  expect(before({ strain: 'yes', skim: 'hot' })).toMatchObject({ error: expect.stringContaining('strain') });
  expect(before({ strain: true, skim: 'hot', reduceTo: 5 })).toMatchObject({ ok: false });
});

test('of two steps that bore one id the first keeps it', () => {
  const read = readMealFile(
    fileWith([
      { id: 'strain', what: 'strain', liquid: 'dip' },
      { id: 'strain', what: 'strain' },
    ]),
  );
  expect(read.ok && read.file.batches[0]?.after.map(({ id }) => id)).toEqual(['strain', 'strain 2']);
});

test('what no step knows is refused by its name, and so is a word that the step does not know', () => {
  const scooped = readMealFile(fileWith([{ id: 'skim', what: 'skim', scoop: 2 }]));
  expect(scooped).toMatchObject({ ok: false, error: expect.stringContaining('“scoop”') });
  const way = readMealFile(fileWith([{ id: 'skim', what: 'skim', way: 'twice' }]));
  expect(way).toMatchObject({ ok: false, error: expect.stringContaining('twice') });
  const what = readMealFile(fileWith([{ id: 'fry', what: 'fry' }]));
  expect(what).toMatchObject({ ok: false, error: expect.stringContaining('fry') });
});
