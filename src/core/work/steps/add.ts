import { midpoint } from '../../quantity/index.ts';
import { stepKind } from '../kind.ts';
import { amount, gramsOf, measure, onLiquid, stirIn, stirred } from './shared.ts';

/** Anything stirred in; or a sauce brought in beside the pot's. */
export const add = stepKind({
  fields: {
    liquid: onLiquid,
    amount,
    measure,
    ref: { of: 'id', says: 'the ingredient that is added' },
    as: { of: 'name', says: 'of something added: it stands apart under this name' },
  },
  works: 'liquid',
  makes: true,
  inDay: { minutes: 3 },
  weighs: undefined,
  apart: ({ as, amount: written }) => (midpoint(written) === undefined ? undefined : as),
  liquid: {
    flow: 'stirredIn',
    plan: (written, { find }) => {
      const found = find(written.ref ?? '');
      if (!found) return undefined;
      const grams = gramsOf(written, found);
      return grams === undefined ? undefined : stirred(found, grams);
    },
    run: stirIn,
  },
});
