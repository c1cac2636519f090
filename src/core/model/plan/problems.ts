import { platesProblem, standingEntries } from '../../batch/index.ts';
import { avoided, countOf, dishName, portionProblem } from '../../order/index.ts';
import { itemsOf } from '../../pot/index.ts';
import { midpoint } from '../../quantity/index.ts';
import { ingredientsById, ingredientsOf, type Input, type Problem } from '../input.ts';

/** What a cook has to look at in what was written, each in one sentence with its figure. */
export const problemsOf = (input: Input): readonly Problem[] => [
  ...unreadableDishes(input),
  ...vesselsWithoutWeight(input),
  ...moreBoneThanMeat(input),
  ...pricesWithoutWeight(input),
  ...tooFewPieces(input),
  ...notForGuests(input),
  ...unknownIngredients(input),
];

function unknownIngredients(input: Input): Problem[] {
  const known = ingredientsById(input);
  return input.batches.flatMap((batch) =>
    itemsOf(batch)
      .filter(({ ref }) => !known.has(ref))
      .map(({ id, ref }) => ({
        batch: batch.id,
        item: id,
        words: `“${ref}” is not in the table of ingredients; choose another.`,
      })),
  );
}

function unreadableDishes({ meal }: Input): Problem[] {
  return meal.dishes.flatMap((dish) => {
    const name = dishName(dish);
    const found = [
      platesProblem(dish.count),
      portionProblem(dish.meat, name, 'meat'),
      portionProblem(dish.liquid, name, 'liquid'),
    ];
    return found.flatMap((words) => (words === undefined ? [] : [{ dish: dish.id, words }]));
  });
}

/** What is in the pots, the usual pot too, that a guest must not have. */
function notForGuests(input: Input): readonly Problem[] {
  const { meal, batches } = input;
  const pots = batches
    .filter(({ id }) => meal.batches.includes(id))
    .map((batch) => ({ ...batch, items: [...itemsOf(batch)] }));
  return avoided(meal.avoid ?? [], pots, ingredientsOf(input), (cut) => speciesOf(cut, input));
}

/** The animal of a cut; an own cut is its relative's. */
function speciesOf(cut: string, { kitchen, reference }: Input): string | undefined {
  const like = kitchen.cuts.find(({ id }) => id === cut)?.like ?? cut;
  return reference.cuts.find(({ id }) => id === like)?.species;
}

/** What was weighed in a pot or a bowl tells nothing until that has been weighed empty. */
function vesselsWithoutWeight({ entries, kitchen }: Input): Problem[] {
  return standingEntries(entries).flatMap(({ batch, measures, measure, vessel: bowl }) => {
    const id = measures.what === 'stock' && measure !== 'depth' ? measures.vessel : bowl;
    const vessel = kitchen.vessels.find((v) => v.id === id);
    if (id === undefined || vessel?.tareG !== undefined) return [];
    const words = `“${vessel?.name ?? id}” was weighed full and never empty; weigh it empty once, and it is known.`;
    return [{ batch, words }];
  });
}

/** Bones that weigh as much as the lot they came from: a slip of the pen, or another lot's. */
function moreBoneThanMeat({ entries, batches }: Input): Problem[] {
  return standingEntries(entries).flatMap(({ batch, measures, value }) => {
    if (measures.what !== 'flow' || measures.flow !== 'bone') return [];
    const lot = batches.find(({ id }) => id === batch)?.lots.find(({ id }) => id === measures.lot);
    const [bone, raw] = [midpoint(value ?? undefined), midpoint(lot?.weight)];
    if (bone === undefined || raw === undefined || bone < raw) return [];
    const words = `“${value?.text ?? ''}” of bone is more than the lot weighed (“${lot?.weight.text ?? ''}”); weigh the bones again, or correct the lot.`;
    return [{ batch, lot: measures.lot, words }];
  });
}

/** A price that cannot count, since nothing says of how much. */
function pricesWithoutWeight({ batches }: Input): Problem[] {
  return batches.flatMap(({ id: batch, lots }) =>
    lots.flatMap(({ id: lot, price, weight }) =>
      price?.amount !== undefined && midpoint(weight) === undefined
        ? [{ batch, lot, words: `“${price.text}” is a price without a weight; write how much it is for.` }]
        : [],
    ),
  );
}

/** Meat on the bone is served by the piece: there must be as many pieces as plates. */
function tooFewPieces({ meal, batches }: Input): Problem[] {
  const counts = batches.flatMap(({ lots }) => lots.flatMap(({ pieces }) => pieces?.count ?? []));
  const have = counts.reduce((sum, count) => sum + count, 0);
  if (counts.length === 0) return [];
  return meal.dishes.flatMap((dish) => {
    const wanted = countOf(dish);
    if (dish.kind !== 'on the bone' || wanted <= have) return [];
    const words = `${wanted} pieces on the bone are wanted and the lots are cut into ${have}; cut them into more, or serve fewer.`;
    return [{ dish: dish.id, words }];
  });
}
