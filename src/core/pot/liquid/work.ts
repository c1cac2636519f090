import { fateKind, prepKind, wayKind } from '../../work/index.ts';
import { type Batch, type Item, saidOf, type Way } from '../../meal/index.ts';
import { midpoint } from '../../quantity/index.ts';
import type { Ingredient } from '@/reference/types.ts';
import { fateOf, itemsOf } from './items.ts';

/** What hands and the stove do with one ingredient before it goes in, and how it leaves the pot. */
export interface ItemWork {
  readonly id: string;
  readonly name: string;
  /** A knife is taken to it. */
  readonly knife: boolean;
  readonly ways: readonly Way[];
  /** In the fat before the liquid goes in, min, in the order of the list; 0 where it goes in raw. */
  readonly softenMin: number;
  /** The cook has written how long it lies there. */
  readonly softenWritten: boolean;
  readonly soaked: boolean;
  readonly puréed: boolean;
  /** Pushed through a sieve and put back. */
  readonly sieved: boolean;
  /** Lifted out whole at the end. */
  readonly liftedOut: boolean;
  /** Starch, which is mixed with cold liquid before it goes in. */
  readonly mixed: boolean;
}

/** Sections of a shop where what is sold may need a knife. */
const cutUp = new Set(['vegetables', 'meat']);
/** Bought so, it needs none. */
const READY =
  /\b(canned|dried|juice|frozen|powder|purée|puree|paste|sauce|relish|nectar|stewed|cooked|boiled|ground|grated|leaf|leaves|tied|whole|flakes|sprouts)\b/;

/** Whether a knife is taken to it: not to tins, honey, flour, soaking water or butter (common practice, no source). */
export const takesKnife = (one: Ingredient): boolean =>
  one.role === 'solid' &&
  cutUp.has(one.section) &&
  one.fate !== 'comes out' &&
  !READY.test(saidOf(one).toLowerCase());

/** Minutes in the fat of what goes into it first, by what it does there (common practice, no source). */
const softens: Readonly<Partial<Record<NonNullable<Ingredient['does']>, number>>> = {
  browns: 8,
  'gives off water': 8,
  'is fried': 2,
  burns: 1,
};

const isFromStart = ({ at }: Item) => at === undefined || (at.phase === 0 && at.minutes <= 0);

/** How long a thing lies in the fat before the liquid goes in, min, where nobody has said; 0: it goes in raw. */
export function usualSoftenMin(
  item: Item,
  { role, does }: Ingredient,
  { sear }: Pick<Batch, 'sear'>,
): number {
  // A pot that all goes raw into has no pan before it.
  if (!sear || role !== 'solid' || !isFromStart(item) || item.marinade || item.soak) return 0;
  return Math.max(
    softens[does ?? 'soaks'] ?? 0,
    ...(item.ways ?? []).map((way) => wayKind(way).softens ?? 0),
  );
}

/**
 * The work on each ingredient that is in the pot, in the order of the list: that is the order in which it is
 * softened, each in its own minutes.
 */
export function workOn(batch: Batch, ingredients: ReadonlyMap<string, Ingredient>): readonly ItemWork[] {
  return itemsOf(batch).flatMap((item): ItemWork[] => {
    const ingredient = ingredients.get(item.ref);
    if (!ingredient || item.state !== 'in') return [];
    const ways = item.ways ?? [];
    const fate = fateOf(item, ingredient);
    const fromStart = isFromStart(item);
    return [
      {
        id: item.id,
        name: ingredient.name,
        knife: takesKnife(ingredient) && !ways.some((way) => wayKind(way).noKnife === 'bought so'),
        ways,
        softenMin: midpoint(item.soften) ?? usualSoftenMin(item, ingredient, batch),
        softenWritten: item.soften !== undefined,
        soaked: item.soak !== undefined,
        puréed: fateKind(fate).hands === 'blends',
        sieved: item.prep !== undefined && prepKind(item.prep).sieved === true,
        liftedOut: fateKind(fate).hands === 'lifts' && item.out === undefined,
        mixed: ingredient.does === 'thickens' && !fromStart,
      },
    ];
  });
}
