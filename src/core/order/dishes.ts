import type { Dish, DishKind } from '../batch/schema.ts';
import { middle } from '../quantity/index.ts';

export interface Portion {
  readonly want: number;
  readonly min: number;
  readonly max: number;
}

/** A dish as the plates need it: g of shred and ml of liquid for one serving, and how many. */
export interface Ticket {
  readonly id: string;
  readonly name: string;
  readonly count: number;
  readonly meat: Portion;
  readonly liquid: Portion;
  /** Liquid that the shred holds, of the shred's weight. */
  readonly held: number;
  readonly way: 'set' | 'even';
}

interface Usual {
  readonly name: string;
  readonly meat: Portion;
  readonly liquid: Portion;
  readonly held: number;
}

const portion = (min: number, want: number, max: number): Portion => ({ min, want, max });
const none = portion(0, 0, 0);

/**
 * What each kind of dish gets, g and ml for one serving (common practice, no source). The gravy of
 * the long roll and the shares that the shred holds are estimates.
 */
export const usualDishes: Readonly<Record<DishKind, Usual>> = {
  taco: { name: 'soft tacos', meat: portion(45, 52, 60), liquid: none, held: 0.12 },
  roll: {
    name: 'rolls with a dip cup',
    meat: portion(110, 130, 150),
    liquid: portion(60, 75, 90),
    held: 0.06,
  },
  'long roll': {
    name: 'long rolls with gravy',
    meat: portion(150, 165, 180),
    liquid: portion(30, 45, 60),
    held: 0.06,
  },
  pasta: { name: 'plates of pasta', meat: portion(100, 110, 120), liquid: portion(100, 115, 130), held: 0 },
  'hand pie': { name: 'hand pies', meat: portion(55, 63, 72), liquid: none, held: 0.1 },
  burrito: { name: 'burritos or bowls', meat: portion(90, 105, 120), liquid: none, held: 0.1 },
  soup: { name: 'bowls of broth', meat: portion(70, 80, 90), liquid: portion(240, 270, 300), held: 0 },
  dip: { name: 'dip cups', meat: none, liquid: portion(60, 75, 90), held: 0 },
  own: { name: 'servings', meat: portion(80, 100, 120), liquid: none, held: 0.08 },
};

/** The name a dish goes by: the user's, or its kind's. */
export const dishName = (dish: Pick<Dish, 'name' | 'kind'>): string =>
  dish.name ?? usualDishes[dish.kind].name;

function portionOf(typed: Dish['meat'], usual: Portion): Portion {
  const want = middle(typed?.want) ?? usual.want;
  return {
    want,
    min: Math.min(want, middle(typed?.min) ?? usual.min),
    max: Math.max(want, middle(typed?.max) ?? usual.max),
  };
}

/** The dishes that can be counted, in the order of the meal. One without a readable count is left out. */
export function ticketsOf(dishes: readonly Dish[]): readonly Ticket[] {
  return dishes.flatMap((dish) => {
    const usual = usualDishes[dish.kind];
    const count = middle(dish.count);
    if (count === undefined || count <= 0) return [];
    return [
      {
        id: dish.id,
        name: dishName(dish),
        count,
        meat: portionOf(dish.meat, usual.meat),
        liquid: portionOf(dish.liquid, usual.liquid),
        held: dish.held ?? usual.held,
        way: dish.way ?? 'set',
      },
    ];
  });
}

/** What the whole meal wants: shred in g, and liquid in ml with what the shred holds. */
export function needOf(tickets: readonly Ticket[]): { readonly meatG: number; readonly liquidMl: number } {
  let meatG = 0;
  let liquidMl = 0;
  for (const { count, meat, liquid, held } of tickets) {
    meatG += count * meat.want;
    liquidMl += count * (liquid.want + held * meat.want);
  }
  return { meatG, liquidMl };
}
