import type { Batch } from '../../batch/schema.ts';
import type { BatchReckoning } from '../../reckon.ts';
import type { Strands } from './strands.ts';

/** What a batch wants next, in the order of the work, as far as the readings tell. */
export type NextAct =
  | {
      readonly what:
        'buy' | 'write the time' | 'pick and shred' | 'strain and skim' | 'skim' | 'fill the plates';
    }
  /** The look, min from a hot pot; and its moment, epoch ms, once the lid is on. */
  | { readonly what: 'look'; readonly afterMin: number; readonly at?: number };

export function nextAct(batch: Batch, { ready }: BatchReckoning, strands: Strands): NextAct {
  if (strands.raw.grams === 0) return { what: 'buy' };
  if (strands.liquid.weighed) return { what: 'fill the plates' };
  if (strands.shred.weighed) return { what: batch.strain ? 'strain and skim' : 'skim' };
  if (strands.bone.weighed && strands.bone.grams > 0) return { what: 'pick and shred' };
  if (ready.firstCheckMin === null) return { what: 'write the time' };
  const afterMin = ready.nextCheckMin ?? ready.firstCheckMin;
  return {
    what: 'look',
    afterMin,
    ...(batch.lidOn !== undefined && { at: batch.lidOn + afterMin * 60_000 }),
  };
}
