import type { AfterWhat, Stage } from '../meal/index.ts';
import type { Doing } from '../day/index.ts';
import type { CareFacts } from './facts.ts';

/** A thing to do that is shown by itself: a step of the cook's list, a fork, a chilling, or what went back. */
export type CardWhat = AfterWhat | 'look' | 'chill' | 'again';

/** Where a caution bites: on sheets, at tasks of the day, on cards. */
export interface Bites {
  readonly sheets?: readonly (Stage | 'shelf')[];
  readonly tasks?: readonly Doing['what'][];
  readonly cards?: readonly CardWhat[];
}

/** One caution: where it stands, when, and who says so. Its words are in `src/words`. */
export interface CautionRow extends Bites {
  /** Absent: always. */
  readonly when?: (facts: CareFacts) => boolean;
  /** Once read it folds to its few words; what guests must not have, and the cold, never do. */
  readonly folds: boolean;
  readonly source: string;
}

const PRACTICE = 'common practice, no source';
const CODE = 'FDA Food Code 2022, from memory';

/** Every caution, in the order in which they are read. */
const rows = {
  'hot or cold': {
    sheets: ['clock', 'plates', 'keep'],
    tasks: ['hold', 'bring together', 'hot boxes', 'fill', 'pack', 'carry'],
    cards: ['hold', 'dress', 'meat back'],
    folds: false,
    source: `${CODE}: 3-501.16 and 3-501.19`,
  },
  'cool fast': {
    sheets: ['keep'],
    tasks: ['cool fast', 'chills'],
    cards: ['chill'],
    folds: false,
    source: `${CODE}: 3-501.14 and 3-501.15`,
  },
  reheat: {
    sheets: ['keep', 'shelf'],
    tasks: ['heats through', 'reheat there'],
    folds: false,
    source: `${CODE}: 3-403.11`,
  },
  'half cooked': {
    sheets: ['clock'],
    tasks: ['sear'],
    when: ({ sears }) => sears,
    folds: false,
    source: `${CODE}: 3-401.14; common practice at home`,
  },
  'slow cooker': {
    sheets: ['clock', 'pot'],
    tasks: ['bring to heat', 'fill the pot'],
    when: ({ heats }) => heats.has('slow cooker'),
    folds: false,
    source: 'USDA FSIS, slow cookers and food safety, from memory',
  },
  beans: {
    sheets: ['pot', 'clock'],
    tasks: ['soak', 'fill the pot'],
    when: ({ driedBeans }) => driedBeans.length > 0,
    folds: false,
    source: 'FDA Bad Bug Book, 2nd edition, phytohaemagglutinin, from memory',
  },
  'warm starch': {
    sheets: ['plates', 'keep'],
    tasks: ['hold'],
    when: ({ starches }) => starches,
    folds: false,
    source: 'FDA Bad Bug Book, 2nd edition, Bacillus cereus, from memory',
  },
  'raw meat': {
    sheets: ['meat'],
    tasks: ['trim', 'chop'],
    folds: true,
    source: `${CODE}: 3-302.11`,
  },
  marinade: {
    sheets: ['pot'],
    tasks: ['into the marinade', 'marinates', 'rub', 'salted', 'boil the marinade'],
    when: ({ marinades }) => marinades,
    folds: false,
    source: 'USDA FSIS, marinating, from memory',
  },
  'stands out': {
    sheets: ['pot'],
    tasks: ['sit out'],
    when: ({ standsOut }) => standsOut,
    folds: false,
    source: 'USDA FSIS, danger zone, from memory',
  },
  'hot fat': {
    sheets: ['pot'],
    tasks: ['sear', 'dry'],
    when: ({ sears }) => sears,
    folds: true,
    source: PRACTICE,
  },
  griddle: {
    sheets: ['plates'],
    tasks: ['fill', 'fill there'],
    when: ({ fries }) => fries,
    folds: true,
    source: PRACTICE,
  },
  'smoke in the kitchen': {
    tasks: ['sear', 'toast', 'blister'],
    sheets: ['pot'],
    when: ({ sears, toasts }) => sears || toasts,
    folds: true,
    source: PRACTICE,
  },
  chillies: {
    sheets: ['pot'],
    tasks: ['toast', 'grind', 'blister', 'peel', 'soak', 'blend', 'chop'],
    when: ({ chillies }) => chillies,
    folds: true,
    source: PRACTICE,
  },
  knives: {
    tasks: ['chop', 'trim'],
    cards: ['bone', 'pick'],
    sheets: ['bench'],
    folds: true,
    source: PRACTICE,
  },
  'heavy pot': {
    sheets: ['clock', 'bench'],
    tasks: ['lift', 'heat the oven', 'strain'],
    cards: ['lift', 'strain'],
    folds: true,
    source: PRACTICE,
  },
  'hot purée': {
    sheets: ['pot', 'broth'],
    tasks: ['blend'],
    when: ({ blends }) => blends,
    folds: true,
    source: PRACTICE,
  },
  'carbon monoxide': {
    sheets: ['clock'],
    tasks: ['light the fire', 'into the smoke', 'tend the fire'],
    when: ({ heats }) => heats.has('smoker'),
    folds: false,
    source: 'US CPSC, carbon monoxide, from memory',
  },
  'small bones': {
    sheets: ['bench', 'plates'],
    tasks: ['pull'],
    cards: ['bone', 'pick', 'pull', 'again'],
    folds: false,
    source: PRACTICE,
  },
  'on the bone': {
    sheets: ['plates', 'keep'],
    tasks: ['fill', 'pack'],
    when: ({ onBone }) => onBone,
    folds: false,
    source: 'cooked bones splinter: US FDA, from memory',
  },
  'hot bowls': {
    sheets: ['plates'],
    tasks: ['fill', 'fill there'],
    when: ({ browns }) => browns,
    folds: true,
    source: PRACTICE,
  },
  'film and steam': {
    sheets: ['keep', 'shelf'],
    tasks: ['reheat there', 'heats through'],
    folds: true,
    source: PRACTICE,
  },
  alcohol: {
    sheets: ['order', 'plates', 'pot'],
    when: ({ alcohol, children }) => alcohol !== undefined && children,
    folds: false,
    source: 'EU 1169/2011, 1.2 % by volume, and 0.5 % for alcohol-free drinks, from memory',
  },
  thaw: {
    sheets: ['meat', 'shelf'],
    folds: true,
    source: 'USDA FSIS, thawing, from memory',
  },
} as const satisfies Readonly<Record<string, CautionRow>>;

export type CautionId = keyof typeof rows;
export const cautionRows: Readonly<Record<CautionId, CautionRow>> = rows;
export const cautionIds = Object.keys(rows) as CautionId[];

/** Where one stands: a sheet, a task, a card. */
export type CarePlace =
  | { readonly sheet: Stage | 'shelf' }
  | { readonly task: Doing['what'] }
  | { readonly card: CardWhat };

/** The cautions of a place, as far as they bite with these facts. */
export const cautionsAt = (place: CarePlace, facts: CareFacts): readonly CautionId[] =>
  cautionIds.filter((id) => {
    const { sheets = [], tasks = [], cards = [], when } = cautionRows[id];
    const stands =
      'sheet' in place
        ? sheets.includes(place.sheet)
        : 'task' in place
          ? tasks.includes(place.task)
          : cards.includes(place.card);
    return stands && (when?.(facts) ?? true);
  });

/** All that bite in a meal wherever it is worked on: for paper. */
export const cautionsOf = (tasks: readonly Doing['what'][], facts: CareFacts): readonly CautionId[] => {
  const there = new Set(tasks.flatMap((task) => cautionsAt({ task }, facts)));
  return cautionIds.filter((id) => there.has(id));
};
