import type { Batch } from '../../batch/schema.ts';
import type { BatchReckoning } from '../../reckon.ts';
import type { Strands } from './strands.ts';

/** What a batch wants next, in the order of the work, as far as the readings tell. */
export type NextAct =
  | {
      readonly what:
        'buy' | 'write the time' | 'pick and shred' | 'strain and skim' | 'skim' | 'fill the plates';
    }
  | { readonly what: 'look'; readonly afterMin: number };

export function nextAct(batch: Batch, { ready }: BatchReckoning, strands: Strands): NextAct {
  if (strands.raw.grams === 0) return { what: 'buy' };
  if (strands.liquid.weighed) return { what: 'fill the plates' };
  if (strands.shred.weighed) return { what: batch.strain ? 'strain and skim' : 'skim' };
  if (strands.bone.weighed && strands.bone.grams > 0) return { what: 'pick and shred' };
  if (ready.firstCheckMin === null) return { what: 'write the time' };
  return { what: 'look', afterMin: ready.nextCheckMin ?? ready.firstCheckMin };
}
