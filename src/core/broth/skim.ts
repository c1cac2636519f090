import type { Skim } from '../batch/index.ts';

/**
 * Share of the floating fat that comes off: spooned hot about three quarters, a settled jug nine
 * tenths, a chilled cap nearly all (estimates).
 */
export const skimShare: Readonly<Record<Skim, number>> = { hot: 0.75, settle: 0.9, chill: 0.98, leave: 0 };
