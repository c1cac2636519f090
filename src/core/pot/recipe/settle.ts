import type { Batch, Item } from '../../batch/index.ts';
import type { Ingredient } from '@/reference/types.ts';
import { withoutFigures } from '../liquid/own.ts';
import { itemsOf } from '../liquid/items.ts';
import type { LineMatch } from './match.ts';

/** What a line of a recipe is taken for; undefined while the cook has not said. */
export type Choice =
  | { readonly as: 'ingredient'; readonly id: string }
  | { readonly as: 'cut'; readonly id: string }
  | { readonly as: 'own' | 'salt' | 'out' };

export interface SettledLine {
  readonly match: LineMatch;
  readonly choice: Choice | undefined;
}

/** What stands for a line until the cook says otherwise: what is sure; the rest is asked. */
export function firstChoice({ kind, sure, found, line }: LineMatch): Choice | undefined {
  if (kind === 'salt') return { as: line.amount && line.measure !== 'count' ? 'salt' : 'out' };
  const [best] = found;
  return sure && best !== undefined ? { as: 'ingredient', id: best } : undefined;
}

/**
 * Puts the settled lines of a recipe into a batch: things into the pot, cuts as lots, salt onto the meat.
 * @param known all ingredients that the batch may name; more: those it may name once they are added
 * @returns the batch, and the ingredients that the kitchen has to carry for it
 */
export function putRecipeIn(
  batch: Batch,
  lines: readonly SettledLine[],
  known: readonly Ingredient[],
  more: readonly Ingredient[],
  newId: () => string,
): { readonly batch: Batch; readonly carried: readonly Ingredient[] } {
  const carried: Ingredient[] = [];
  let next: Batch = { ...batch, items: [...itemsOf(batch)] };
  for (const { match, choice } of lines) {
    const { line } = match;
    if (!choice || choice.as === 'out') continue;
    if (choice.as === 'salt') next = line.amount ? salted(next, match) : next;
    else if (choice.as === 'cut') {
      if (!line.amount || line.measure !== 'mass') continue;
      const lot = { id: newId(), kind: 'meat' as const, cut: choice.id, weight: { ...line.amount } };
      next = { ...next, lots: [...next.lots, lot] };
    } else {
      const wanted = 'id' in choice ? choice.id : undefined;
      const extra =
        wanted === undefined
          ? withoutFigures(newId(), line.words.join(' ') || line.text)
          : more.find(({ id }) => id === wanted);
      const ingredient = extra ?? known.find(({ id }) => id === wanted);
      if (!ingredient) continue;
      if (extra && !carried.some(({ id }) => id === extra.id)) carried.push(extra);
      next = { ...next, items: [...itemsOf(next), itemOf(newId(), ingredient, match)] };
    }
  }
  return { batch: next, carried };
}

function salted({ saltIn: _, ...batch }: Batch, { line }: LineMatch): Batch {
  return { ...batch, salt: line.amount, ...(line.measure === 'volume' && { saltIn: 'volume' as const }) };
}

/** A line as a thing in the pot; an amount that has no weight is left to be filled in. */
function itemOf(id: string, { id: ref, pieceG }: Ingredient, { line: { amount, measure } }: LineMatch): Item {
  const item = { id, ref, state: 'in' as const };
  if (!amount) return item;
  if (measure === 'mass' || measure === 'volume') return { ...item, amount, measure };
  return measure === 'count' && pieceG !== undefined ? { ...item, amount, measure } : item;
}
