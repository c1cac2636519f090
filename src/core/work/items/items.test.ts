import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { type Amount, amountOf, massOf } from '../../ledger/index.ts';
import { beforeKind, beforeWhats, boardPieces, prepKind, preps, wayKind, ways } from '../index.ts';

const g = fc.double({ min: 0, max: 2000, noNaN: true });
const thing = fc.record({ water: g, protein: g, fat: g, salt: g, alcohol: g, other: g }).map(amountOf);

describe('what is taken off an ingredient', () => {
  test.each(preps)('%s: never more of anything than there is, nothing of nothing', (prep) => {
    const { takes } = prepKind(prep);
    fc.assert(
      fc.property(thing, fc.double({ min: 0, max: 1, noNaN: true }), (whole, share) => {
        const off = takes(whole, share);
        for (const [part, grams] of Object.entries(off)) {
          expect(grams).toBeGreaterThanOrEqual(0);
          expect(grams).toBeLessThanOrEqual(whole[part as keyof Amount] + 1e-9);
        }
      }),
    );
    expect(massOf(takes(amountOf({}), 0.5))).toBe(0);
  });

  test('juice that runs off a tin is thinner than the tin, and carries none of its fat', () => {
    const beans = amountOf({ water: 800, protein: 60, other: 130, fat: 10 });
    const juice = prepKind('drained').takes(beans, 0.4);
    expect(massOf(juice)).toBeCloseTo(400, 6);
    expect(juice.fat).toBe(0);
    expect(juice.protein / juice.water).toBeCloseTo(60 / 800 / 2, 9);
  });
});

test('what is done before the pan and on the board takes time, each by a task of the day', () => {
  for (const what of beforeWhats) expect(beforeKind(what).minutes).toBeGreaterThan(0);
  const minutes = boardPieces.map((does) =>
    ways.reduce((sum, way) => sum + (wayKind(way).inDay?.pieces[does] ?? 0), 0),
  );
  for (const each of minutes) expect(each).toBeGreaterThan(0);
});
