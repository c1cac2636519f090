/** Where a meat belongs: the levels over which its way of cooking is pooled, each nested inside the one before. */
export interface Kin {
  readonly species: string;
  /** Of the animal: a shoulder of pork is no relative of a shoulder of lamb. */
  readonly family: string;
  /** What the cut is a part of, as the point of a brisket; absent: read off the cut's name. */
  readonly whole?: string | undefined;
  /** Absent, or one that was never seen: its whole's value, then the family's. */
  readonly cut?: string | undefined;
  readonly lean: boolean;
  /** How much fat was left on, as the table names it. */
  readonly trim?: string | undefined;
}

/** First match wins: how the muscles of an animal hang together. */
const families: readonly (readonly [RegExp, string])[] = [
  [/cubed/, 'cubed'],
  [/shank/, 'shank'],
  [/brisket|breast/, 'brisket'],
  [/^beef.*(chuck|shoulder|clod)|deer|bison.*(chuck|shoulder)/, 'chuck'],
  [/country-style/, 'loin'],
  [/sirloin/, 'sirloin'],
  [/round/, 'round'],
  [/shoulder/, 'shoulder'],
  [/ribs?\b|shortribs/, 'rib'],
  [/flank/, 'flank'],
  [/loin/, 'loin'],
];

/** Parts to their wholes; what is bought boned and on the bone is one cut. */
const wholes: readonly (readonly [RegExp, string])[] = [
  [/^beef.*brisket/, 'beef brisket'],
  [/^beef.*(shoulder pot roast|clod)/, 'beef shoulder clod'],
  [/^lamb.*shank/, 'lamb foreshank'],
  [/^lamb.*(shoulder|cubed)/, 'lamb shoulder'],
  [/^veal.*(shoulder|cubed)/, 'veal shoulder'],
  [/^veal.*breast/, 'veal breast'],
  [/^pork.*center rib/, 'pork center rib'],
  [/^pork.*sirloin \(chops/, 'pork sirloin'],
  [/^pork.*shoulder/, 'pork shoulder'],
];

/** What a cut of that name is a part of; the cut itself where it is part of nothing that the table has. */
export const wholeOf = (cut: string): string => wholes.find(([pattern]) => pattern.test(cut))?.[1] ?? cut;

/** Meat from elsewhere is the same cut, of another study. */
const ORIGIN = /, (domestic|new zealand|australian|imported|fresh|frozen)(?=,|$)/g;

/**
 * The kin of a row of USDA SR24 by its name, raw or cooked. Cuts that the table names in two ways are brought to
 * one, and an imported cut is the domestic one.
 */
export function kinOf(rowName: string): Kin & { readonly cut: string; readonly trim: string; grade: string } {
  const name = rowName
    .toLowerCase()
    .replace(/, cooked, .*$/, '')
    .replace(/, raw$/, '');
  const part = (pattern: RegExp) => pattern.exec(name)?.[1] ?? '';
  const cut = name
    .replace(/, (?:usda )?(choice|select|prime|all grades)/, '')
    .replace(/, trimmed to [^ ]+ fat/, '')
    .replace(/,? separable lean (only|and fat)/, '')
    .replace(ORIGIN, '')
    .replace('(chops or roasts)', '(chops)')
    .replace('pot roast or steak', 'pot roast')
    .replace(/outside round, bottom round, steak(, steak)?/, 'bottom round, steak')
    .replace('round, top round, steak', 'round, top round')
    .replace('brisket, flat half, boneless', 'brisket, flat half')
    .replace(/^game meat, deer.*/, 'game meat, deer, shoulder');
  return {
    species: cut.split(',')[0] ?? cut,
    // Game that is sold whole is its own family.
    family: families.find(([pattern]) => pattern.test(cut))?.[1] ?? cut.split(', ')[1] ?? cut,
    whole: wholeOf(cut),
    cut,
    lean: name.includes('lean only') || /^game meat, deer/.test(name),
    trim: part(/, trimmed to ([^ ]+) fat/),
    grade: part(/, (?:usda )?(choice|select|prime|all grades)/),
  };
}
