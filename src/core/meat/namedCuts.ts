import { cutNames } from './cutNames.ts';

/** What a cook's words name: cuts of the table, the usual one first; and whether they say that the bone is in or out. */
export interface NamedCuts {
  readonly cuts: readonly string[];
  readonly bone: 'in' | 'out' | undefined;
}

const BONE_OUT = /\b(boneless|boned|bone[ -]?out|off the bone|deboned)\b/;
const BONE_IN = /\b(bone[ -]?in|bone[ -]?on|on the bone|with (its |the )?bones?)\b/;
/** What tells how it is sold or cut, and not what it is. */
const BESIDE =
  /\b(of|the|a|an|with|its|good|nice|large|small|big|lean|fatty|well|marbled|trimmed|untrimmed|rolled|tied|whole|raw|fresh|organic|grass|fed|in one piece|joint|pieces?|cut into.*|for (pulling|braising|shredding))\b/g;

const plain = (words: string): string =>
  words
    .toLowerCase()
    .replace(/[’']s\b/g, ' s')
    .replace(BESIDE, ' ')
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim()
    .split(' ')
    .map((word) => word.replace(/(?<=[a-z]{2})(?<![sui])s$/, ''))
    .join(' ');

interface Name {
  readonly name: string;
  readonly cuts: readonly string[];
}
let known: readonly Name[] | undefined;
/** Every name, the longest first: "boneless short rib" is more than "short rib". */
const names = (): readonly Name[] =>
  (known ??= cutNames
    .flatMap(([cuts, said]) => said.split('|').map((name) => ({ name: plain(name), cuts: cuts.split(' ') })))
    .toSorted((a, b) => b.name.length - a.name.length));

/**
 * The cuts that words name, by everyday, regional and label names: whole, else by the longest name that is in them; none where no
 * name is. `whole`: every word of it is in the name.
 */
export function namedCuts(words: string): NamedCuts & { readonly whole: boolean } {
  const lower = words.toLowerCase();
  const bone = BONE_OUT.test(lower) ? 'out' : BONE_IN.test(lower) ? 'in' : undefined;
  // A boneless short rib has a name of its own; a bone-in shoulder is a shoulder with its bone.
  const tries = [...new Set([plain(lower), plain(lower.replace(BONE_OUT, ' ').replace(BONE_IN, ' '))])];
  for (const said of tries) {
    const found = said !== '' && names().find(({ name }) => name === said);
    if (found) return { cuts: found.cuts, bone, whole: true };
  }
  for (const said of tries) {
    const found = names().find(({ name }) => ` ${said} `.includes(` ${name} `));
    if (found) return { cuts: found.cuts, bone, whole: false };
  }
  return { cuts: [], bone, whole: false };
}
