import type { DishKind } from '../meal/index.ts';

/** How a dish of a kind is built: its layers from below, what is done to it, what keeps its bread dry. */
export interface Build {
  /** From the bottom up, the usual order. */
  readonly layers: readonly string[];
  /** In pan, press or oven: min for one, how many go at once, and how hot; null: it is only filled. */
  readonly heat: {
    readonly on: 'griddle' | 'press' | 'oven' | 'pot';
    readonly minutes: number;
    readonly atOnce: number;
    readonly celsius?: number;
    readonly says: string;
  } | null;
  /** What it takes besides what is ordered with it, for one serving. */
  readonly items: readonly {
    readonly name: string;
    readonly each: number;
    readonly unit: 'g' | 'ml' | 'pieces';
    /** It goes onto the shopping list: the others are in the house or come out of the pot. */
    readonly isBought?: true;
  }[];
  readonly keepsDry: string;
  /** ml of broth that what it is built on takes up when it is dipped; absent: it is not dipped. */
  readonly soaksMl?: number;
}

/** What comes off the broth, and goes onto the griddle. */
export const SKIMMED = 'skimmed fat';

/** Builds by kind (common practice, no source); "own" is the cook's. */
export const builds: Readonly<Record<DishKind, Build>> = {
  taco: {
    layers: ['warm tortilla', 'meat', 'onion and herbs', 'lime'],
    heat: { on: 'griddle', minutes: 1, atOnce: 6, says: '30 s a side, dry' },
    items: [{ name: 'limes', each: 0.25, unit: 'pieces' }],
    keepsDry: 'Drain the meat to a moist heap; fill when it is asked for.',
  },
  'folded taco': {
    layers: ['tortilla, dipped in the broth', 'cheese', 'meat', 'folded', 'a cup to dip'],
    heat: { on: 'griddle', minutes: 3, atOnce: 4, says: '1–2 min a side in two spoons of skimmed fat' },
    items: [
      { name: 'cheese that melts', each: 30, unit: 'g', isBought: true },
      { name: SKIMMED, each: 7, unit: 'g' },
    ],
    soaksMl: 8,
    keepsDry: 'Cheese against the tortilla on both sides; out of the pan as soon as it is crisp.',
  },
  'cheese shell': {
    layers: ['cheese, melted to a disc', 'meat', 'folded while warm'],
    heat: { on: 'griddle', minutes: 3, atOnce: 4, says: 'until the edge is brown' },
    items: [{ name: 'cheese that melts', each: 57, unit: 'g', isBought: true }],
    keepsDry: 'The meat well drained: there is no bread to take up the juice.',
  },
  roll: {
    layers: ['toasted bottom', 'butter or fat', 'meat', 'pickle', 'lid', 'a cup to dip'],
    heat: { on: 'oven', minutes: 4, atOnce: 24, celsius: 180, says: 'cut side up, to a light brown' },
    items: [],
    keepsDry: 'Toast the cut sides and fat them; dip in the hand, not on the plate.',
  },
  'long roll': {
    layers: ['toasted roll, left in one', 'meat', 'cheese', 'gravy last'],
    heat: { on: 'oven', minutes: 5, atOnce: 12, celsius: 200, says: 'until the cheese runs' },
    items: [],
    keepsDry: 'Gravy over the meat, not over the bread; serve at once.',
  },
  'pressed sandwich': {
    layers: [
      'bread, buttered outside',
      'cheese below',
      'meat',
      'pickle',
      'cheese above',
      'lid, buttered outside',
      'a cup to dip',
    ],
    heat: { on: 'press', minutes: 5, atOnce: 2, says: 'until it is brown and the cheese runs' },
    items: [
      { name: 'cheese that melts', each: 40, unit: 'g', isBought: true },
      { name: 'butter', each: 12, unit: 'g' },
    ],
    keepsDry: 'Cheese on both sides keeps the juice off the bread.',
  },
  pasta: {
    layers: ['pasta, drained', 'sauce with its meat, mixed in', 'cheese at the table'],
    heat: {
      on: 'pot',
      minutes: 11,
      atOnce: 10,
      says: 'in a litre of water for 100 g, with 10 g of salt a litre',
    },
    items: [
      { name: 'water for the pasta', each: 900, unit: 'ml' },
      { name: 'salt for the water', each: 9, unit: 'g' },
    ],
    keepsDry: 'A minute less than it says, the rest in the sauce with a ladle of its water.',
  },
  mash: {
    layers: ['mash or gnocchi', 'meat', 'sauce over it'],
    heat: null,
    items: [{ name: 'mash or gnocchi', each: 200, unit: 'g', isBought: true }],
    keepsDry: 'A hollow in the middle holds the sauce.',
  },
  gratin: {
    layers: ['meat in its sauce', 'breadcrumbs and cheese'],
    heat: { on: 'oven', minutes: 10, atOnce: 12, celsius: 200, says: 'until the top is brown' },
    items: [{ name: 'cheese to brown', each: 25, unit: 'g', isBought: true }],
    keepsDry: 'Use a dish that may stand 200 °C: enamel, iron, stoneware; no glass from the fridge.',
  },
  'hand pie': {
    layers: ['pastry', 'filling, cold and thick', 'pastry, sealed and pricked'],
    heat: { on: 'oven', minutes: 25, atOnce: 12, celsius: 200, says: 'until it is brown underneath' },
    items: [{ name: 'egg to brush', each: 4, unit: 'g' }],
    keepsDry: 'The filling cold and thick enough to hold a line.',
  },
  burrito: {
    layers: ['warm tortilla', 'rice or beans', 'meat', 'sauce', 'rolled'],
    heat: { on: 'griddle', minutes: 2, atOnce: 4, says: 'seam down first' },
    items: [],
    keepsDry: 'Rice or beans below the meat take up the juice.',
  },
  soup: {
    layers: ['meat in the warm bowl', 'broth, boiling', 'herbs'],
    heat: null,
    items: [],
    keepsDry: 'Broth last, boiling, so that the meat is hot.',
  },
  dip: { layers: ['broth, hot'], heat: null, items: [], keepsDry: 'In warmed cups, filled last.' },
  'on the bone': {
    layers: ['the piece', 'sauce over it'],
    heat: null,
    items: [],
    keepsDry: 'A bowl on the table for the bones: they come back counted.',
  },
  own: { layers: ['as you build it'], heat: null, items: [], keepsDry: '' },
};

/** Rounds and minutes to heat so many on so many griddles, presses or ovens at once. */
export function heatingOf(
  kind: DishKind,
  count: number,
  at = 1,
): { readonly rounds: number; readonly minutes: number } | null {
  const heat = builds[kind].heat;
  if (!heat || count <= 0) return null;
  const rounds = Math.ceil(count / (heat.atOnce * Math.max(1, at)));
  return { rounds, minutes: rounds * heat.minutes };
}

/** Minutes on a griddle or in a press for so many; nought where it is only filled, or goes into the oven by itself. */
export function griddleMinutes(kind: DishKind, count: number): number {
  const on = builds[kind].heat?.on;
  return on === 'griddle' || on === 'press' ? (heatingOf(kind, count)?.minutes ?? 0) : 0;
}

/** What so many servings take besides what is ordered with them. */
export const itemsFor = (
  kind: DishKind,
  count: number,
): readonly {
  readonly name: string;
  readonly amount: number;
  readonly unit: 'g' | 'ml' | 'pieces';
  readonly isBought: boolean;
}[] =>
  count <= 0
    ? []
    : builds[kind].items.map(({ name, each, unit, isBought = false }) => ({
        name,
        amount: unit === 'pieces' ? Math.ceil(each * count) : each * count,
        unit,
        isBought,
      }));

/** ml that the bowls and plates of a kind hold to a finger below the rim (common practice, no source). */
const holdsMl: Readonly<Partial<Record<DishKind, number>>> = {
  soup: 450,
  dip: 120,
  pasta: 550,
  gratin: 400,
  mash: 550,
};
/** Shred in a bowl, g/ml (estimate). */
const LOOSE = 0.62;

/** What of a serving will not fit its bowl, ml; undefined where it does, or where it lies on a plate. */
export function overflows(kind: DishKind, meatG: number, liquidMl: number): number | undefined {
  const holds = holdsMl[kind];
  if (holds === undefined) return undefined;
  const over = meatG / LOOSE + liquidMl - holds;
  return over > 0 ? over : undefined;
}
