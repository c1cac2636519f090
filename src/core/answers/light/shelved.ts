import { isStrained, type Keepable, type ShelfItem } from '../../meal/index.ts';
import { BROTH, FAT as FAT_DENSITY, SAUCE } from '../../work/index.ts';
import { gramsLeft } from '../../keep/index.ts';
import { type Amount, amountOfFlows, massOf } from '../../ledger/index.ts';
import { allergensInPot, type OpenedMeal } from '../../model/index.ts';
import type { ShareOut } from '../../plates/index.ts';
import { leftOfBatch } from '../../reckoning/index.ts';

/** What of a batch can go to the shelf, before it is put there. */
export type Shelvable = Pick<
  ShelfItem,
  | 'what'
  | 'name'
  | 'grams'
  | 'ml'
  | 'saltG'
  | 'fatG'
  | 'waterG'
  | 'proteinG'
  | 'holds'
  | 'notKnown'
  | 'batch'
  | 'liquid'
>;

/** Less than this nobody keeps, g. */
const WORTH_A_BOX = 20;

/** What is left of a batch and worth a box: its shred, its broth or sauce, and the fat that was skimmed. */
export function shelvedOf(
  meal: OpenedMeal,
  batchId: string,
  shares?: Pick<ShareOut, 'leftBy'>,
): readonly Shelvable[] {
  const { nominal, now } = meal;
  const plan = now.find(({ id }) => id === batchId);
  if (!plan) return [];
  const cut = cutsNamed(plan.cuts.map(({ name }) => name)) || plan.batch.name.toLowerCase();
  const strained = isStrained(plan.batch);
  const { contains, notKnown } = allergensInPot(meal.input, plan.batch);
  const holds = contains.map(({ what }) => what);
  const unknown = [...new Set(notKnown.map(({ name: of }) => of))];
  const shelved = (what: Keepable, name: string, amount: Amount, ml?: number): Shelvable => ({
    what,
    name,
    grams: massOf(amount),
    ...(ml !== undefined && { ml }),
    saltG: amount.salt,
    fatG: amount.fat,
    waterG: amount.water,
    proteinG: amount.protein,
    // Of what was cooked here it is known, even if it is nothing.
    holds,
    ...(unknown.length > 0 && { notKnown: unknown }),
    batch: batchId,
  });
  const { shred, liquids } = leftOfBatch(meal, batchId, shares);
  const fat = amountOfFlows(nominal.flows, batchId, ['keptFat']);
  return [
    shelved('shred', `${cut}, shredded`, shred),
    ...liquids.map(({ id, amount, ml }) => ({
      ...shelved(strained ? 'broth' : 'sauce', `${cut} ${id ?? (strained ? 'broth' : 'sauce')}`, amount, ml),
      ...(id !== undefined && { liquid: id }),
    })),
    shelved('fat', `${cut} fat`, fat),
  ].filter(({ grams }) => grams >= WORTH_A_BOX);
}

/** What was cooked, as a label says it: "beef shank and beef blade roast". */
const cutsNamed = (names: readonly string[]): string =>
  [...new Set(names.map((name) => name.split(',')[0]?.toLowerCase() ?? name))].join(' and ');

/** Grams of a kept thing that was measured by volume, ml. */
export const gramsOfKept = (what: Keepable, ml: number): number =>
  ml * (what === 'fat' ? FAT_DENSITY : what === 'broth' ? BROTH : what === 'sauce' ? SAUCE : 1);

/** So much of a thing on the shelf: g, and of a liquid ml too. */
export interface ShelfAmount {
  readonly grams: number;
  readonly ml: number | undefined;
}

/** What is left of a thing on the shelf, and what of that each of its boxes holds. */
export function amountOnShelf(item: ShelfItem): {
  readonly all: ShelfAmount;
  readonly box: ShelfAmount;
  readonly boxes: number;
} {
  const boxes = item.boxes ?? 1;
  const grams = gramsLeft(item);
  const ml = item.ml !== undefined && item.grams > 0 ? (item.ml * grams) / item.grams : undefined;
  return {
    all: { grams, ml },
    box: { grams: grams / boxes, ml: ml === undefined ? undefined : ml / boxes },
    boxes,
  };
}
