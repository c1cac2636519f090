import { type Batch, type Doing, type Item, boilsDownTo } from '../../meal/index.ts';
import { midpoint } from '../../quantity/index.ts';
import type { Ingredient } from '@/reference/types.ts';
import { itemsOf } from './items.ts';

/** What the order of adding asks for. Its id is what a cook waves away. */
export interface Hint {
  readonly id: string;
  readonly rule: HintRule;
  /** The thing it is about, and the one that it stands wrongly to; undefined for a thing alone. */
  readonly first: string;
  readonly second: string | undefined;
}

export type HintRule =
  | 'water-late'
  | 'liquid-late'
  | 'garlic-late'
  | 'paste-fried'
  | 'wine-down'
  | 'starch-wet'
  | 'soak-first'
  | 'sweet-scorch';

interface Known {
  readonly item: Item;
  readonly name: string;
  readonly does: Doing | undefined;
  readonly role: Ingredient['role'];
}

/** Two that stand in the wrong order: the first of them goes in too early. */
const late = (first: Doing, before: Doing) => (all: readonly Known[]) =>
  all.flatMap((early, i) => {
    if (early.does !== first || early.item.at) return [];
    const after = all.slice(i + 1).find(({ does, item }) => does === before && !item.at);
    return after ? [[early, after] as const] : [];
  });

const isPoured = ({ role, item }: Known) => role === 'liquid' && !item.at && !item.marinade;

interface Rule {
  readonly id: HintRule;
  readonly find: (all: readonly Known[], batch: Batch) => readonly (readonly [Known, Known?])[];
}

/** What thickens and catches when it is boiled down. */
const SWEET = /honey|sugar|syrup|molasses|jam|marmalade|ketchup/;

const plain = (doing: Doing, done: (item: Item) => boolean) => (all: readonly Known[]) =>
  all.filter(({ does, item }) => does === doing && !done(item)).map((one) => [one] as const);

/** What goes before what in a pot (common practice, no source). */
const rules: readonly Rule[] = [
  {
    id: 'water-late',
    find: late('gives off water', 'browns'),
  },
  {
    id: 'liquid-late',
    find: (all) => {
      const pour = all.findIndex(isPoured);
      if (pour < 0) return [];
      const [first] = [all[pour]];
      const after = all.slice(pour + 1).find(({ does, item }) => does === 'is fried' && !item.at);
      return first && after ? [[first, after] as const] : [];
    },
  },
  {
    id: 'garlic-late',
    find: late('burns', 'browns'),
  },
  {
    id: 'paste-fried',
    find: (all) => {
      const pour = all.findIndex(isPoured);
      return all
        .slice(0, pour < 0 ? undefined : pour)
        .filter(({ does, item }) => does === 'is fried' && !item.at)
        .map((one) => [one] as const);
    },
  },
  {
    id: 'wine-down',
    find: (all) =>
      all.flatMap((one) => {
        const { does, item } = one;
        if (does !== 'boils down' || item.boiledTo !== undefined || item.marinade === true) return [];
        const [other] = all.filter((poured) => poured !== one && isPoured(poured));
        return [other ? ([one, other] as const) : ([one] as const)];
      }),
  },
  {
    id: 'starch-wet',
    find: plain('thickens', ({ soften }) => (midpoint(soften) ?? 0) > 0),
  },
  {
    id: 'sweet-scorch',
    find: (all, batch) =>
      boilsDownTo(batch) !== undefined ||
      batch.cook.some(({ lid, heat }) => lid !== 'on' && heat !== 'slow cooker')
        ? all.filter(({ name }) => SWEET.test(name)).map((one) => [one] as const)
        : [],
  },
  {
    id: 'soak-first',
    find: plain('soaks', (item) => item.soak !== undefined),
  },
];

/** What the order of the list asks for, less what was waved away. */
export function orderHints(batch: Batch, ingredients: ReadonlyMap<string, Ingredient>): readonly Hint[] {
  const all = itemsOf(batch).flatMap((item): Known[] => {
    const known = ingredients.get(item.ref);
    return known && item.state === 'in'
      ? [{ item, name: known.name, does: known.does, role: known.role }]
      : [];
  });
  const waved = new Set(batch.dismissed);
  return rules.flatMap(({ id: rule, find }) =>
    find(all, batch)
      // What is in is in: nobody is told how it should have gone in.
      .filter(([{ item }]) => item.put === undefined)
      .slice(0, 1)
      .map(([first, second]) => ({
        id: `${rule} ${first.item.id}`,
        rule,
        first: first.name,
        second: second?.name,
      }))
      .filter((hint) => !waved.has(hint.id)),
  );
}

/** What is in the list and not yet in the pot with the lid going on; what goes in later is not missed. */
export const notInYet = (batch: Batch): readonly Item[] =>
  itemsOf(batch).filter(
    ({ state, put, at, marinade }) => state === 'in' && put === undefined && !at && !marinade,
  );
