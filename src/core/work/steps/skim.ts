import { massOf, setLess, setTimes } from '../../ledger/index.ts';
import { oneOf } from '../fields.ts';
import { stepKind } from '../kind.ts';
import { onLiquid } from './shared.ts';

/** How fat is skimmed. */
export const skims = ['hot', 'settle', 'chill', 'leave'] as const;
export type Skim = (typeof skims)[number];

/**
 * Share of the floating fat that comes off: spooned hot about three quarters, a settled jug nine
 * tenths, a chilled cap nearly all (estimates).
 */
export const skimShare: Readonly<Record<Skim, number>> = { hot: 0.75, settle: 0.9, chill: 0.98, leave: 0 };

/** Of a skimming's weight, the broth that clings to the fat (estimate). */
export const CLINGING = 0.1;

/** The fat off a liquid. */
export const skim = stepKind({
  fields: { liquid: onLiquid, way: oneOf(skims, 'how it is skimmed; absent: spooned hot') },
  works: 'liquid',
  inDay: { task: 'skim' },
  weighs: 'skim',
  behind: ['strain', 'take out', 'lift'],
  liquid: {
    flow: 'skim',
    /** share: of the floating fat that it takes. */
    plan: ({ way }) => ({ share: skimShare[way ?? 'hot'] }),
    run: ({ share }, { draw, liquid, taken, weighed }) => {
      const { pool, solids, comesOut } = liquid;
      const isWeighed = !Number.isNaN(weighed);
      const fat = isWeighed
        ? Math.min(pool.fat, weighed * (1 - CLINGING))
        : pool.fat * Math.min(1, share * draw.skim);
      const base = massOf(pool) - pool.fat;
      const broth = isWeighed ? weighed - fat : (fat * CLINGING) / (1 - CLINGING);
      const part = base > 0 ? Math.min(1, broth / base) : 0;
      setTimes(taken, pool, part);
      taken.fat = fat;
      setLess(pool, pool, taken);
      // Solids that are still in it go with the broth that clings, and cannot keep fat that is not there.
      setTimes(solids, solids, 1 - part);
      setTimes(comesOut, comesOut, 1 - part);
      solids.fat = Math.min(solids.fat, pool.fat);
      comesOut.fat = Math.min(comesOut.fat, pool.fat - solids.fat);
    },
  },
});
