import { midpoint } from '../../quantity/index.ts';
import { BROTH, SAUCE } from '../density.ts';
import { stepKind } from '../kind.ts';
import { mlOfPool } from '../liquid.ts';
import { onLiquid } from './shared.ts';

/** Water off a liquid until so much is left. */
export const boilDown = stepKind({
  fields: { liquid: onLiquid, to: { of: 'volume', says: 'ml to boil it down to' } },
  works: 'liquid',
  inDay: { task: 'reduce' },
  weighs: undefined,
  behind: ['skim', 'strain', 'take out', 'lift'],
  liquid: {
    flow: 'reduction',
    plan: ({ to }) => {
      const toMl = midpoint(to);
      return toMl === undefined ? undefined : { toMl };
    },
    run: ({ toMl }, { liquid, taken }) => {
      const over = (mlOfPool(liquid) - toMl) * (liquid.strained ? BROTH : SAUCE);
      taken.water = Math.min(liquid.pool.water, Math.max(0, over));
      liquid.pool.water -= taken.water;
    },
  },
});
