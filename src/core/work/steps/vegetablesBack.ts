import { clearPool, massOf, setPlus, setTimes } from '../../ledger/index.ts';
import { stepKind } from '../kind.ts';
import { onLiquid } from './shared.ts';

/** What a sieve held goes back in, with the liquid that it holds: a sauce with its vegetables again. */
export const vegetablesBack = stepKind({
  fields: { liquid: onLiquid },
  works: 'liquid',
  inDay: { minutes: 2 },
  weighs: undefined,
  behind: ['strain'],
  liquid: {
    flow: 'vegetablesBack',
    plan: () => ({}),
    run: (_, { liquid, taken, out: { strainer } }) => {
      const { pool, dry } = strainer;
      setTimes(taken, pool, 1);
      setPlus(liquid.pool, liquid.pool, pool, 1);
      setPlus(liquid.solids, liquid.solids, dry, 1);
      liquid.solidsG += massOf(pool);
      if (massOf(pool) > 0) liquid.strained = false;
      clearPool(pool);
      clearPool(dry);
    },
  },
});
