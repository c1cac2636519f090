import { describe, expect, test } from '@jest/globals';
import { backupChangesWords, broughtInWords, lastBackupWords, unreadWords } from './backups.ts';
import { agoWords, namesWords, sizeWords } from './sizes.ts';
import { storageWords, unkeptWords } from './storage.ts';

const NOON = new Date(2026, 11, 5, 12).getTime();
const HOUR = 3_600_000;

describe('sizes, days and names as people say them', () => {
  test.each([
    [0, '0 bytes'],
    [999, '999 bytes'],
    [1000, '1.0 kB'],
    [65_000_000, '65 MB'],
    [9_940_000_000, '9.9 GB'],
    [3e18, '3000000 TB'],
  ])('%d is %s', (bytes, words) => {
    expect(sizeWords(bytes)).toBe(words);
  });

  test('a day changes at midnight, not after 24 hours', () => {
    expect(agoWords(NOON - 11 * HOUR, NOON)).toBe('today');
    expect(agoWords(NOON - 13 * HOUR, NOON)).toBe('yesterday');
    expect(agoWords(NOON - 12 * 24 * HOUR, NOON)).toBe('12 days ago');
    // A clock that was set back tells of no future.
    expect(agoWords(NOON + 50 * HOUR, NOON)).toBe('today');
  });

  test('a few names, and how many more', () => {
    expect(namesWords(['Lunch', ''])).toBe('Lunch, a meal without a name');
    expect(namesWords(['a', 'b', 'c', 'd', 'e', 'f'])).toBe('a, b, c, d and 2 more');
  });
});

describe('what is said of a backup', () => {
  test('when it was, and whether it still holds all', () => {
    expect(lastBackupWords({ changed: true }, NOON)).toMatch(/has never been backed up/);
    expect(lastBackupWords({ changed: false }, NOON)).toBe('There is no backup yet.');
    expect(lastBackupWords({ at: NOON, changed: true }, NOON)).toBe('Backed up today, with changes since.');
  });

  test('only what would be lost is marked, and only where all is replaced', () => {
    const changes = {
      added: ['New'],
      changed: [],
      same: 1,
      here: ['Old', 'Older'],
      clashes: [],
      otherKitchen: true,
    };
    const replaced = backupChangesWords(changes, 'replace');
    expect(replaced[0]).toEqual({ words: '2 meals would be deleted: Old, Older.', isLoss: true });
    expect(replaced.slice(1).every(({ isLoss }) => !isLoss)).toBe(true);
    const merged = backupChangesWords(changes, 'merge').map(({ words }) => words);
    expect(merged).toContain('2 meals would stay: the file does not have them.');
    expect(merged).toContain('One meal is the same here and there.');
    expect(merged.some((words) => words.includes('deleted'))).toBe(false);
  });

  test('one and many', () => {
    expect([broughtInWords(1), broughtInWords(2)]).toEqual(['One meal is in.', '2 meals are in.']);
    expect(unreadWords(['Line 3 is no meal.'])).toMatch(/^One part of it .* Line 3 is no meal\.$/);
    expect(unreadWords(['a', 'b'])).toMatch(/^2 parts of it/);
    expect([unkeptWords(1), unkeptWords(7)]).toEqual([
      expect.stringMatching(/^One change is/),
      expect.stringMatching(/^7 changes are/),
    ]);
  });

  test('every fault of the store says what it is and what to do', () => {
    for (const fault of ['full', 'refused', 'blocked', 'newer', 'outdated', 'broken'] as const) {
      const { what, todo } = storageWords(fault);
      expect(what).toMatch(/\.$/);
      expect(todo.length).toBeGreaterThan(20);
    }
  });
});
