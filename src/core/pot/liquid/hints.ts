import type { Batch, Doing, Item } from '../../batch/index.ts';
import type { Ingredient } from '@/reference/types.ts';
import { itemsOf } from './items.ts';

/** A line about the order of adding, with its reason. Its id is what a cook waves away. */
export interface Hint {
  readonly id: string;
  readonly words: string;
  readonly why: string;
}

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
  readonly id: string;
  readonly find: (all: readonly Known[]) => readonly (readonly [Known, Known?])[];
  readonly words: (first: string, second: string) => string;
  readonly why: string;
}

const plain = (doing: Doing, done: (item: Item) => boolean) => (all: readonly Known[]) =>
  all.filter(({ does, item }) => does === doing && !done(item)).map((one) => [one] as const);

/** What goes before what in a pot (common practice, no source). */
const rules: readonly Rule[] = [
  {
    id: 'water-late',
    find: late('gives off water', 'browns'),
    words: (wet, brown) => `Brown ${brown} first, then ${wet}.`,
    why: 'What gives off water stops everything beside it from browning.',
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
    words: (pour, paste) => `Fry ${paste} before ${pour} goes in.`,
    why: 'Once there is liquid it can only boil.',
  },
  {
    id: 'garlic-late',
    find: late('burns', 'browns'),
    words: (burns, brown) => `${capital(burns)} after ${brown}, for the last minute.`,
    why: 'It burns in the time that onions take, and then it is bitter.',
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
    words: (paste) => `Fry ${paste} a minute or two in the fat.`,
    why: 'It loses its raw taste, and darkens.',
  },
  {
    id: 'wine-down',
    find: plain('boils down', (item) => item.boiledTo !== undefined || item.marinade === true),
    words: (wine) => `Boil ${wine} down before the stock goes in.`,
    why: 'Alcohol leaves an open pan in minutes, and a covered pot hardly at all.',
  },
  {
    id: 'starch-wet',
    find: plain('thickens', () => false),
    words: (starch) => `Stir ${starch} into four parts of cold liquid, or into the fat, first.`,
    why: 'Dry starch in hot liquid makes lumps.',
  },
  {
    id: 'soak-first',
    find: plain('soaks', (item) => item.soak !== undefined),
    words: (dried) => `Soak ${dried} 15 to 20 minutes first.`,
    why: 'Dried skins stay tough, and the soaking water is worth tasting: it may be bitter.',
  },
];

const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);

/** What the order of the list asks for, less what was waved away. */
export function orderHints(batch: Batch, ingredients: ReadonlyMap<string, Ingredient>): readonly Hint[] {
  const all = itemsOf(batch).flatMap((item): Known[] => {
    const known = ingredients.get(item.ref);
    return known && item.state === 'in'
      ? [{ item, name: known.name, does: known.does, role: known.role }]
      : [];
  });
  const waved = new Set(batch.dismissed);
  return rules.flatMap(({ id, find, words, why }) =>
    find(all)
      .slice(0, 1)
      .map(([first, second]) => ({
        id: `${id} ${first.item.id}`,
        words: words(first.name, second?.name ?? ''),
        why,
      }))
      .filter((hint) => !waved.has(hint.id)),
  );
}

/** What is in the list and not yet in the pot with the lid going on; what goes in later is not missed. */
export const notInYet = (batch: Batch): readonly Item[] =>
  itemsOf(batch).filter(
    ({ state, put, at, marinade }) => state === 'in' && put === undefined && !at && !marinade,
  );
