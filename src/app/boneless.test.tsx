import { afterEach, describe, expect, test } from '@jest/globals';
import { batchOf, dishOf, inputOf, lotOf } from '@/core/testing/meals.ts';
import { stages } from '@/core/ledger/index.ts';
import { closePage, openAt, settled, sheet } from './testing/openApp.tsx';

describe('meat without a bone', () => {
  afterEach(closePage);

  test.each([
    {},
    { lidOn: Date.UTC(2026, 10, 27, 9) },
    { lidOn: Date.UTC(2026, 10, 27, 6), closed: { at: Date.UTC(2026, 10, 27, 13) } },
  ])('has none in any sentence of any sheet: %j', async (changes) => {
    const meal = inputOf([batchOf([lotOf('beef-brisket', 2000)], changes)], [dishOf('taco', 12)]);
    for (const stage of stages) {
      await openAt(stage, meal);
      await settled();
      expect([stage, /.{0,40}\bbones?\b.{0,40}/i.exec(sheet())?.[0]]).toEqual([stage, undefined]);
      closePage();
    }
  });
});
