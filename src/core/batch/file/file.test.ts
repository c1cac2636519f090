import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { batchOf, dishOf, inputOf, lotOf } from '../../testing/meals.ts';
import { MAX_FILE_BYTES, readMealFile, tooLarge, writeMealFile } from './file.ts';
import type { MealFile } from '../schema.ts';

const { reference, ...input } = inputOf([batchOf([lotOf('beef-shank', 2400)])], [dishOf('taco', 20)]);
const file: MealFile = {
  format: 'slow-spoon meal',
  version: 1,
  reference: reference.version,
  ...input,
  batches: [...input.batches],
  entries: [],
};

test('out and in again is the same, to the byte', () => {
  const text = writeMealFile(file);
  const read = readMealFile(text);
  expect(read).toEqual({ ok: true, file });
  if (read.ok) expect(writeMealFile(read.file)).toBe(text);
});

describe('a file that is no meal is refused in one sentence', () => {
  const refusal = (text: string) => {
    const read = readMealFile(text);
    if (read.ok) throw new Error('was taken');
    return read.error;
  };
  const changed = (change: (copy: ReturnType<typeof structuredClone<typeof file>>) => void) => {
    const copy = structuredClone(file);
    change(copy);
    return JSON.stringify(copy);
  };

  test('cut in half', () => {
    const text = writeMealFile(file);
    expect(refusal(text.slice(0, text.length / 2))).toMatch(/cut off/);
  });
  test('foreign', () => {
    expect(refusal('{"hello": 1}')).toMatch(/not a Slow Spoon meal/);
    expect(refusal('[]')).toMatch(/not a Slow Spoon meal/);
    expect(refusal('')).toMatch(/cut off/);
  });
  test('newer', () => {
    expect(refusal(JSON.stringify({ ...file, version: 2 }))).toMatch(/version 2/);
  });
  test('numbers that are strings', () => {
    const words = refusal(JSON.stringify(file).replaceAll('2400,', '"2400",'));
    expect(words).toMatch(
      /^This file cannot be read: the figure of the weight of lot 1 of pot 1 is “2400”, and a number belongs there\.$/,
    );
  });
  test('a weight of nothing or less, a key that nobody knows, an id that is not there', () => {
    expect(
      refusal(changed((f) => Object.assign(f.batches[0]?.lots[0]?.weight ?? {}, { lo: -5, hi: -5 }))),
    ).toMatch(/-5/);
    expect(refusal(changed((f) => Object.assign(f.meal, { colour: 'red' })))).toMatch(/colour/);
    expect(refusal(changed((f) => f.meal.batches.push('ghost')))).toMatch(/“ghost”/);
    expect(refusal(changed((f) => f.batches.push(...f.batches)))).toMatch(/“pot” twice/);
  });
  test('50 MB', () => {
    expect(tooLarge(50_000_000)).toMatch(/50 MB/);
    expect(refusal('x'.repeat(MAX_FILE_BYTES + 1))).toMatch(/20 MB/);
  });
  test('any text at all', () => {
    fc.assert(
      fc.property(fc.oneof(fc.string(), fc.json()), (text) => expect(refusal(text)).toMatch(/^[^\n]+[.;]?$/)),
    );
  });
});
