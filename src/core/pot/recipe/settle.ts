import { type Batch, type Item, NAME_MOST } from '../../meal/index.ts';
import type { Ingredient } from '@/reference/types.ts';
import { withoutFigures } from '../liquid/own.ts';
import { fillsPot, usualItems } from '../liquid/items.ts';
import type { Quantity } from '../../quantity/index.ts';
import { amountOfLine } from './amountOfLine.ts';
import type { LineMatch } from './match.ts';

/** What a line of a recipe is taken for; undefined while the cook has not said. */
export type Choice =
  | { readonly as: 'ingredient'; readonly id: string }
  | { readonly as: 'cut'; readonly id: string }
  | { readonly as: 'own' | 'salt' | 'out' };

export interface SettledLine {
  readonly match: LineMatch;
  readonly choice: Choice | undefined;
  /** What it weighs, where its line does not say. */
  readonly weight?: Quantity;
}

/** What stands for a line until the cook says otherwise: what is sure; the rest is asked. */
export function firstChoice({ kind, sure, found, line }: LineMatch): Choice | undefined {
  if (kind === 'salt') return { as: line.amount && line.measure !== 'count' ? 'salt' : 'out' };
  const [best] = found;
  return sure && best !== undefined ? { as: kind === 'meat' ? 'cut' : 'ingredient', id: best } : undefined;
}

/** What is left of the usual pot beside the first things that are put in: those take the place of their like. */
const besideUsual = (all: readonly Ingredient[]): readonly Item[] =>
  usualItems.filter(({ ref }) => !all.some((one) => one.id === ref || (fillsPot(one) && ref === USUAL_POUR)));
const USUAL_POUR = 'stock-low-salt';

/**
 * Puts settled lines into a batch: things into the pot, cuts as lots, salt onto the meat.
 * @param known all ingredients that the batch may name; more: those it may name once they are added
 * @param pot what becomes of a usual pot that nobody has touched: a whole recipe takes its place, a thing stands beside it
 * @returns the batch, and the ingredients that the kitchen has to carry for it
 */
export function putRecipeIn(
  batch: Batch,
  lines: readonly SettledLine[],
  known: readonly Ingredient[],
  more: readonly Ingredient[],
  newId: () => string,
  pot: 'as written' | 'beside the usual' = 'as written',
): { readonly batch: Batch; readonly carried: readonly Ingredient[] } {
  const carried: Ingredient[] = [];
  const put: Ingredient[] = [];
  const added: Item[] = [];
  let next: Batch = batch;
  for (const settled of lines) {
    const { match, choice } = settled;
    const { line } = match;
    if (!choice || choice.as === 'out') continue;
    if (choice.as === 'salt') next = line.amount ? salted(next, match) : next;
    else if (choice.as === 'cut') {
      if (!line.amount || line.measure !== 'mass') continue;
      const { bone } = match;
      const lot = {
        ...{ id: newId(), kind: 'meat' as const, cut: choice.id, weight: { ...line.amount } },
        ...(bone && { bone }),
      };
      next = { ...next, lots: [...next.lots, lot] };
    } else {
      const wanted = 'id' in choice ? choice.id : undefined;
      const extra =
        wanted === undefined
          ? withoutFigures(newId(), line.name || line.text)
          : more.find(({ id }) => id === wanted);
      const ingredient = extra ?? known.find(({ id }) => id === wanted);
      if (!ingredient) continue;
      if (extra && !carried.some(({ id }) => id === extra.id)) carried.push(extra);
      put.push(ingredient);
      added.push(itemOf(newId(), ingredient, settled));
    }
  }
  const before = batch.items ?? (pot === 'as written' || put.length === 0 ? [] : besideUsual(put));
  // Meat and salt alone leave the usual pot untouched.
  if (batch.items === undefined && put.length === 0 && pot === 'beside the usual')
    return { batch: next, carried };
  return { batch: { ...next, items: [...before, ...added] }, carried };
}

function salted({ saltIn: _, ...batch }: Batch, { line }: LineMatch): Batch {
  return { ...batch, salt: line.amount, ...(line.measure === 'volume' && { saltIn: 'volume' as const }) };
}

/** What a line says beside: of one that was asked about its own words too, since what was chosen has another name. */
const noteOf = ({ line, sure }: LineMatch): string =>
  [...(sure ? [] : [line.name]), line.note === 'drained' ? '' : line.note]
    .filter(Boolean)
    .join(', ')
    .slice(0, NAME_MOST);

/** A line as a thing in the pot, in its own amount or in the weight that the cook has given for it. */
function itemOf(id: string, ingredient: Ingredient, { match, weight }: SettledLine): Item {
  const { line } = match;
  const note = noteOf(match);
  const item = { id, ref: ingredient.id, state: 'in' as const, ...(note !== '' && { note }) };
  if (weight) return { ...item, amount: weight, measure: 'mass' };
  const read = amountOfLine(line, ingredient);
  if (!read) return item;
  // Never the usual in place of what is written: as it stands there it counts for nothing until it is settled.
  if (!read.ok) return { ...item, amount: { text: line.howMuch ?? '' } };
  const { quantity, measure } = read;
  // What is drained was counted or weighed before, in its tin.
  const isDrained = ingredient.off?.drained !== undefined && /\bdrained\b/i.test(line.note);
  return {
    ...item,
    ...(isDrained ? { asBought: quantity, prep: 'drained' as const } : { amount: quantity }),
    measure: measure === 'count' || measure === 'volume' ? measure : 'mass',
  };
}

/** Whether a settled line still has no weight: it is asked for. */
export function asksWeight(
  { match: { line }, choice, weight }: SettledLine,
  known: readonly Ingredient[],
): boolean {
  if (choice?.as !== 'ingredient' || weight?.lo !== undefined) return false;
  const ingredient = known.find(({ id }) => id === choice.id);
  return ingredient !== undefined && amountOfLine(line, ingredient)?.ok === false;
}
