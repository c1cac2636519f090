import { type Batch, type Entry, type Item, type Lot, standingEntries } from '../../meal/index.ts';
import { fateKind } from '../../work/index.ts';
import { midpoint } from '../../quantity/index.ts';
import type { Ingredient } from '@/reference/types.ts';
import { fateOf, itemsOf, piecesOfItem } from './items.ts';

const isBagged = ({ fate }: Item): boolean => fate !== undefined && fateKind(fate).bagged === true;

/** Something that went in and must come out again: how many, and how many have. */
export interface ComesOut {
  /** The item or the lot whose bones they are. */
  readonly thing: string;
  readonly name: string;
  readonly kind: 'item' | 'bones';
  /** Undefined where nobody has counted: bones of pieces without a number. */
  readonly count: number | undefined;
  readonly back: number;
  /** When it comes out; undefined: with the meat. */
  readonly out: Item['out'];
}

/**
 * Everything of a batch that must come out again, in the order in which it went in, bones last, with
 * what has been counted back at the bench.
 * @param boned the lots that have bone in them, with their names
 */
export function comeOut(
  batch: Batch,
  ingredients: ReadonlyMap<string, Ingredient>,
  boned: readonly { readonly lot: Lot; readonly name: string }[],
  entries: readonly Entry[],
): readonly ComesOut[] {
  const back = new Map<string, number>();
  for (const { batch: of, measures, value } of standingEntries(entries)) {
    if (of === batch.id && measures.what === 'back')
      back.set(measures.thing, midpoint(value ?? undefined) ?? 0);
  }
  const inBag = itemsOf(batch).filter((item) => isBagged(item) && item.state === 'in');
  const bag: ComesOut[] =
    inBag.length > 0
      ? [
          {
            thing: BAG,
            name: `spice bag (${inBag.map(({ ref }) => shortNameOf(ingredients.get(ref)?.name ?? ref)).join(', ')})`,
            kind: 'item',
            count: 1,
            back: back.get(BAG) ?? 0,
            out: undefined,
          },
        ]
      : [];
  const items = itemsOf(batch).flatMap((item): ComesOut[] => {
    const ingredient = ingredients.get(item.ref);
    if (!ingredient || item.state !== 'in' || isBagged(item)) return [];
    if (fateKind(fateOf(item, ingredient)).hands !== 'lifts') return [];
    return [
      {
        thing: item.id,
        name: ingredient.name,
        kind: 'item',
        count: piecesOfItem(item, ingredient),
        back: back.get(item.id) ?? 0,
        out: item.out,
      },
    ];
  });
  const bones = boned.map(({ lot, name }): ComesOut => ({
    thing: lot.id,
    name,
    kind: 'bones',
    count: lot.pieces?.count,
    back: back.get(lot.id) ?? 0,
    out: undefined,
  }));
  return [...items, ...bag, ...bones];
}

/** What comes out as one, however much is tied up in it. */
const BAG = 'spice bag';
const shortNameOf = (name: string) => name.replace(/^spices?, /, '').split(',')[0] ?? name;

/** What is still in the pot of things that were counted in. */
export const stillIn = (things: readonly ComesOut[]): readonly ComesOut[] =>
  things.filter(({ count, back }) => count !== undefined && back < count);

/** How many of a thing are still missing; undefined where nobody counted them. */
export const missingOf = ({ count, back }: Pick<ComesOut, 'count' | 'back'>): number | undefined =>
  count === undefined ? undefined : Math.max(0, count - back);

/** The bones of a batch as a whole. */
export interface BonesOut {
  readonly all: readonly ComesOut[];
  /** Those that somebody counted as they went in. */
  readonly counted: readonly ComesOut[];
  /** How many of those are still to find; undefined where none were counted. */
  readonly left: number | undefined;
  readonly back: number;
  /** The first of which one is missing. */
  readonly next: ComesOut | undefined;
}

/** What of the things that must come out are bones, and how far they have. */
export function bonesOf(things: readonly ComesOut[]): BonesOut {
  const all = things.filter(({ kind }) => kind === 'bones');
  const counted = all.filter(({ count }) => count !== undefined);
  return {
    all,
    counted,
    left: counted.length === 0 ? undefined : counted.reduce((sum, one) => sum + (missingOf(one) ?? 0), 0),
    back: all.reduce((sum, { back }) => sum + back, 0),
    next: all.find((one) => missingOf(one) !== 0) ?? all[0],
  };
}
