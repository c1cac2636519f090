import { type OwnCut, YIELD } from '../meal/index.ts';
import { readShare } from '../quantity/index.ts';
import type { Reference } from '@/reference/types.ts';
import { type OwnCutFault, ownCutProblem } from './cut.ts';

/** A cut as a cook describes it: its shares as they were typed. */
export interface WrittenCut {
  readonly name: string;
  readonly like: string;
  /** Like another but for its bone; by its composition; or by what it is known to come to. */
  readonly way: 'relative' | 'composition' | 'yield';
  readonly protein: string;
  readonly fat: string;
  readonly bone: string;
  readonly value: string;
  readonly of: 'purchased' | 'boneless';
  readonly what: 'cooked' | 'shred';
}

/** Why it cannot be. */
export type NoOwnCut =
  | { readonly what: 'no name' | 'no composition' | 'no yield' }
  | { readonly what: 'no share'; readonly of: string; readonly text: string }
  | { readonly what: 'all bone'; readonly text: string }
  | { readonly what: 'fault'; readonly fault: OwnCutFault };

export type OwnCutReading =
  | { readonly ok: true; readonly cut: OwnCut }
  | { readonly ok: false; readonly why: NoOwnCut };

/** More bone than this leaves no meat. */
const MOST_BONE = 0.95;

const no = (why: NoOwnCut): OwnCutReading => ({ ok: false, why });

/** Reads a cut of the cook's own, with an id that nothing has yet; or says why it cannot be. */
export function readOwnCut(written: WrittenCut, reference: Reference, id: string): OwnCutReading {
  const { name, like, way, of, what } = written;
  if (name.trim() === '') return no({ what: 'no name' });
  const texts = {
    protein: way === 'composition' ? written.protein : '',
    fat: way === 'composition' ? written.fat : '',
    bone: written.bone,
    yield: way === 'yield' ? written.value : '',
  };
  for (const [share, text] of Object.entries(texts))
    if (Number.isNaN(readShare(text))) return no({ what: 'no share', of: share, text });
  const [protein, fat] = [readShare(texts.protein), readShare(texts.fat)];
  const [boneShare, value] = [readShare(texts.bone), readShare(texts.yield)];
  if (boneShare !== undefined && boneShare > MOST_BONE) return no({ what: 'all bone', text: texts.bone });
  if (way === 'composition' && (protein === undefined || fat === undefined))
    return no({ what: 'no composition' });
  if (way === 'yield' && !(value !== undefined && value >= YIELD.least)) return no({ what: 'no yield' });
  const cut: OwnCut = {
    id,
    name: name.trim(),
    like,
    ...(protein !== undefined && fat !== undefined && { composition: { protein, fat } }),
    ...(boneShare !== undefined && { boneShare }),
    ...(value !== undefined && { yield: { value, of, what } }),
  };
  const fault = ownCutProblem(cut, reference);
  return fault ? no({ what: 'fault', fault }) : { ok: true, cut };
}
