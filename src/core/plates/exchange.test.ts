import { describe, expect, test } from '@jest/globals';
import { ticketsOf } from '../order/index.ts';
import { dishOf } from '../testing/meals.ts';
import { fillingOf } from './filling.ts';
import { emptyServed, nominalServing, serveFrom } from './serve.ts';

/** Servings of each dish from one pot. */
function filled(dishes: readonly ReturnType<typeof dishOf>[], g: number, ml: number): number[] {
  const tickets = ticketsOf(dishes);
  const pools = { g: Float64Array.of(g), ml: Float64Array.of(ml) };
  const served = emptyServed(tickets.length);
  const filling = fillingOf(tickets, [{ id: 'pot', mixed: false }], pools);
  serveFrom(tickets, pools, filling, nominalServing(tickets.length), served);
  return [...served.filled];
}
const sum = (some: readonly number[]) => some.reduce((all, one) => all + one, 0);

describe('where shred and liquid both run short', () => {
  // A roll takes 130 g and 82.8 ml, a bowl of broth 80 g and 270 ml: each order alone wastes what the other would use.
  const rolls = dishOf('roll', 38);
  const bowls = dishOf('soup', 28);

  test('some servings of one dish give way to more of another', () => {
    const found = filled([rolls, bowls], 4741, 7238);
    // Rolls first fill 36, bowls first 26 and 20: 44 is the most there can be, by whole numbers tried one by one.
    let most = 0;
    for (let r = 0; r <= 38; r += 1)
      for (let b = 0; b <= 28; b += 1)
        if (r * 130 + b * 80 <= 4741 && r * 82.8 + b * 270 <= 7238) most = Math.max(most, r + b);
    expect(sum(found)).toBe(most);
  });

  test('but none of a dish that is to be served first', () => {
    const first = filled([{ ...rolls, priority: 1 }, bowls], 4741, 7238);
    // All of the rolls that the meat makes, and then what bowls are left.
    expect(first[0]).toBe(36);
    expect(sum(first)).toBeLessThan(sum(filled([rolls, bowls], 4741, 7238)));
  });

  test('more of either never serves fewer', () => {
    let before = 0;
    for (let more = 0; more <= 3000; more += 150) {
      const now = sum(filled([rolls, bowls], 3000 + more, 5000 + more));
      expect(now).toBeGreaterThanOrEqual(before);
      before = now;
    }
  });
});
