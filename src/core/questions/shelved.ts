import {
  avoidable,
  type Avoidable,
  type Batch,
  isStrained,
  type Keepable,
  type ShelfItem,
} from '../batch/index.ts';
import { SAUCE, volumeOf } from '../broth/index.ts';
import { massOf, nothing, plus, type Amount } from '../ledger/index.ts';
import { ingredientsById, type OpenedMeal, speciesOf } from '../model/index.ts';
import { heldIn, itemsOf } from '../pot/index.ts';

/** What of a batch can go to the shelf, before it is put there. */
export type Shelvable = Pick<
  ShelfItem,
  'what' | 'name' | 'grams' | 'ml' | 'saltG' | 'fatG' | 'waterG' | 'proteinG' | 'holds' | 'batch'
>;

/** Less than this nobody keeps, g. */
const WORTH_A_BOX = 20;

/** What is left of a batch and worth a box: its shred, its broth or sauce, and the fat that was skimmed. */
export function shelvedOf(meal: OpenedMeal, batchId: string): readonly Shelvable[] {
  const { nominal, now } = meal;
  const plan = now.find(({ id }) => id === batchId);
  if (!plan) return [];
  const amountOf = (...ids: readonly string[]): Amount =>
    nominal.flows
      .filter(({ batch, id }) => batch === batchId && ids.includes(id))
      .reduce((sum, { amount }) => plus(sum, amount), nothing);
  const cut = (plan.cuts[0]?.name ?? plan.batch.name).split(',')[0]?.toLowerCase() ?? '';
  const strained = isStrained(plan.batch);
  const holds = holdsOf(meal, plan.batch);
  const shelved = (what: Keepable, name: string, amount: Amount, ml?: number): Shelvable => ({
    what,
    name,
    grams: massOf(amount),
    ...(ml !== undefined && { ml }),
    saltG: amount.salt,
    fatG: amount.fat,
    waterG: amount.water,
    proteinG: amount.protein,
    ...(holds.length > 0 && { holds: [...holds] }),
    batch: batchId,
  });
  const liquid = amountOf('keptLiquid');
  const fat = amountOf('skim', 'skimOnWay', 'panFatKept');
  return [
    shelved('shred', `${cut}, shredded`, amountOf('keptShred')),
    shelved(
      strained ? 'broth' : 'sauce',
      `${cut} ${strained ? 'broth' : 'sauce'}`,
      liquid,
      volumeOf(massOf(liquid) - liquid.fat, liquid.fat, strained),
    ),
    shelved('fat', `${cut} fat`, fat),
  ].filter(({ grams }) => grams >= WORTH_A_BOX);
}

/** What guests may not have in it: its animals, and what its ingredients are known to hold. */
function holdsOf({ input }: OpenedMeal, batch: Batch): readonly Avoidable[] {
  const species = batch.lots.flatMap(({ cut }) => speciesOf(cut, input) ?? []);
  const known = [...ingredientsById(input).values()];
  const all = new Set<string>([...species, ...heldIn(itemsOf(batch), known).held.map(({ what }) => what)]);
  return avoidable.filter((one) => all.has(one));
}

/** Millilitres of so much of a liquid on the shelf. */
export const mlOfShelf = ({ grams, ml }: Pick<ShelfItem, 'grams' | 'ml'>, left: number): number =>
  ml !== undefined && grams > 0 ? (ml * left) / grams : left / SAUCE;
