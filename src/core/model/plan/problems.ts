import { platesProblem, standingEntries } from '../../meal/index.ts';
import { countOf, dishName, portionProblem } from '../../order/index.ts';
import { itemsOf } from '../../pot/index.ts';
import { midpoint } from '../../quantity/index.ts';
import { ingredientsById, type Input } from '../input.ts';
import type { Problem } from '../problem.ts';
import { notForGuests } from './guests.ts';

/** What a cook has to look at in what was written. */
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
        says: { what: 'unknown ingredient', id: ref } as const,
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
    return found.flatMap((says) => (says ? [{ dish: dish.id, says }] : []));
  });
}

/** What was weighed in a pot or a bowl tells nothing until that has been weighed empty. */
function vesselsWithoutWeight({ entries, kitchen }: Input): Problem[] {
  return standingEntries(entries).flatMap(({ batch, measures, measure, vessel: bowl }) => {
    const id = measures.what === 'stock' && measure !== 'depth' ? measures.vessel : bowl;
    const vessel = kitchen.vessels.find((v) => v.id === id);
    if (id === undefined || vessel?.tareG !== undefined) return [];
    return [{ batch, says: { what: 'never weighed empty', vessel: vessel?.name ?? id } }];
  });
}

/** Bones that weigh as much as the lot they came from: a slip of the pen, or another lot's. */
function moreBoneThanMeat({ entries, batches }: Input): Problem[] {
  return standingEntries(entries).flatMap(({ batch, measures, value }) => {
    if (measures.what !== 'flow' || measures.flow !== 'bone') return [];
    const lot = batches.find(({ id }) => id === batch)?.lots.find(({ id }) => id === measures.lot);
    const [bone, raw] = [midpoint(value ?? undefined), midpoint(lot?.weight)];
    if (bone === undefined || raw === undefined || bone < raw) return [];
    const says = {
      what: 'more bone than meat',
      bone: value?.text ?? '',
      lot: lot?.weight.text ?? '',
    } as const;
    return [{ batch, lot: measures.lot, says }];
  });
}

/** A price that cannot count, since nothing says of how much. */
function pricesWithoutWeight({ batches }: Input): Problem[] {
  return batches.flatMap(({ id: batch, lots }) =>
    lots.flatMap(({ id: lot, price, weight }) =>
      price?.amount !== undefined && midpoint(weight) === undefined
        ? [{ batch, lot, says: { what: 'price without weight' as const, price: price.text } }]
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
    return [{ dish: dish.id, says: { what: 'too few pieces', wanted, have } }];
  });
}
