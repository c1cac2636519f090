import type { Batch } from '../meal/index.ts';

/** Meat that is back in its sauce with nothing after it is one mixture: a ladle gives both in the pot's proportion. */
export function isMixed({ after }: Pick<Batch, 'after'>): boolean {
  const steps = after.filter(({ what }) => what !== 'hold' && what !== 'salt');
  return steps.at(-1)?.what === 'meat back' || !steps.some(({ what }) => what === 'lift');
}
