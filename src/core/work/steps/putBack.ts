import { setTimes } from '../../ledger/index.ts';
import { stepKind } from '../kind.ts';
import { liquidNamed, MAIN } from '../liquid.ts';
import { move, onLiquid } from './shared.ts';

/** All of a liquid that was set apart joins another. */
export const putBack = stepKind({
  fields: {
    liquid: onLiquid,
    as: { of: 'name', says: 'the liquid that it joins; absent: the pot’s' },
  },
  works: 'liquid',
  inDay: { minutes: 2 },
  weighs: undefined,
  liquid: {
    flow: 'putBack',
    plan: ({ as }, { of }) => (of === MAIN ? undefined : { into: as ?? MAIN }),
    run: ({ into }, { liquid, taken, out }) => {
      setTimes(taken, liquid.pool, 1);
      move(liquid, liquidNamed(out, into), 1, taken);
    },
  },
});
