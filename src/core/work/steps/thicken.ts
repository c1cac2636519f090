import { oneOf } from '../fields.ts';
import { stepKind } from '../kind.ts';
import { THICKENS } from '../thickness.ts';
import { amount, gramsOf, measure, onLiquid, stirIn, stirred } from './shared.ts';

/** What thickens a finished liquid. */
export const thickeners = ['starch', 'flour'] as const;

/** By the ids of the table. */
export const THICKENER_IDS = { starch: 'cornstarch', flour: 'flour' } as const;

/** Starch or flour into a liquid. */
export const thicken = stepKind({
  fields: { liquid: onLiquid, amount, measure, with: oneOf(thickeners) },
  works: 'liquid',
  inDay: { minutes: 8 },
  weighs: undefined,
  liquid: {
    flow: 'stirredIn',
    plan: (written, { find }) => {
      const thickener = written.with ?? 'starch';
      const found = find(THICKENER_IDS[thickener]);
      if (!found) return undefined;
      const grams = gramsOf(written, found);
      return grams === undefined ? undefined : stirred(found, grams, THICKENS[thickener]);
    },
    run: stirIn,
  },
});
