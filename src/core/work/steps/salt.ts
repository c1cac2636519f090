import { stepKind } from '../kind.ts';
import { amount, gramsOf, measure, onLiquid, SALT, stirIn, stirred } from './shared.ts';

/** Salt into a liquid. */
export const salt = stepKind({
  fields: { liquid: onLiquid, amount, measure },
  works: 'liquid',
  inDay: undefined,
  weighs: undefined,
  liquid: {
    flow: 'stirredIn',
    plan: (written) => {
      const grams = gramsOf(written, SALT);
      return grams === undefined ? undefined : stirred(SALT, grams);
    },
    run: stirIn,
  },
});
