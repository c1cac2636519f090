import { noPastWords } from '@/words/index.ts';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import papa from 'papaparse';
import { usualKitchen } from '../meal/index.ts';
import { mealFile } from '../meal/file/index.ts';
import { readQuantity } from '../quantity/index.ts';
import { reference } from '@/reference/index.ts';
import {
  type CsvColumn,
  csvColumnFor,
  csvColumns,
  type CsvMapping,
  csvTemplate,
  readPastRows,
} from './csvIn.ts';
import { digestOf } from './digest.ts';

let n = 0;
const here = {
  kitchen: usualKitchen,
  reference,
  newId: () => `id-${(n += 1)}`,
  zone: 'UTC',
  reader: readQuantity,
};
const units = { mass: 'g', volume: 'ml' } as const;
const whole: CsvMapping = Object.fromEntries(csvColumns.map((column, i) => [column, i]));
const read = (...rows: string[][]) => readPastRows(rows, whole, units, here);
const row = (changes: Partial<Record<CsvColumn, string>> = {}): string[] => {
  const good: Partial<Record<CsvColumn, string>> = {
    date: '2026-03-09',
    name: 'Crew lunch',
    cut: 'beef shank',
    'raw weight': '2600',
    'shred weight': '985 g',
    plates: '18',
    ...changes,
  };
  return csvColumns.map((column) => good[column] ?? '');
};

describe('past cooks out of a table', () => {
  test('the template is understood by its headings, and its row is a cook', () => {
    const [heads = [], example = []] = csvTemplate;
    expect(heads.map((head) => csvColumnFor(head))).toEqual([...csvColumns]);
    const { good, bad } = read([...example]);
    expect(bad).toEqual([]);
    const [one] = good;
    expect(one?.meal).toMatchObject({ name: 'Crew lunch', notes: 'Peel it warm.' });
    expect(one?.batches[0]?.closed?.verdict).toBe('just enough');
    expect(one?.entries).toHaveLength(5);
    // It teaches as any other batch does.
    if (!one) throw new Error('no cook');
    const [digest] = digestOf({ ...one, kitchen: usualKitchen, reference });
    expect(digest?.evidence.some(({ what, of }) => what === 'y' && of === 'beef-shank')).toBe(true);
  });

  test('a plain number is of the unit that was said; one with a unit keeps its own', () => {
    const inKilos = readPastRows(
      [row({ 'raw weight': '2,6', 'shred weight': '985 g' })],
      whole,
      { mass: 'kg', volume: 'l' },
      here,
    ).good[0];
    expect(inKilos?.batches[0]?.lots[0]?.weight.lo).toBeCloseTo(2600, 6);
    expect(inKilos?.entries[0]?.value?.lo).toBe(985);
  });

  test('a cut is taken where it alone is meant, by whole words; else it is asked for, and what was said counts', () => {
    const cutOf = (cut: string) => read(row({ cut })).good[0]?.batches[0]?.lots[0]?.cut;
    expect(cutOf('beef shank')).toBe('beef-shank');
    expect(cutOf('Beef shank, cross-cut, bone in')).toBe('beef-shank');
    expect(cutOf('BEEF SHANKS')).toBe('beef-shank');
    const { bad, asks } = read(row({ cut: 'shank' }), row({ cut: 'shank' }));
    expect(asks).toHaveLength(1);
    expect(asks[0]?.among.length).toBeGreaterThan(1);
    expect(asks[0]?.among.map(({ id }) => id)).toContain('beef-shank');
    expect(bad[0] && noPastWords(bad[0].why)).toMatch(/^“shank” may be .*: say which\.$/);
    const { good } = readPastRows([row({ cut: 'shank' })], whole, units, {
      ...here,
      said: { shank: 'beef-shank' },
    });
    expect(good[0]?.batches[0]?.lots[0]?.cut).toBe('beef-shank');
  });

  test.each([
    ['0.985 kg', 985],
    ['1.920 kg', 1920],
    ['2.125 lb', 2.125 * 453.59237],
  ])('three signs behind a point are a fraction where a thousand is none: %s', (text, g) => {
    const { good, bad } = read(row({ 'shred weight': text }));
    expect(bad).toEqual([]);
    expect(good[0]?.entries[0]?.value?.lo).toBeCloseTo(g, 3);
  });

  test.each([
    [{ date: '31.2.2026' }, /“31.2.2026” is no day/],
    [{ date: '9.3.3026' }, /“9.3.3026” is no day/],
    [{ cut: 'unicorn' }, /“unicorn” is no cut/],
    [{ 'raw weight': '' }, /no raw weight/],
    [{ 'raw weight': 'heavy' }, /heavy/],
    [{ 'shred weight': '3000' }, /“3000” of shred weight is more than/],
    [{ 'raw weight': '1.920' }, /“1.920” is read in two ways/],
    [
      { 'bone weight': '800', 'picked weight': '900' },
      /\(800 \+ 900 \+ 985 g\) are more than the raw meat \(2600\)/,
    ],
    [{ cut: 'of' }, /“of” is no cut/],
    [{ cut: 'a' }, /“a” is no cut/],
    [{ plates: 'many' }, /“many” is not a number of plates/],
    [{ 'short or over': 'perhaps' }, /“perhaps” is none of/],
    [{ 'shred weight': '' }, /would teach nothing/],
  ] as const)('a bad row is left out with its reason: %p', (change, why) => {
    const { good, bad } = read(row(), row(change), row());
    expect(good).toHaveLength(2);
    expect(bad).toHaveLength(1);
    expect(bad[0]?.line).toBe(3);
    expect(bad[0] && noPastWords(bad[0].why)).toMatch(why);
  });

  test('whatever a table holds, each row is taken whole or told: what is taken is a meal file, the rest has a line', () => {
    const text = papa.unparse([row(), row({ cut: 'lamb shoulder' }), row({ date: '9.3.2026' })]);
    const mutation = fc.tuple(
      fc.nat(text.length - 1),
      fc.constantFrom('', '"', ',', '\n', '-1', 'NaN', '1e9', '\0', '½', '=1+1', ' kg', 'ł'),
      fc.nat(6),
    );
    fc.assert(
      fc.property(fc.array(mutation, { minLength: 1, maxLength: 5 }), (mutations) => {
        const mutant = mutations.reduce(
          (before, [at, put, drop]) => before.slice(0, at) + put + before.slice(at + drop),
          text,
        );
        const { data } = papa.parse<string[]>(mutant, { skipEmptyLines: 'greedy' });
        const { good, bad } = readPastRows(data, whole, units, here);
        const filled = data.filter((cells) => cells.some((cell) => cell.trim() !== ''));
        expect(good.length + bad.length).toBe(filled.length);
        for (const { meal, batches, entries } of good) {
          const file = {
            format: 'slow-spoon meal',
            version: 1,
            reference: reference.version,
            meal,
            batches,
            entries,
            kitchen: usualKitchen,
          };
          expect(mealFile.safeParse(file).error).toBeUndefined();
        }
        for (const { why } of bad) expect(noPastWords(why)).toMatch(/[.?]$/);
      }),
      { numRuns: runs(3000, 200) },
    );
  });
});
