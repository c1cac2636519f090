import type { Avoidable, Batch, Dish } from '../meal/index.ts';
import { carriers } from './carriers.ts';
import { dishName } from './dishes.ts';
import type { Ingredient } from '@/reference/types.ts';

/** Something in a pot that a guest must not have. */
export interface Avoided {
  readonly batch: string;
  readonly lot?: string;
  readonly item?: string;
  readonly guest: true;
  readonly says: GuestMustNot;
}

/** What a pot holds that a guest must not have: a lot's animal, or what an ingredient is known to hold. */
export type GuestMustNot =
  | { readonly what: 'guest: animal'; readonly pot: string; readonly species: string }
  | {
      readonly what: 'guest: ingredient';
      readonly pot: string;
      readonly name: string;
      readonly holds: readonly string[];
    };

/** What dishes are built on, and what goes on them besides, that a guest must not have. */
export function avoidedOnDishes(
  avoid: readonly Avoidable[],
  dishes: readonly Dish[],
): readonly { readonly dish: string; readonly guest: true; readonly says: DishSays }[] {
  const barred = new Set<Avoidable>(avoid);
  return dishes.flatMap((dish) => {
    const on = [carriers[dish.kind] ?? [], dish.besides ?? []].flat();
    return on.flatMap(({ name, holds = [] }) => {
      const found = holds.filter((what) => barred.has(what));
      const says = { what: 'guest: dish', dish: dishName(dish), name, holds: found } as const;
      return found.length > 0 ? [{ dish: dish.id, guest: true as const, says }] : [];
    });
  });
}

interface DishSays {
  readonly what: 'guest: dish';
  readonly dish: string;
  readonly name: string;
  readonly holds: readonly string[];
}

/**
 * What the pots hold of what guests must not have, by species of the lots and by what the table
 * says of each ingredient; own cuts are taken as their relative's animal. What a jar or a carton holds may
 * differ: the label decides.
 * @param speciesOf the animal of a cut, undefined if the cut is not known
 */
export function avoided(
  avoid: readonly Avoidable[],
  batches: readonly Batch[],
  ingredients: readonly Ingredient[],
  speciesOf: (cut: string) => string | undefined,
): readonly Avoided[] {
  const barred = new Set<string>(avoid);
  return batches.flatMap(({ id: batch, name, lots, items }) => {
    const meats = lots.flatMap((lot): Avoided[] => {
      const species = speciesOf(lot.cut);
      if (species === undefined || !barred.has(species)) return [];
      return [{ batch, lot: lot.id, guest: true, says: { what: 'guest: animal', pot: name, species } }];
    });
    // What a thing was soaked in goes in with it.
    const all = (items ?? []).flatMap((item) =>
      item.soak?.in === undefined ? [item] : [item, { ...item, ref: item.soak.in }],
    );
    const poured = all.flatMap((item): Avoided[] => {
      const known = ingredients.find(({ id }) => id === item.ref);
      const found = (known?.holds ?? []).filter((what) => barred.has(what));
      if (!known || found.length === 0 || item.state === 'out') return [];
      const says = { what: 'guest: ingredient', pot: name, name: known.name, holds: found } as const;
      return [{ batch, item: item.id, guest: true, says }];
    });
    return [...meats, ...poured];
  });
}
