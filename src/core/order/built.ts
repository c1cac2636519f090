import { type BuildChoice, buildParts, type BuildPart, type Dish, type DishKind } from '../meal/index.ts';
import { countOf } from './dishes.ts';
import { type Stuff, stuffs } from './stuff.ts';

/** What a part of a build may be, with how much of it one serving takes; the first is the usual. */
type Offers = readonly (readonly [choice: BuildChoice, each: number])[];

/** A layer of a build; of a part it goes where the part is left out, and is called as the part is. */
export interface Layer {
  readonly words: string;
  readonly of?: BuildPart;
  /** It closes the build: what the cook adds goes below it. */
  readonly closes?: true;
}

/** How a dish of a kind is built: what of, its layers from below, and what is done to it. */
export interface Build {
  readonly parts: Readonly<Partial<Record<BuildPart, Offers>>>;
  /** From the bottom up, the usual order. */
  readonly layers: readonly Layer[];
  /** In pan, press or oven: min for one, how many go at once, and how hot; null: it is only filled. */
  readonly heat: {
    readonly on: 'griddle' | 'press' | 'oven' | 'pot';
    readonly minutes: number;
    readonly atOnce: number;
    readonly celsius?: number;
    /** Once it is filled; absent: before. */
    readonly filled?: true;
  } | null;
  /** What it is cooked in, for one serving. */
  readonly cookedIn?: readonly { readonly name: string; readonly each: number; readonly unit: 'g' | 'ml' }[];
  /** ml of broth that what it is built on takes up when it is dipped; absent: it is not dipped. */
  readonly soaksMl?: number;
}

const none = ['nothing', 0] as const;
const plain = (words: string): Layer => ({ words });
const part = (of: BuildPart, words: string): Layer => ({ words, of });
const last = (words: string, of?: BuildPart): Layer => ({ words, closes: true, ...(of && { of }) });
const meat = plain('meat');
const cup = last('a cup to dip');
const small: Offers = [
  ['small wheat tortillas', 1],
  ['small corn tortillas', 1],
];
const melted = (g: number): Offers => [['cheese that melts', g], ['cheese without milk', g], none];

/** Builds by kind (common practice, no source); "own" is the cook's. */
export const builds: Readonly<Record<DishKind, Build>> = {
  taco: {
    parts: { base: small, fresh: [['limes', 0.25], none] },
    layers: [
      part('base', 'warm tortilla'),
      meat,
      part('fresh', 'onion and herbs'),
      { words: 'lime', of: 'fresh', closes: true },
    ],
    heat: { on: 'griddle', minutes: 1, atOnce: 6 },
  },
  'folded taco': {
    parts: {
      base: small,
      cheese: melted(30),
      fat: [
        ['skimmed fat', 7],
        ['oil', 7],
      ],
    },
    layers: [
      part('base', 'tortilla, dipped in the broth'),
      part('cheese', 'cheese'),
      meat,
      last('folded'),
      cup,
    ],
    heat: { on: 'griddle', minutes: 3, atOnce: 4 },
    soaksMl: 8,
  },
  'cheese shell': {
    parts: {
      cheese: [
        ['cheese that melts', 57],
        ['cheese without milk', 57],
      ],
    },
    layers: [part('cheese', 'cheese, melted to a disc'), meat, last('folded while warm')],
    heat: { on: 'griddle', minutes: 3, atOnce: 4 },
  },
  roll: {
    parts: {
      base: [
        ['rolls', 1],
        ['enriched rolls', 1],
        ['gluten-free rolls', 1],
      ],
      fat: [['butter', 8], ['skimmed fat', 8], ['oil', 5], none],
    },
    layers: [part('base', 'toasted bottom'), part('fat', 'butter or fat'), meat, last('lid', 'base'), cup],
    heat: { on: 'oven', minutes: 4, atOnce: 24, celsius: 180 },
  },
  'long roll': {
    parts: {
      base: [
        ['long rolls', 1],
        ['gluten-free rolls', 1],
      ],
      cheese: melted(30),
    },
    layers: [part('base', 'toasted roll, left in one'), meat, part('cheese', 'cheese'), last('gravy last')],
    heat: { on: 'oven', minutes: 5, atOnce: 12, celsius: 200 },
  },
  'pressed sandwich': {
    parts: {
      base: [
        ['slices of bread', 2],
        ['slices of gluten-free bread', 2],
      ],
      cheese: melted(40),
      fat: [['butter', 12], ['oil', 8], none],
    },
    layers: [
      part('base', 'bread, fat outside'),
      part('cheese', 'cheese below'),
      meat,
      { words: 'cheese above', of: 'cheese', closes: true },
      last('lid, fat outside', 'base'),
      cup,
    ],
    heat: { on: 'press', minutes: 5, atOnce: 2 },
  },
  pasta: {
    parts: {
      base: [
        ['dried pasta', 90],
        ['egg noodles', 90],
        ['gluten-free pasta, of corn or rice', 90],
      ],
      cheese: [['hard cheese', 10], ['cheese without milk', 10], none],
    },
    layers: [
      part('base', 'pasta, drained'),
      plain('sauce with its meat, mixed in'),
      last('cheese at the table', 'cheese'),
    ],
    heat: { on: 'pot', minutes: 11, atOnce: 10 },
    cookedIn: [
      { name: 'water for the pasta', each: 900, unit: 'ml' },
      { name: 'salt for the water', each: 9, unit: 'g' },
    ],
  },
  mash: {
    parts: {
      base: [
        ['mash with milk and butter', 200],
        ['mash with oil', 200],
        ['gnocchi', 200],
      ],
    },
    layers: [part('base', 'mash or gnocchi'), meat, last('sauce over it')],
    heat: null,
  },
  gratin: {
    parts: {
      base: [['breadcrumbs', 15], ['gluten-free crumbs', 15], none],
      cheese: [['cheese to brown', 25], ['cheese without milk', 25], none],
    },
    layers: [plain('meat in its sauce'), last('breadcrumbs', 'base'), last('cheese', 'cheese')],
    heat: { on: 'oven', minutes: 10, atOnce: 12, celsius: 200, filled: true },
  },
  'hand pie': {
    parts: {
      base: [
        ['butter pastry', 60],
        ['pastry without butter', 60],
        ['gluten-free pastry', 60],
      ],
      glaze: [['egg', 4], ['milk', 4], none],
    },
    layers: [
      part('base', 'pastry'),
      plain('filling, cold and thick'),
      last('pastry, sealed and pricked', 'base'),
      last('brushed', 'glaze'),
    ],
    heat: { on: 'oven', minutes: 25, atOnce: 12, celsius: 200, filled: true },
  },
  burrito: {
    parts: {
      base: [['large wheat tortillas', 1], ['gluten-free wraps', 1], none],
      side: [['rice', 60], ['beans', 60], none],
    },
    layers: [part('base', 'warm tortilla'), part('side', 'rice or beans'), meat, last('rolled', 'base')],
    heat: { on: 'griddle', minutes: 2, atOnce: 4 },
  },
  soup: {
    parts: {},
    layers: [plain('meat in the warm bowl'), last('broth, boiling'), last('herbs')],
    heat: null,
  },
  dip: { parts: {}, layers: [plain('broth, hot')], heat: null },
  'on the bone': { parts: {}, layers: [plain('the piece'), last('sauce over it')], heat: null },
  own: { parts: {}, layers: [plain('as you build it')], heat: null },
};

/** What a part of a dish is made of. */
export interface Built extends Stuff {
  readonly part: BuildPart;
  readonly name: BuildChoice;
  /** For one serving, in its unit. */
  readonly each: number;
}

/** What may be chosen for each part of a dish, and what is. */
export interface PartChoice {
  readonly part: BuildPart;
  readonly among: readonly BuildChoice[];
  readonly chosen: BuildChoice;
}

type OfBuild = Pick<Dish, 'kind' | 'build' | 'besides'>;

/** A cheese that the cook has named stands for the usual one. */
const isNamed = (of: BuildPart, { besides = [] }: OfBuild): boolean =>
  of === 'cheese' && besides.some(({ name }) => /cheese/i.test(name));

/** The parts of a dish, each as the cook chose it, else as usual. What its kind does not offer does not count. */
export function partsOf(dish: OfBuild): readonly PartChoice[] {
  const { kind, build } = dish;
  return buildParts.flatMap((of): PartChoice[] => {
    const offers = builds[kind].parts[of];
    const [usual] = offers ?? [];
    if (!offers || !usual) return [];
    const among = offers.map(([choice]) => choice);
    const wanted = build?.[of] ?? (isNamed(of, dish) ? 'nothing' : undefined);
    return [{ part: of, among, chosen: wanted !== undefined && among.includes(wanted) ? wanted : usual[0] }];
  });
}

/** What a dish is built of, without what is left out. */
export const builtOf = (dish: OfBuild): readonly Built[] =>
  partsOf(dish).flatMap(({ part: of, chosen }): Built[] => {
    const each = builds[dish.kind].parts[of]?.find(([choice]) => choice === chosen)?.[1] ?? 0;
    return chosen === 'nothing' ? [] : [{ ...stuffs[chosen], part: of, name: chosen, each }];
  });

/** Skimmed fat that one serving of a dish is fried in, g; 0 where it is made with none. */
export const fatFromPotsOf = (dish: OfBuild): number =>
  builtOf(dish).find(({ fromPots }) => fromPots)?.each ?? 0;

/**
 * The layers of a dish from below, in the cook's own order where there is one: without what is left out, with what the cook
 * adds below what closes it.
 */
export function layersOf(dish: OfBuild & Pick<Dish, 'layers'>): readonly string[] {
  const there = new Set(builtOf(dish).map((one) => one.part));
  const { layers } = builds[dish.kind];
  const stands = layers.filter(({ of }) => of === undefined || there.has(of));
  const added = (dish.besides ?? []).map(({ name }) => name).filter((name) => name !== '');
  const usual = [
    ...stands.filter(({ closes }) => !closes).map(({ words }) => words),
    ...added,
    ...stands.filter(({ closes }) => closes).map(({ words }) => words),
  ].filter((words, i, all) => all.indexOf(words) === i);
  const own = dish.layers ?? [];
  const gone = new Set(layers.map(({ words }) => words).filter((words) => !usual.includes(words)));
  const kept = own.filter((words) => !gone.has(words));
  // What is new since the cook put them in order stands where it usually does: after what is usually below it.
  return usual.reduce<readonly string[]>((all, words, i) => {
    if (all.includes(words)) return all;
    const below = usual.slice(0, i).findLast((one) => all.includes(one));
    return all.toSpliced(below === undefined ? 0 : all.indexOf(below) + 1, 0, words);
  }, kept);
}

/** What so many servings take besides what comes out of the pots. */
export interface ItemFor {
  readonly name: string;
  readonly amount: number;
  readonly unit: 'g' | 'ml' | 'pieces';
  /** Where it is bought, and how much a pack holds; absent: it is in the house. */
  readonly section?: Stuff['section'];
  readonly pack?: number | undefined;
}

/** What all servings of a dish are built of and cooked in. */
export function itemsFor(dish: OfBuild & Pick<Dish, 'count' | 'guests'>): readonly ItemFor[] {
  const count = countOf(dish);
  if (count <= 0) return [];
  const built = builtOf(dish).map(({ name, each, unit, section, pack }): ItemFor => ({
    name,
    amount: unit === 'pieces' ? Math.ceil(each * count) : each * count,
    unit,
    ...(section && { section, pack }),
  }));
  const cooked = (builds[dish.kind].cookedIn ?? []).map(({ name, each, unit }) => ({
    name,
    amount: each * count,
    unit,
  }));
  return [...built, ...cooked];
}
