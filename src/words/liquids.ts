import type { DishKind } from '@/core/meal/index.ts';

/** What the liquid of a kind of dish is called once it is set apart. */
const byKind: Readonly<Partial<Record<DishKind, string>>> = {
  roll: 'dip',
  dip: 'dip',
  taco: 'dip',
  'long roll': 'gravy',
  pasta: 'pasta sauce',
  soup: 'soup',
};

/** The name of a part that is set apart for a dish: its kind's, or of several of a kind its own. */
export function partName(
  dish: { readonly id: string; readonly name: string },
  dishes: readonly { readonly id: string; readonly kind: DishKind }[],
): string {
  const kind = dishes.find(({ id }) => id === dish.id)?.kind ?? 'own';
  const word = byKind[kind];
  const alike = dishes.filter((other) => byKind[other.kind] === word).length;
  return word === undefined || alike > 1 ? `liquid for ${dish.name}` : word;
}
