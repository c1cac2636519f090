import type { Dish, DishKind, Part } from '../meal/index.ts';
import { servingsFor } from './guests.ts';
import { midpoint, type Quantity } from '../quantity/index.ts';

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
  /** As it would be if no portion were held. */
  readonly own?: { readonly meat: Portion; readonly liquid: Portion };
  /** Level measures that its shred, and what is ladled onto it, may come to, g and ml, the least first. */
  readonly levels?: { readonly meat: readonly number[]; readonly liquid: readonly number[] };
  /** Liquid that the shred holds, of the shred's weight. */
  readonly held: number;
  /** It was weighed: no draw guesses at it. */
  readonly heldKnown?: true;
  /** How unsure it is, of its logarithm; absent: as it is before anything was dressed here. */
  readonly heldSpread?: number;
  readonly way: 'set' | 'even';
  /** 1 is served first. */
  readonly priority: number;
  /** Nothing of the meal is to be left: its portion grows to its largest. */
  readonly grows?: true;
  /** The part that must not run short; undefined: both. A serving without the other part is still served. */
  readonly firm: Part | undefined;
  /** Batches that it may draw on; absent: all. */
  readonly from?: readonly string[];
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
  // A third of a piece on the bone is bone; what is given here is the meat on it (estimate).
  'on the bone': {
    name: 'pieces on the bone',
    meat: portion(140, 180, 230),
    liquid: portion(30, 60, 90),
    held: 0,
  },
  'folded taco': {
    name: 'folded tacos, fried, with a dip',
    meat: portion(40, 45, 55),
    liquid: portion(60, 75, 90),
    held: 0.1,
  },
  'cheese shell': { name: 'cheese shells', meat: portion(45, 55, 65), liquid: none, held: 0.05 },
  'pressed sandwich': {
    name: 'pressed sandwiches with a dip',
    meat: portion(90, 110, 130),
    liquid: portion(60, 75, 90),
    held: 0.05,
  },
  mash: {
    name: 'plates on mash or gnocchi',
    meat: portion(100, 120, 150),
    liquid: portion(60, 80, 110),
    held: 0,
  },
  gratin: { name: 'gratinated bowls', meat: portion(90, 110, 130), liquid: portion(60, 80, 100), held: 0 },
  own: { name: 'servings', meat: portion(80, 100, 120), liquid: none, held: 0.08 },
};

/** The name a dish goes by: the user's, or its kind's. */
export const dishName = (dish: Pick<Dish, 'name' | 'kind'>): string =>
  dish.name ?? usualDishes[dish.kind].name;

/** How many servings: written, or worked out from the guests; 0 until it can be read. */
export const countOf = (dish: Pick<Dish, 'count' | 'guests'>): number =>
  dish.guests ? servingsFor(dish.guests) : (midpoint(dish.count) ?? 0);

/** The portion of a dish as it stands, its smallest and largest about it. */
export function portionOf(typed: Dish['meat'], usual: Portion): Portion {
  const want = midpoint(typed?.want) ?? usual.want;
  return {
    want,
    min: Math.min(want, midpoint(typed?.min) ?? usual.min),
    max: Math.max(want, midpoint(typed?.max) ?? usual.max),
  };
}

/** A piece may be a fifth smaller or larger than the mean of its lot (estimate). */
const PIECE_SPREAD = 0.2;

/**
 * The dishes that can be counted, in the order of the meal. One without a readable count is left out.
 * @param pieceG meat on one piece on its bone, g, where the pieces were counted
 */
export function ticketsOf(dishes: readonly Dish[], pieceG?: number): readonly Ticket[] {
  return dishes.flatMap((dish) => {
    const usual = usualOf(dish.kind, pieceG);
    const count = countOf(dish);
    if (!(count > 0)) return [];
    const own = {
      meat: evenly(dish, portionOf(dish.meat, usual.meat)),
      liquid: portionOf(dish.liquid, usual.liquid),
    };
    return [
      {
        id: dish.id,
        name: dishName(dish),
        count,
        meat: held(dish.locked?.meat) ?? own.meat,
        liquid: held(dish.locked?.liquid) ?? own.liquid,
        ...(dish.locked && { own }),
        held: dish.held ?? usual.held,
        way: dish.way ?? 'set',
        priority: dish.priority ?? USUAL_PRIORITY,
        firm: dish.firm,
        ...(dish.from && { from: dish.from }),
      },
    ];
  });
}

/** Of three: what nobody has put before or after the others. */
const USUAL_PRIORITY = 2;

/** A portion that the cook has set and that stays: it is wanted, no more and no less. */
function held(quantity: Quantity | undefined): Portion | undefined {
  const at = midpoint(quantity);
  return at === undefined ? undefined : portion(at, at, at);
}

/** More than any plate: where all is shared evenly nothing is left, unless a largest portion is written. */
const ALL = 1e6;
const evenly = ({ way, meat }: Dish, portion: Portion): Portion =>
  way === 'even' && midpoint(meat?.max) === undefined ? { ...portion, max: ALL } : portion;

/** What a kind usually gets; meat on the bone is what the pieces are. */
function usualOf(kind: DishKind, pieceG: number | undefined): Usual {
  const usual = usualDishes[kind];
  if (kind !== 'on the bone' || pieceG === undefined) return usual;
  return { ...usual, meat: portion(pieceG * (1 - PIECE_SPREAD), pieceG, pieceG * (1 + PIECE_SPREAD)) };
}

export interface Need {
  readonly meatG: number;
  readonly liquidMl: number;
}

/** Liquid that the shred of one serving holds, ml. */
export const heldOfTicket = ({ meat, held }: Pick<Ticket, 'meat' | 'held'>): number => held * meat.want;

/** What one dish wants in all: shred in g, and liquid in ml with what the shred holds. */
export const needOfTicket = ({ count, meat, liquid, held }: Ticket): Need => ({
  meatG: count * meat.want,
  liquidMl: count * (liquid.want + heldOfTicket({ meat, held })),
});

/** What the whole meal wants. */
export function needOf(tickets: readonly Ticket[]): Need {
  let meatG = 0;
  let liquidMl = 0;
  for (const ticket of tickets) {
    const need = needOfTicket(ticket);
    meatG += need.meatG;
    liquidMl += need.liquidMl;
  }
  return { meatG, liquidMl };
}

/** How juicy a filling may be, of what its kind usually holds (estimates). */
const juiciness = { drier: 0.5, usual: 1, juicier: 1.4 } as const;
export type Juicy = keyof typeof juiciness;
export const juices = Object.keys(juiciness) as Juicy[];

/** What the shred of a dish is to hold, of its own weight. */
export const heldFor = (kind: DishKind, juicy: Juicy): number => usualDishes[kind].held * juiciness[juicy];

/** How juicy a dish is; undefined where it is something of its own. */
export const juicyOf = ({ kind, held }: Pick<Dish, 'kind' | 'held'>): Juicy | undefined =>
  held === undefined ? 'usual' : juices.find((juicy) => Math.abs(heldFor(kind, juicy) - held) < 1e-6);

/** A portion whose smallest, wanted and largest contradict each other, as they were written. */
export interface PortionFault {
  readonly what: 'portion';
  readonly dish: string;
  readonly of: 'meat' | 'liquid';
  /** The first of them is above the second. */
  readonly above: 'smallest, largest' | 'smallest, wanted' | 'wanted, largest';
  readonly first: string;
  readonly second: string;
}

/** Why a portion cannot be, or undefined if it can. */
export function portionProblem(
  typed: Dish['meat'],
  dish: string,
  of: PortionFault['of'],
): PortionFault | undefined {
  const [want, min, max] = [typed?.want, typed?.min, typed?.max];
  const pairs = [
    ['smallest, largest', min, max],
    ['smallest, wanted', min, want],
    ['wanted, largest', want, max],
  ] as const;
  for (const [above, first, second] of pairs) {
    const [a, b] = [midpoint(first), midpoint(second)];
    if (first && second && a !== undefined && b !== undefined && a > b)
      return { what: 'portion', dish, of, above, first: first.text, second: second.text };
  }
  return undefined;
}
