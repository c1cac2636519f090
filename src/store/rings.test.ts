import { beforeEach, describe, expect, test } from '@jest/globals';
import { openDb, type SlowSpoonDb } from './db.ts';
import { keepRings } from './rings.ts';

const MINUTE = 60_000;
let db: SlowSpoonDb;
let n = 0;
beforeEach(() => {
  db = openDb(`rings-${String((n += 1))}`);
});
const look = (at: number) => ({ key: 'look', name: 'Test with a fork: pot one', at: at * MINUTE });
const rows = async () =>
  (await db.timers.orderBy('ends').toArray()).map(({ name, ends, rung }) => [name, ends / MINUTE, rung]);

describe('what a plan rings', () => {
  test('comes by itself, moves with the plan and goes with what it calls to; a timer by hand stays', async () => {
    await db.timers.add({ id: 'eggs', name: 'Eggs', ends: MINUTE, minutes: 1, rung: 0 });
    await keepRings(db, 'supper', [look(60)], 0);
    expect(await rows()).toEqual([
      ['Eggs', 1, 0],
      ['Test with a fork: pot one', 60, 0],
    ]);
    await keepRings(db, 'supper', [look(75)], 0);
    expect(await rows()).toEqual([
      ['Eggs', 1, 0],
      ['Test with a fork: pot one', 75, 0],
    ]);
    await keepRings(db, 'another', [], 0);
    expect(await rows()).toHaveLength(2);
    await keepRings(db, 'supper', [], 0);
    expect(await rows()).toEqual([['Eggs', 1, 0]]);
  });

  test('what has rung does not ring again for a shift of minutes, and does for one of an hour', async () => {
    await keepRings(db, 'supper', [look(60)], 0);
    await db.timers.update('supper look', { rung: 1 });
    await keepRings(db, 'supper', [look(65)], 0);
    expect(await rows()).toEqual([['Test with a fork: pot one', 60, 1]]);
    await keepRings(db, 'supper', [look(120)], 0);
    expect(await rows()).toEqual([['Test with a fork: pot one', 120, 0]]);
  });

  test('what was put off stays there; what rang and nobody heard stays until it is heard', async () => {
    await keepRings(db, 'supper', [look(60)], 0);
    await db.timers.update('supper look', { ends: 70 * MINUTE, heard: 'later' });
    await keepRings(db, 'supper', [look(60)], 0);
    expect(await rows()).toEqual([['Test with a fork: pot one', 70, 0]]);
    await db.timers.update('supper look', { rung: 1 });
    await keepRings(db, 'supper', [], 71 * MINUTE);
    expect(await rows()).toHaveLength(1);
    await db.timers.update('supper look', { heard: 'yes' });
    await keepRings(db, 'supper', [], 0);
    expect(await rows()).toEqual([]);
  });
});
