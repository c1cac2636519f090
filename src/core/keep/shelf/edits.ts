import type { Avoidable, OwnIngredient, ShelfEnd, ShelfItem, ShelfPlace } from '../../meal/index.ts';
import { agedSince, gramsLeft } from './bestBefore.ts';

/** An item at another place: freezing and thawing are dated, since the days in between do not count. */
export function movedTo(item: ShelfItem, place: ShelfPlace, at: number): ShelfItem {
  if (place === item.place) return item;
  if (place === 'freezer') {
    const { thawed: _, ...fresh } = item;
    return { ...fresh, place, frozen: at };
  }
  return { ...item, place, ...(item.place === 'freezer' && { thawed: at }) };
}

/** An item of which something has gone: all that is left, or so many grams. */
export function withGone(
  item: ShelfItem,
  { how, at, grams = gramsLeft(item), meal }: { how: ShelfEnd; at: number; grams?: number; meal?: string },
): ShelfItem {
  const gone = Math.min(gramsLeft(item), grams);
  if (gone <= 0) return item;
  return {
    ...item,
    gone: [...(item.gone ?? []), { at, how, grams: gone, ...(meal !== undefined && { meal }) }],
  };
}

/**
 * What is on the shelf as an ingredient of the kitchen's own: its salt, fat and water by the gram, and what guests must
 * not have in it, and how old it is.
 * @param now epoch ms
 */
export function asIngredient(item: ShelfItem, now: number): OwnIngredient {
  const per = (grams: number | undefined) => (item.grams > 0 ? (grams ?? 0) / item.grams : 0);
  const [salt, fat, protein] = [per(item.saltG), per(item.fatG), per(item.proteinG)];
  const dry = item.what === 'fat' ? 0 : Math.max(0, 1 - salt - fat - protein);
  const water = item.waterG === undefined ? dry : per(item.waterG);
  return {
    id: `shelf-${item.id}`,
    name: `${item.name}, from the shelf`,
    role: item.what === 'broth' || item.what === 'sauce' ? 'liquid' : 'solid',
    per: {
      water,
      protein,
      fat: item.what === 'fat' && item.fatG === undefined ? 1 - salt - water : fat,
      salt,
      ash: 0,
      alcohol: 0,
      other: Math.max(0, 1 - water - protein - fat - salt - (item.what === 'fat' ? 1 : 0)),
    },
    section: 'from the shelf',
    source: 'from your own shelf',
    made: agedSince(item, now),
    ...(item.ml !== undefined && item.ml > 0 && { density: item.grams / item.ml }),
    ...(item.holds && { holds: [...item.holds] }),
    ...(heldInBox(item).notKnown.length > 0 && { unsure: true as const }),
  };
}

/** What a box is known to hold, and what in it nobody has said of: one put there by hand, without a word, is itself not known. */
export const heldInBox = ({
  name,
  holds,
  notKnown = [],
}: ShelfItem): {
  readonly holds: readonly Avoidable[];
  readonly notKnown: readonly string[];
} => (holds ? { holds, notKnown } : { holds: [], notKnown: notKnown.length > 0 ? notKnown : [name] });

/** Of what stands on the shelf, what a meal may not use since a guest must not have it. */
export const mustNot = (item: ShelfItem, avoid: readonly Avoidable[] = []): readonly Avoidable[] =>
  (item.holds ?? []).filter((one) => avoid.includes(one));
