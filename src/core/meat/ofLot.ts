import type { Fattiness, Lot } from '../meal/index.ts';
import type { KnownCut } from './cut.ts';
import type { Flesh } from './flesh.ts';

/** Fat of the raw flesh against the table's row: what grade and marbling move (estimates). */
const fatOf: Readonly<Record<Fattiness, number>> = { leaner: 0.75, usual: 1, fattier: 1.3 };

/**
 * Bones bought for flavour alone: what clings to them is flesh, the rest is bone (estimate). All of
 * it is picked out again, so they give fat, gelatin and juice but no shred.
 */
const FLAVOUR_BONE = 0.92;

/** The cut as this lot was bought: with its bone or without, leaner or fattier. */
export function cutOfLot(cut: KnownCut, lot: Pick<Lot, 'kind' | 'bone' | 'fattiness'>): KnownCut {
  return {
    ...cut,
    flesh: withFat(cut.flesh, fatOf[lot.fattiness ?? 'usual']),
    boneShare: lot.kind === 'bones' ? FLAVOUR_BONE : boneShareOf(cut, lot.bone),
  };
}

function boneShareOf(cut: KnownCut, bone: Lot['bone']): number {
  if (bone === 'out') return 0;
  return bone === 'in' ? (cut.boneIn ?? cut.boneShare) : cut.boneShare;
}

/** The flesh of a cut that is fattier than this one: how an own cut begins. */
export const fattier = ({ flesh }: KnownCut): Flesh => withFat(flesh, fatOf.fattier);

/** More fat takes the place of the fat-free flesh, whose own composition stays. */
function withFat(flesh: Flesh, times: number): Flesh {
  if (times === 1) return flesh;
  const fat = Math.min(0.6, flesh.fat * times);
  const lean = (1 - fat) / (1 - flesh.fat);
  return { ...flesh, fat, protein: flesh.protein * lean, ash: flesh.ash * lean };
}
