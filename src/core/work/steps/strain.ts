import { clearPool, massOf, setPlus, setTimes } from '../../ledger/index.ts';
import { heldWater, holdLiquid } from '../held.ts';
import { stepKind } from '../kind.ts';
import { onLiquid } from './shared.ts';

/** Through a sieve, which keeps the solids with the liquid that they hold. */
export const strain = stepKind({
  fields: { liquid: onLiquid },
  works: 'liquid',
  inDay: { task: 'strain' },
  weighs: 'strained',
  behind: ['take out', 'lift'],
  liquid: {
    flow: 'strained',
    plan: () => ({}),
    run: (_, { draw, liquid, taken, weighed, out }) => {
      const { pool, solids } = liquid;
      const dry = massOf(solids);
      setTimes(taken, solids, 1);
      const held = Number.isNaN(weighed) ? heldWater(liquid.solidsG, draw.held, dry) : weighed - dry;
      holdLiquid(held, taken, pool);
      // What lies in the sieve is what was weighed there.
      const grams = massOf(taken);
      const of = Number.isNaN(weighed) ? 1 : grams > 0 ? weighed / grams : 0;
      setPlus(out.strainer.pool, out.strainer.pool, taken, of);
      setPlus(out.strainer.dry, out.strainer.dry, solids, of);
      if (grams === 0 && weighed > 0) out.strainer.pool.water += weighed;
      clearPool(solids);
      liquid.solidsG = 0;
      out.solids = liquid.strained ? out.solids + massOf(taken) : massOf(taken);
      liquid.strained = true;
    },
  },
});
