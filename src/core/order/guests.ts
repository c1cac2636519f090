import type { Dish, DishKind, Guests } from '../meal/index.ts';
import { midpoint } from '../quantity/index.ts';

/** How much a guest eats, of what a usual guest eats (estimates). */
export const appetite = { light: 0.75, usual: 1, hungry: 1.35, children: 0.5 } as const;

export type Appetite = keyof typeof appetite;
export const appetites = Object.keys(appetite) as Appetite[];

/**
 * Servings for these guests: each eats `each` servings times its appetite, and the sum is rounded up
 * to whole servings. 0 if there is nobody.
 */
export function servingsFor(guests: Guests): number {
  const each = midpoint(guests.each) ?? 1;
  const eaters = appetites.reduce((sum, kind) => sum + appetite[kind] * (midpoint(guests[kind]) ?? 0), 0);
  // 12.000000000000002 servings are twelve.
  return Math.max(0, Math.ceil(each * eaters - 1e-9));
}

/** Of what is small a guest has several (common practice, no source); of all else one. */
const several: Readonly<Partial<Record<DishKind, number>>> = {
  ...{ taco: 3, 'folded taco': 3, 'cheese shell': 3, 'hand pie': 2 },
};

/** How many a guest usually has of a dish whose number may be people or pieces: undefined where it is plain, or was said. */
export const eachIfPeople = ({ kind, count, counted, guests }: Dish): number | undefined =>
  counted || guests || midpoint(count) === undefined ? undefined : several[kind];

/** The same number taken for people, each with as many as is usual of the dish. */
export function forPeople({ counted: _, ...dish }: Dish): Dish {
  const each = several[dish.kind] ?? 1;
  return { ...dish, guests: { usual: dish.count, each: { text: String(each), lo: each, hi: each } } };
}
