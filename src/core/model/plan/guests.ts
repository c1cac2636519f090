import { avoidable, type Avoidable, type Batch } from '../../meal/index.ts';
import { isStep } from '../../work/index.ts';
import { dishName } from '../../order/index.ts';
import { isNotKnown, itemsOf, refsIn } from '../../pot/index.ts';
import type { Ingredient } from '@/reference/types.ts';
import { allergensOnDish, heldInCut, mayHold } from '../allergens.ts';
import { ingredientsById, type Input } from '../input.ts';
import type { Problem } from '../problem.ts';

/** What the pots and the dishes hold that a guest must not have: said of the lot, the line or the dish that holds it. */
export function notForGuests(input: Input): readonly Problem[] {
  const { meal, batches } = input;
  const barred = new Set<Avoidable>(meal.avoid ?? []);
  if (barred.size === 0) return [];
  return [
    ...batches.filter(({ id }) => meal.batches.includes(id)).flatMap((batch) => inPot(input, batch, barred)),
    ...onDishes(input, barred),
  ];
}

function inPot(input: Input, batch: Batch, barred: ReadonlySet<Avoidable>): readonly Problem[] {
  const { id, name: pot, lots } = batch;
  const meats = lots.flatMap((lot): Problem[] => {
    const species = heldInCut(lot.cut, input)?.find((what) => isAvoidable(what) && barred.has(what));
    if (species === undefined) return [];
    return [{ batch: id, lot: lot.id, guest: true, says: { what: 'guest: animal', pot, species } }];
  });
  const known = ingredientsById(input);
  const things = refsIn(batch).flatMap((ref): Problem[] => {
    const ingredient = known.get(ref);
    const says = ingredient && saysOf(pot, ingredient, barred);
    return says ? [{ batch: id, ...whereIs(batch, ref), guest: true, says }] : [];
  });
  return [...meats, ...things];
}

function saysOf(
  pot: string,
  ingredient: Ingredient,
  barred: ReadonlySet<Avoidable>,
): Problem['says'] | undefined {
  const { name, holds = [] } = ingredient;
  const found = holds.filter((what) => isAvoidable(what) && barred.has(what));
  if (found.length > 0) return { what: 'guest: ingredient', pot, name, holds: found };
  return isNotKnown(ingredient)
    ? { what: 'guest: not known', where: pot, name, avoid: [...barred] }
    : undefined;
}

const isAvoidable = (what: string): what is Avoidable => avoidable.some((one) => one === what);

/** The line or the step that it stands in. */
function whereIs(batch: Batch, ref: string): { readonly item?: string } {
  const item = itemsOf(batch).find((one) => one.ref === ref || one.soak?.in === ref);
  const step = batch.after.filter(isStep('stretch')).find((one) => one.ref === ref);
  const id = item?.id ?? step?.id;
  return id === undefined ? {} : { item: id };
}

const onDishes = (input: Input, barred: ReadonlySet<Avoidable>): readonly Problem[] =>
  input.meal.dishes.flatMap((dish): Problem[] => {
    const { contains, notKnown } = allergensOnDish(input, dish);
    const byName = new Map<string, Avoidable[]>();
    for (const { what, from } of contains)
      for (const { name, pot } of barred.has(what) ? from : [])
        // What comes out of a pot is said of the pot.
        if (pot === undefined) byName.set(name, [...(byName.get(name) ?? []), what]);
    return [
      ...[...byName].map(([name, holds]): Problem => ({
        dish: dish.id,
        guest: true,
        says: { what: 'guest: dish', dish: dishName(dish), name, holds },
      })),
      ...notKnown.flatMap((one): Problem[] => {
        const avoid = [...barred].filter((what) => mayHold(one, what));
        if (one.pot !== undefined || avoid.length === 0) return [];
        const says = { what: 'guest: not known', where: dishName(dish), name: one.name, avoid } as const;
        return [{ dish: dish.id, guest: true, says }];
      }),
    ];
  });
