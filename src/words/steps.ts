import type { AfterStep, DrawnFrom, School, Skim } from '@/core/batch/index.ts';
import { toolWords } from './bench.ts';
import { afterWords } from './doing.ts';

/** How a school works once the meat is tender, and when to. */
export const schoolWords: Readonly<Record<School, { readonly name: string; readonly why: string }>> = {
  broth: { name: 'strained and skimmed', why: 'Strained it is a broth.' },
  sauce: {
    name: 'sauce with its vegetables, meat back in',
    why: 'Pasta and fillings keep everything in the pot: the vegetables are the sauce, skimmed lightly.',
  },
  dip: { name: 'a dip with its fat', why: 'A dip wants its fat.' },
  'in the pot': { name: 'shredded in the pot', why: 'It never leaves its pot.' },
  overnight: { name: 'chilled overnight', why: 'Chilled, the fat lifts off in one piece.' },
};

export const skimWords: Readonly<Record<Skim, string>> = {
  hot: 'spooned off hot',
  settle: 'after a jug has settled',
  chill: 'chilled overnight',
  leave: 'left in',
};

/** Where in the pot a part is taken from. */
export const drawnWords: Readonly<Record<DrawnFrom, string>> = {
  'the top': 'from the top, with its fat',
  stirred: 'stirred up',
  below: 'from below, lean',
};

/** A step in a list, in the fewest words. */
const short: Readonly<Partial<Record<AfterStep['what'], string>>> = {
  lift: 'lift out',
  cool: 'cool',
  bone: 'bones out',
  pull: 'pull',
  pick: 'pick',
  'take out': 'fish out what must come out',
  strain: 'strain',
  mash: 'mash',
  skim: 'skim',
  'set apart': 'set some apart',
  'put back': 'put back',
  'boil down': 'boil down',
  thicken: 'thicken',
  add: 'stir in',
  salt: 'salt',
  'meat back': 'meat back in',
  stretch: 'stretch',
  dress: 'dress',
  hold: 'keep hot',
};

/** The steps in one line: "lift out, cool, bones out, pull with two forks, skim". */
export const stepsWords = (steps: readonly AfterStep[]): string =>
  steps
    .map(({ what, tool, way, to, as, amount }) =>
      [
        short[what] ?? afterWords[what],
        what === 'pull' && tool && `with ${toolWords[tool]}`,
        what === 'skim' && way && way !== 'hot' && skimWords[way],
        to?.text && `to ${to.text}`,
        (what === 'set apart' || what === 'add') && as && `as ${as}`,
        amount?.text,
      ]
        .filter(Boolean)
        .join(' '),
    )
    .join(', ');
