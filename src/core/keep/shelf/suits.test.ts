import { expect, test } from '@jest/globals';
import type { ShelfItem } from '../../meal/index.ts';
import { suitsPot } from './suits.ts';

const DAY = 86_400_000;
const NOW = Date.UTC(2026, 5, 1, 12);
const item = (id: string, what: ShelfItem['what'], changes: Partial<ShelfItem> = {}): ShelfItem => ({
  id,
  what,
  name: id,
  grams: 500,
  made: NOW - DAY,
  place: 'fridge',
  ...changes,
});

test('broth and fat that a guest may have and that are in their days are offered, what must go first in front', () => {
  const shelf = [
    item('fresh broth', 'broth'),
    item('older broth', 'broth', { made: NOW - 3 * DAY }),
    item('old broth', 'broth', { made: NOW - 9 * DAY }),
    item('pork fat', 'fat', { holds: ['pork'] }),
    item('beef fat', 'fat', { holds: ['beef'] }),
    item('shred', 'shred'),
    item('used up', 'broth', { gone: [{ at: NOW, how: 'eaten', grams: 500 }] }),
  ];
  const found = suitsPot(shelf, {}, NOW, { avoid: ['pork'], panFatG: 40 });
  expect(found.map((one) => one.item.id)).toEqual(['older broth', 'fresh broth', 'beef fat']);
  // Of the fat only as much as the pan takes, of broth all of it.
  expect(found.map(({ grams }) => grams)).toEqual([500, 500, 40]);
  expect(suitsPot(shelf, {}, NOW, { panFatG: 0 }).some((one) => one.item.what === 'fat')).toBe(false);
});
