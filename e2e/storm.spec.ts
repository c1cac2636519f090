import { expect, test } from '@playwright/test';
import { comingInStorm } from '../speed/storm/comingIn.ts';
import { faultStorm } from '../speed/storm/faults.ts';
import { killStorm } from '../speed/storm/kills.ts';
import { randomOf } from '../speed/storm/random.ts';
import { upgradeStorm } from '../speed/storm/upgrades.ts';

/** The same each time; `./slow-spoon storm` goes on for as long as one likes. */
const SEED = 20_261_127;
/** `./slow-spoon check` kills more often. */
const KILLS = process.env.SLOW_SPOON_CHECK === '1' ? 9 : 2;

test('a browser that is killed in the middle of everything has lost nothing that was confirmed', async () => {
  const { confirmed, lost, loose } = await killStorm('dist', randomOf(SEED), (kills) => kills >= KILLS);
  expect(lost).toEqual([]);
  expect(loose).toEqual([]);
  expect(confirmed).toBeGreaterThan(0);
});

test('a store of the first version, and a backup, come over whole or not at all, whenever the browser is killed', async () => {
  const random = randomOf(SEED);
  const upgraded = await upgradeStorm('dist', random, (kills) => kills >= KILLS / 2);
  expect(upgraded.faults).toEqual([]);
  const { faults, whole, nothing } = await comingInStorm('dist', random, (kills) => kills >= KILLS / 2);
  expect(faults).toEqual([]);
  expect(whole + nothing).toBeGreaterThanOrEqual(KILLS / 2);
});

test('a disk that refuses now and then has everything in the end', async () => {
  const { refused, wrote, stands, loose } = await faultStorm('dist', randomOf(SEED), 40);
  expect(refused).toBeGreaterThan(0);
  expect(stands).toBe(wrote);
  expect(loose).toEqual([]);
});
