import { uncapital } from './capital.ts';

/** What of it a cook can see that tells which of several cuts it is: by cut, of a name that covers them (common practice, no source). */
const seen: Readonly<Record<string, readonly (readonly [cut: string, words: string])[]>> = {
  'beef-chuck-any': [
    ['beef-blade-roast', 'a flat blade bone'],
    ['beef-arm-pot-roast', 'a round bone'],
    ['beef-seven-bone', 'a bone like a 7'],
    ['beef-under-blade', 'no bone, marbled'],
    ['beef-clod', 'no bone, lean'],
  ],
  'beef-short-ribs-any': [
    ['beef-short-ribs', 'short pieces on the bone'],
    ['beef-plate-ribs', 'long plates on the bone'],
    ['beef-chuck-short-ribs', 'no bone'],
  ],
  'beef-round-any': [
    ['beef-bottom-round', 'bottom round'],
    ['beef-top-round', 'top round'],
    ['beef-eye-of-round', 'eye of round'],
  ],
  'pork-shoulder-any': [
    ['pork-shoulder-blade', 'the blade end (butt, collar)'],
    ['pork-picnic', 'the picnic (hand, arm)'],
  ],
};

/** The answers that narrow a name which covers several cuts; none for what is one cut. */
export const whichCut = (cut: string): readonly (readonly [cut: string, words: string])[] => seen[cut] ?? [];

/** Why what was typed is no cut yet, and what the lot is until it is one. */
export function cutNotOne(typed: string, isSeveral: boolean, now: string | undefined): string {
  const why = isSeveral ? `“${typed}” may be several: which?` : `“${typed}” is not a cut that is known here.`;
  return now === undefined ? why : `${why} The lot is still ${uncapital(now)}.`;
}
