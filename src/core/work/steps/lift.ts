import { stepKind } from '../kind.ts';

/** The meat out of its pot. */
export const lift = stepKind({
  fields: {
    share: { of: 'share', says: 'how much of the meat, the big pieces alone; absent: all' },
  },
  works: 'meat',
  inDay: { within: 'pot' },
  weighs: 'cooked',
  liquid: {
    flow: undefined,
    plan: () => ({}),
    /** At the end of a long braise salt is even through all the water, the meat's included. */
    run: (_, { liquid: { pool }, meat, out }) => {
      const water = pool.water + meat.meatWater;
      // Salt taken up displaces its own weight of water, so that the published yield still holds.
      const strength = water > 0 ? pool.salt / water : 0;
      out.saltOfMeatWater = Math.min(
        strength / (1 + strength),
        meat.meatWater > 0 ? pool.salt / meat.meatWater : 0,
      );
      const salt = out.saltOfMeatWater * meat.meatWater;
      pool.salt = Math.max(0, pool.salt - salt);
      pool.water += salt;
    },
  },
});
