import type { CareFacts, CautionId } from '@/core/care/index.ts';

interface CautionWords {
  /** A few words, which stay when it is folded. */
  readonly short: string;
  readonly full: string | ((facts: CareFacts) => string);
  /** When it stands, for the table of all of them. */
  readonly when: string;
}

/** Every caution in its words: plain, short, and second to the local code. */
const words: Readonly<Record<CautionId, CautionWords>> = {
  'hot or cold': {
    when: 'always',
    short: 'hot or cold',
    full: 'Hold hot at 57 °C or above, or cool it fast. Two hours between is the limit, one on a hot day.',
  },
  'cool fast': {
    when: 'always',
    short: 'cool fast',
    full: 'From 57 to 21 °C within two hours and to 5 °C within six in all: no more than 5 cm deep, in shallow pans or an ice bath. Label with what, when, use-by and allergens.',
  },
  reheat: {
    when: 'always',
    short: 'right through',
    full: 'Reheat right through, to 74 °C, within two hours.',
  },
  'half cooked': {
    when: 'meat is browned',
    short: 'never half cooked',
    full: 'Browned meat is raw inside: it goes on at once and is never kept like that.',
  },
  'slow cooker': {
    when: 'a slow cooker is used',
    short: 'slow cooker',
    full: 'Nothing frozen, and not half full of cold meat: it is too long on its way to hot.',
  },
  beans: {
    when: 'dried beans are in a pot',
    short: 'dried beans',
    full: ({ driedBeans }) =>
      `${capitalOf(driedBeans.join(', '))}: soak five hours, pour the water away, and boil hard for 30 minutes in fresh water before any slow heat. Raw and half cooked they are poison.`,
  },
  'warm starch': {
    when: 'pasta or rice is served',
    short: 'rice and pasta',
    full: 'Cooked rice and pasta: hot or cold, never kept warm.',
  },
  'raw meat': {
    when: 'always',
    short: 'raw meat',
    full: 'Wash board, knife and hands after raw meat, before anything is cut that is eaten raw.',
  },
  marinade: {
    when: 'something is marinated',
    short: 'marinade',
    full: 'In the fridge, covered, under everything else; two days at most, a night if it is sour. Boil what held raw meat before you taste it.',
  },
  'stands out': {
    when: 'meat stands out of the fridge',
    short: 'out of the fridge',
    full: 'Two hours in all on the counter is the limit for meat, one on a hot day.',
  },
  'hot fat': {
    when: 'meat is browned',
    short: 'hot fat',
    full: 'Wet meat in hot fat spits: pat it dry, lay it in away from you. If it burns: lid on, heat off, no water.',
  },
  griddle: {
    when: 'a dish is fried or pressed',
    short: 'the griddle',
    full: 'What was dipped spits on a hot griddle: let it drip, lay it down away from you, long tongs. Fat that burns: heat off, a lid, no water.',
  },
  'smoke in the kitchen': {
    when: 'something is browned, toasted or blistered',
    short: 'smoke',
    full: 'Fan on, window open; a dry hot pan smokes.',
  },
  chillies: {
    when: 'something hot is in a pot',
    short: 'chillies',
    full: 'Gloves, and hands off your eyes; toasted, they fume: lean back, fan on.',
  },
  knives: {
    when: 'always',
    short: 'knives',
    full: 'No knife in a full sink; on a mandolin the guard, and the last piece by knife.',
  },
  'heavy pot': {
    when: 'always',
    short: 'a heavy pot',
    full: 'A full pot out of the oven: dry cloths, both hands, a cleared way, help if it is heavy. Open the lid away from you.',
  },
  'hot purée': {
    when: 'something is puréed',
    short: 'hot purée',
    full: 'Hot in a blender: half full at most, the lid vented, a towel over it.',
  },
  'carbon monoxide': {
    when: 'something is smoked',
    short: 'outdoors only',
    full: 'Smoker, charcoal and gas burn outdoors only: carbon monoxide has no smell and kills.',
  },
  'small bones': {
    when: 'always',
    short: 'pick twice',
    full: ({ boneless }) =>
      `${boneless ? 'Gristle, membrane and what a knife has left' : 'Small bones and membrane'}: pick twice for children and anyone who has trouble swallowing.`,
  },
  'on the bone': {
    when: 'a dish is served on its bone',
    short: 'cooked bones',
    full: 'Cooked bones splinter: tell whoever eats it, keep them from small children, and give none to pets.',
  },
  'hot bowls': {
    when: 'bowls are browned',
    short: 'hot bowls',
    full: 'Bowls from under the grill stay hot: a cloth, a plate below, a word to the guest. A torch is pointed away and closed after.',
  },
  'film and steam': {
    when: 'always',
    short: 'steam',
    full: 'Lift film and lids away from you: the steam burns.',
  },
  alcohol: {
    when: 'alcohol is left and children eat',
    short: 'alcohol is left',
    full: ({ alcohol }) =>
      alcohol === undefined
        ? ''
        : `About ${alcohol.g < 1 ? alcohol.g.toFixed(1) : String(Math.round(alcohol.g))} g of alcohol is left in one serving of ${alcohol.dish}, ${(100 * alcohol.share).toFixed(1)} % of its weight; drinks count as low in alcohol up to 1.2 % by volume, as free of it up to 0.5 %. Set the children’s apart before it goes in, or cook without.`,
  },
  thaw: { when: 'always', short: 'thawing', full: 'Thaw in the fridge, never on the counter.' },
};

const capitalOf = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;

/** A caution, in full and in the few words that stay of it. */
export function cautionWords(
  id: CautionId,
  facts: CareFacts,
): { readonly short: string; readonly full: string } {
  const { short, full } = words[id];
  return { short, full: typeof full === 'string' ? full : full(facts) };
}

/** When a caution stands, in words. */
export const cautionWhen = (id: CautionId): string => words[id].when;

/** What all cautions are second to. */
export const LOCAL_CODE = 'Follow your local food code and, for a business, your licensed plan.';

/** The cautions of a paper, whole, one after the other. */
export const cautionsOnPaper = (ids: readonly CautionId[], facts: CareFacts): string =>
  [...ids.map((id) => cautionWords(id, facts).full), LOCAL_CODE].join(' ');
