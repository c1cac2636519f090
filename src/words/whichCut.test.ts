import { expect, test } from '@jest/globals';
import { reference } from '@/reference/index.ts';
import { whichCut } from './whichCut.ts';

test('each name that covers several cuts has answers that tell some of them apart, and no other cut has any', () => {
  for (const { id, pools = [] } of reference.cuts) {
    const answers = whichCut(id);
    expect([id, answers.length > 1]).toEqual([id, pools.length > 0]);
    expect(pools).toEqual(expect.arrayContaining(answers.map(([cut]) => cut)));
    expect(new Set(answers.map(([, words]) => words)).size).toBe(answers.length);
  }
});
