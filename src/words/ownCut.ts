import { YIELD } from '@/core/meal/index.ts';
import type { NoOwnCut } from '@/core/meat/index.ts';
import { saysWords } from './problems.ts';

/** Why a cut of one's own cannot be, and what to write. */
export function noOwnCutWords(why: NoOwnCut): string {
  switch (why.what) {
    case 'no name':
      return 'Give the cut a name.';
    case 'no share':
      return `“${why.text}” is not a share for the ${why.of}; write 0 to 100 %.`;
    case 'all bone':
      return `“${why.text}” of bone leaves no meat; write at most 95 %, or buy it as bones for flavour.`;
    case 'no composition':
      return 'A composition needs protein and fat.';
    case 'no yield':
      return `Write what it comes to, ${100 * YIELD.least} to 100 %.`;
    case 'fault':
      return saysWords(why.fault);
  }
}
