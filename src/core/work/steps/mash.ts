import { clearPool, massOf } from '../../ledger/index.ts';
import { stepKind } from '../kind.ts';
import { THICKENS } from '../thickness.ts';
import { dilute, onLiquid } from './shared.ts';

/** What is left in it is crushed: it is a part of the liquid and thickens it, and no sieve holds it back any more. */
export const mash = stepKind({
  fields: { liquid: onLiquid },
  works: 'liquid',
  inDay: { minutes: 4 },
  weighs: undefined,
  liquid: {
    flow: undefined,
    plan: () => ({}),
    run: (_, { liquid }) => {
      liquid.thickG += THICKENS.dry * massOf(liquid.solids);
      // Its protein is in the liquid now, and no gelatin.
      dilute(liquid, liquid.solids.protein);
      clearPool(liquid.solids);
      liquid.solidsG = 0;
    },
  },
});
