import { stepKind } from '../kind.ts';
import { measure } from './shared.ts';

/** Shred moistened with a liquid. */
export const dress = stepKind({
  fields: {
    liquid: {
      of: 'name',
      says: 'what it is dressed with, by the name it was set apart under; absent: the pot’s',
    },
    share: { of: 'share', says: 'how much of the meat; absent: all' },
    amount: {
      of: 'measured',
      says: 'g or ml: how much of it is tossed through; absent: as juicy as is said',
    },
    measure,
    held: { of: 'share', says: 'liquid that the dressed meat is to hold, of its own weight' },
  },
  works: 'both',
  inDay: { task: 'together' },
  weighs: 'dressed',
  last: true,
});
