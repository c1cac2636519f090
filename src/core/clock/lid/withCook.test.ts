import { expect, test } from '@jest/globals';
import type { Item, Moment, Phase } from '../../meal/index.ts';
import { batchOf } from '../../testing/meals.ts';
import { withCook } from './withCook.ts';

const phase = (id: string): Phase => ({ id, heat: 'oven', lid: 'on' });
const item = (id: string, at: Moment, out?: Moment): Item => ({
  id,
  ref: 'bay-leaf',
  state: 'in',
  at,
  ...(out && { out }),
});

test('what goes in at a moment stays in the phase it was written for, and in the next where that has gone', () => {
  const [first, long, last] = [phase('first'), phase('long'), phase('last')];
  const batch = batchOf([], {
    cook: [long, last],
    items: [
      item('leaf', { phase: 0, minutes: 60 }, { phase: 1, minutes: 5, before: 'end' }),
      item('herbs', { phase: 1, minutes: 0 }),
    ],
  });
  const longer = withCook(batch, [first, long, last]);
  expect(longer.items?.map(({ at, out }) => [at?.phase, out?.phase])).toEqual([
    [1, 2],
    [2, undefined],
  ]);
  expect(longer.items?.[0]?.out).toEqual({ phase: 2, minutes: 5, before: 'end' });
  expect(withCook(longer, [long, last])).toEqual(batch);
  const shorter = withCook(batch, [long]);
  expect(shorter.items?.map(({ at, out }) => [at?.phase, out?.phase])).toEqual([
    [0, 0],
    [0, undefined],
  ]);
});
