import { valueAt } from '../../columns/index.ts';
import type { OpenedMeal } from '../../model/index.ts';
import { restOf } from '../../plates/index.ts';
import type { Shares } from '../heavy/shares.ts';

/**
 * What stands until the meal is shared out anew after a tap: portions as they were, what is still to go out and what is left as
 * the ledger has it at once.
 * @param before the sharing of a moment ago
 */
export function meanwhile(before: Shares, { plan, nominal }: OpenedMeal): Shares {
  const { served, booked } = nominal;
  const still = restOf(plan.tickets, booked);
  const dishes = before.dishes.map((share) => {
    const t = plan.tickets.findIndex(({ id }) => id === share.dish);
    if (t < 0) return share;
    const out = booked[t]?.servings ?? 0;
    const of = Math.floor(still[t]?.count ?? 0);
    return { ...share, of, servings: Math.min(of, Math.max(0, valueAt(served.filled, t) - out)) };
  });
  const left = { shredG: served.leftG, liquidMl: served.leftMl };
  const given = (of: (share: (typeof dishes)[number]) => number) =>
    dishes.reduce((sum, one) => sum + one.servings * of(one), 0);
  return {
    ...before,
    dishes,
    left,
    there: {
      shredG: left.shredG + given(({ meatG }) => meatG),
      liquidMl: left.liquidMl + given(({ liquidMl }) => liquidMl),
    },
    // Of each pot as the ledger has it.
    leftBy: [],
    proved: false,
  };
}
