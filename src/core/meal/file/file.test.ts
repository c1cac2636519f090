import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { batchOf, dishOf, inputOf, lotOf } from '../../testing/meals.ts';
import { MAX_FILE_BYTES, mealFileOf, readMealFile, tooLarge, writeMealFile } from './file.ts';
import type { Entry, MealFile } from '../schema.ts';

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
  test.each<[string, (f: ReturnType<typeof structuredClone<typeof file>>) => unknown, string]>([
    [
      'a key that is missing',
      (f) => Reflect.deleteProperty(f.batches[0] ?? {}, 'size'),
      'the size of pot 1 is missing.',
    ],
    [
      'a weight beyond what can be',
      (f) => Object.assign(f.batches[0]?.lots[0]?.weight ?? {}, { lo: 1e12, hi: 1e12 }),
      'the figure of the weight of lot 1 of pot 1 is 1000000000000, and at most 2000000 can be read.',
    ],
    [
      'a width of nearly nothing',
      (f) => Object.assign(f.kitchen.vessels[2] ?? {}, { widthCm: 1e-300 }),
      'the width of vessel 3 of the kitchen is 1e-300, and at least 0.1 can be read.',
    ],
    [
      'a word that is not one of a few',
      (f) => Object.assign(f.meal.dishes[0] ?? {}, { kind: 'pizza' }),
      'the kind of dish 1 of the meal is “pizza”, and only taco, roll, long roll, pasta, hand pie, burrito, soup, dip are known.',
    ],
    [
      'a text of three hundred letters',
      (f) => Object.assign(f.meal, { name: 'x'.repeat(300) }),
      'the name of the meal is longer than 200 letters.',
    ],
    [
      'more pots than a meal holds',
      (f) => f.meal.batches.push(...Array.from({ length: 50 }, (_, i) => `p${i}`)),
      'the batches of the meal has more than 50 of them.',
    ],
    [
      'a place without a clock',
      (f) => Object.assign(f.meal, { serving: { local: '2026-12-05T18:00', zone: 'Moon/Base' } }),
      'the zone of the serving of the meal is “Moon/Base”: no clock is known there.',
    ],
    [
      'a moment that is none',
      (f) => Object.assign(f.meal, { serving: { local: 'at six', zone: 'UTC' } }),
      'the local of the serving of the meal is “at six”: a moment is written 2026-12-05T18:00.',
    ],
    [
      'an ingredient of more than all',
      (f) =>
        Object.assign(f.kitchen, {
          ingredients: [
            {
              id: 'i',
              name: 'Dense',
              role: 'solid',
              section: 'own',
              source: 'own',
              per: { water: 0.9, protein: 0.9, fat: 0, salt: 0, ash: 0, alcohol: 0, other: 0 },
            },
          ],
        }),
      'the composition of own ingredient 1 of the kitchen is a record: its parts are more than all of it.',
    ],
  ])('%s', (_, change, words) => {
    expect(refusal(changed(change))).toBe(`This file cannot be read: ${words}`);
  });

  test('brackets as deep as a well', () => {
    const deep = `{"format":"slow-spoon meal","version":1,"meal":${'['.repeat(100_000)}${']'.repeat(100_000)}}`;
    expect(refusal(deep)).toMatch(/^This file is nested deeper than any meal is/);
    // Brackets in a text are letters.
    const named = structuredClone(file);
    named.meal.name = '[[[[[[[[[[[[[[[[[[[[{{{{{{{{{{"';
    expect(readMealFile(JSON.stringify(named)).ok).toBe(true);
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

test('a reading that is measured as nobody measures it is refused by its word', () => {
  const fork: Entry = {
    id: 'fork',
    at: 1,
    batch: 'pot',
    measures: { what: 'check', feel: 'resists' },
    value: { text: 'resists' },
    measure: 'feel',
    source: 'typed',
  };
  const { reference: table, ...input } = inputOf([batchOf([lotOf('beef-shank', 2400)])], [], [fork]);
  const file = mealFileOf(input, table.version);
  expect(readMealFile(writeMealFile(file)).ok).toBe(true);
  const read = readMealFile(JSON.stringify({ ...file, entries: [{ ...fork, measure: 'mass' }] }));
  expect(read).toMatchObject({ ok: false, error: expect.stringMatching(/measure of reading 1 is “mass”/) });
});
