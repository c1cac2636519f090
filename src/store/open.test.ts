import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { Dexie } from 'dexie';
import { openDb } from './db.ts';
import { storageFaultOf } from './faults.ts';
import { newMeal } from './meals.ts';
import { openStore } from './open.ts';

afterEach(() => {
  jest.restoreAllMocks();
});

/** All that is told while a store is opened. */
async function newsOf(name: string): Promise<readonly unknown[]> {
  const told: unknown[] = [];
  await openStore(openDb(name), (fault) => told.push(fault));
  return told;
}

describe('the store', () => {
  test('of a newer program is left as it is, to the version', async () => {
    const newer = new Dexie('newer');
    newer.version(9).stores({ meals: 'id', dreams: 'id' });
    await newer.table('meals').put({ id: 'a' });
    newer.close();
    expect(await newsOf('newer')).toEqual(['newer']);
    const known = await indexedDB.databases();
    expect(known.find(({ name }) => name === 'newer')?.version).toBe(90);
  });

  test('that the browser refuses is told as refused', async () => {
    jest.spyOn(indexedDB, 'open').mockImplementation(() => {
      throw new DOMException('no', 'SecurityError');
    });
    expect(await newsOf('refused')).toEqual(['refused']);
  });

  test('held by an older tab is told as blocked, and opened once that lets go', async () => {
    const request = indexedDB.open('blocked', 10);
    const older = await new Promise<IDBDatabase>((resolve) => {
      request.onsuccess = () => resolve(request.result);
    });
    const told: unknown[] = [];
    const db = openDb('blocked');
    const opening = openStore(db, (fault) => {
      told.push(fault);
      if (fault === 'blocked') older.close();
    });
    await opening;
    expect(told).toEqual(['blocked', undefined]);
    await newMeal(db, 'Supper');
    db.close();
  });

  test('that another tab brings to a newer version is let go, and told', async () => {
    const told: unknown[] = [];
    const db = openDb('outdated');
    await openStore(db, (fault) => told.push(fault));
    const newer = new Dexie('outdated');
    newer.version(9).stores({ meals: 'id' });
    await newer.open();
    expect(told).toEqual([undefined, 'outdated']);
    await expect(newMeal(db, 'Supper')).rejects.toMatchObject({ name: 'DatabaseClosedError' });
    newer.close();
  });
});

test.each([
  [{ name: 'AbortError', inner: { name: 'QuotaExceededError' } }, 'full'],
  [new DOMException('no', 'QuotaExceededError'), 'full'],
  [{ name: 'OpenFailedError', inner: { name: 'SecurityError' } }, 'refused'],
  [{ name: 'UnknownError' }, 'broken'],
  // Rows of one write that were refused together: the error of each lies in a list.
  [{ name: 'BulkError', failures: [{ name: 'AbortError' }] }, 'broken'],
  [{ name: 'BulkError', failures: [{ name: 'AbortError', inner: { name: 'QuotaExceededError' } }] }, 'full'],
  [new Error('There is no “x” in meals any more.'), undefined],
  ['a string', undefined],
])('%p is %s', (error, fault) => {
  expect(storageFaultOf(error)).toBe(fault);
});
