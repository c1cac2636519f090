import type { DishKind } from '../meal/index.ts';

/** How a dish of a kind is built: its layers from below, and what is done to it. */
export interface Build {
  /** From the bottom up, the usual order. */
  readonly layers: readonly string[];
  /** In pan, press or oven: min for one, how many go at once, and how hot; null: it is only filled. */
  readonly heat: {
    readonly on: 'griddle' | 'press' | 'oven' | 'pot';
    readonly minutes: number;
    readonly atOnce: number;
    readonly celsius?: number;
  } | null;
  /** What it takes besides what is ordered with it, for one serving. */
  readonly items: readonly {
    readonly name: string;
    readonly each: number;
    readonly unit: 'g' | 'ml' | 'pieces';
    /** It goes onto the shopping list: the others are in the house or come out of the pot. */
    readonly isBought?: true;
  }[];
  /** ml of broth that what it is built on takes up when it is dipped; absent: it is not dipped. */
  readonly soaksMl?: number;
}

/** What comes off the broth, and goes onto the griddle. */
export const SKIMMED = 'skimmed fat';

/** Builds by kind (common practice, no source); "own" is the cook's. */
export const builds: Readonly<Record<DishKind, Build>> = {
  taco: {
    layers: ['warm tortilla', 'meat', 'onion and herbs', 'lime'],
    heat: { on: 'griddle', minutes: 1, atOnce: 6 },
    items: [{ name: 'limes', each: 0.25, unit: 'pieces' }],
  },
  'folded taco': {
    layers: ['tortilla, dipped in the broth', 'cheese', 'meat', 'folded', 'a cup to dip'],
    heat: { on: 'griddle', minutes: 3, atOnce: 4 },
    items: [
      { name: 'cheese that melts', each: 30, unit: 'g', isBought: true },
      { name: SKIMMED, each: 7, unit: 'g' },
    ],
    soaksMl: 8,
  },
  'cheese shell': {
    layers: ['cheese, melted to a disc', 'meat', 'folded while warm'],
    heat: { on: 'griddle', minutes: 3, atOnce: 4 },
    items: [{ name: 'cheese that melts', each: 57, unit: 'g', isBought: true }],
  },
  roll: {
    layers: ['toasted bottom', 'butter or fat', 'meat', 'pickle', 'lid', 'a cup to dip'],
    heat: { on: 'oven', minutes: 4, atOnce: 24, celsius: 180 },
    items: [],
  },
  'long roll': {
    layers: ['toasted roll, left in one', 'meat', 'cheese', 'gravy last'],
    heat: { on: 'oven', minutes: 5, atOnce: 12, celsius: 200 },
    items: [],
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
    heat: { on: 'press', minutes: 5, atOnce: 2 },
    items: [
      { name: 'cheese that melts', each: 40, unit: 'g', isBought: true },
      { name: 'butter', each: 12, unit: 'g' },
    ],
  },
  pasta: {
    layers: ['pasta, drained', 'sauce with its meat, mixed in', 'cheese at the table'],
    heat: {
      on: 'pot',
      minutes: 11,
      atOnce: 10,
    },
    items: [
      { name: 'water for the pasta', each: 900, unit: 'ml' },
      { name: 'salt for the water', each: 9, unit: 'g' },
    ],
  },
  mash: {
    layers: ['mash or gnocchi', 'meat', 'sauce over it'],
    heat: null,
    items: [{ name: 'mash or gnocchi', each: 200, unit: 'g', isBought: true }],
  },
  gratin: {
    layers: ['meat in its sauce', 'breadcrumbs and cheese'],
    heat: { on: 'oven', minutes: 10, atOnce: 12, celsius: 200 },
    items: [{ name: 'cheese to brown', each: 25, unit: 'g', isBought: true }],
  },
  'hand pie': {
    layers: ['pastry', 'filling, cold and thick', 'pastry, sealed and pricked'],
    heat: { on: 'oven', minutes: 25, atOnce: 12, celsius: 200 },
    items: [{ name: 'egg to brush', each: 4, unit: 'g' }],
  },
  burrito: {
    layers: ['warm tortilla', 'rice or beans', 'meat', 'sauce', 'rolled'],
    heat: { on: 'griddle', minutes: 2, atOnce: 4 },
    items: [],
  },
  soup: {
    layers: ['meat in the warm bowl', 'broth, boiling', 'herbs'],
    heat: null,
    items: [],
  },
  dip: { layers: ['broth, hot'], heat: null, items: [] },
  'on the bone': {
    layers: ['the piece', 'sauce over it'],
    heat: null,
    items: [],
  },
  own: { layers: ['as you build it'], heat: null, items: [] },
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
