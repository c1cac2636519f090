import { clearPool, massOf, setTimes } from '../../ledger/index.ts';
import { heldWater, holdLiquid } from '../held.ts';
import { stepKind } from '../kind.ts';

/** What came out again whole, with the liquid that it holds. */
export const takeOut = stepKind({
  fields: {},
  works: 'liquid',
  inDay: undefined,
  weighs: undefined,
  liquid: {
    flow: 'comeOut',
    plan: () => ({}),
    run: (_, { plan, draw, liquid, taken, out }) => {
      const { pool, comesOut } = liquid;
      setTimes(taken, comesOut, 1);
      holdLiquid(heldWater(liquid.comesOutG, draw.held, massOf(comesOut)), taken, pool);
      clearPool(comesOut);
      liquid.comesOutG = 0;
      // Unless a sieve follows, the solids are the sauce.
      if (!liquid.strained) out.solids = Math.min(massOf(plan.solids) + massOf(plan.blended), massOf(pool));
    },
  },
});
