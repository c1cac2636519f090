import { valueAt } from '../columns/index.ts';
import { momentOf } from '../clock/index.ts';
import { mlOf } from '../broth/index.ts';
import { type Meal, sittingOf, sittingsOf } from '../meal/index.ts';
import { bowlG, type OpenedMeal } from '../model/index.ts';
import { needOf } from '../order/index.ts';
import { midpoint } from '../quantity/index.ts';

/** Shred and liquid together: g and ml. */
export interface Both {
  readonly g: number;
  readonly ml: number;
}

/** What one pot gives to one sitting. */
export interface Gives extends Both {
  readonly pot: string;
  readonly sitting: string;
}

export interface EventDish {
  readonly id: string;
  readonly name: string;
  readonly count: number;
  /** Servings that the middle run fills. */
  readonly filled: number;
  readonly wants: Both;
  /** What of that is not there. */
  readonly lacks: Both;
}

export interface EventSitting {
  readonly id: string;
  readonly name: string;
  /** Epoch ms; undefined: nobody has said. */
  readonly at: number | undefined;
  readonly place: NonNullable<Meal['place']>;
  readonly adults: number;
  readonly children: number;
  readonly dishes: readonly EventDish[];
  readonly plates: number;
  readonly wants: Both;
  readonly lacks: Both;
}

export interface EventPot {
  readonly id: string;
  readonly name: string;
  readonly rawG: number;
  /** What it comes to, and what of that no plate takes. */
  readonly has: Both;
  readonly over: Both;
  /** Its shred, its liquid were on the scale. */
  readonly weighed: { readonly g: boolean; readonly ml: boolean };
}

/** An event: what each pot has, what each sitting wants, and what goes from the one to the other. */
export interface EventFigures {
  /** All who sit down, at whichever sitting. */
  readonly people: { readonly adults: number; readonly children: number };
  readonly sittings: readonly EventSitting[];
  readonly pots: readonly EventPot[];
  readonly gives: readonly Gives[];
}

/** Less than this is rounding, g and ml. */
const NOTHING = 0.5;

const sum = (all: readonly Both[]): Both => ({
  g: all.reduce((total, { g }) => total + g, 0),
  ml: all.reduce((total, { ml }) => total + ml, 0),
});
const less = (a: Both, b: Both): Both => {
  const rest = (x: number) => (x < NOTHING ? 0 : x);
  return { g: rest(a.g - b.g), ml: rest(a.ml - b.ml) };
};

/**
 * The event of a meal's sittings, in the order in which they are served: the same plates as everywhere, those that are out and
 * those still to be filled, told by pot and by sitting.
 */
export function eventOf({ input: { meal }, nominal, plan, ledger }: OpenedMeal): EventFigures {
  const { served, batches, booked } = nominal;
  const pots = batches.map((one) => one.plan.id);
  const n = pots.length;
  /** What a ticket gets of a pot: still to be filled, and out already. */
  const gets = (t: number, b: number): Both => {
    const out = booked[t]?.from.filter(({ batch }) => batch === pots[b]) ?? [];
    return sum([
      { g: valueAt(served.takenG, t * n + b), ml: valueAt(served.takenMl, t * n + b) },
      ...out.map(({ g, heldMl, ladledMl }) => ({ g, ml: heldMl + ladledMl })),
    ]);
  };
  const isWeighed = (pot: string, of: 'shred' | 'liquid') => {
    const flows = ledger.filter(({ id, batch }) => id === of && batch === pot);
    return flows.length > 0 && flows.every(({ weighed }) => weighed);
  };
  const told = plan.tickets.map((ticket, t) => {
    const dish = meal.dishes.find(({ id }) => id === ticket.id);
    const { meatG, liquidMl } = needOf([ticket]);
    const wants = { g: meatG, ml: liquidMl };
    const from = pots.map((pot, b) => ({ pot, ...gets(t, b) }));
    const one: EventDish = {
      id: ticket.id,
      name: ticket.name,
      count: ticket.count,
      filled: valueAt(served.filled, t),
      wants,
      lacks: less(wants, sum(from)),
    };
    return { one, from, sitting: sittingOf(dish ?? {}, meal) };
  });
  const sittings = sittingsOf(meal)
    .map(({ id, name, serving, place = 'here', people }): EventSitting => {
      const dishes = told.filter(({ sitting }) => sitting === id).map(({ one }) => one);
      return {
        id,
        name,
        at: serving && momentOf(serving),
        place,
        adults: midpoint(people?.adults) ?? 0,
        children: midpoint(people?.children) ?? 0,
        dishes,
        plates: dishes.reduce((total, { count }) => total + count, 0),
        wants: sum(dishes.map(({ wants }) => wants)),
        lacks: sum(dishes.map(({ lacks }) => lacks)),
      };
    })
    .sort((a, b) => (a.at ?? Infinity) - (b.at ?? Infinity));
  const gives = sittings.flatMap(({ id: sitting }) =>
    pots.map((pot): Gives => {
      const own = told.filter((one) => one.sitting === sitting);
      return {
        pot,
        sitting,
        ...sum(own.flatMap(({ from }) => from.filter((one) => one.pot === pot))),
      };
    }),
  );
  return {
    people: {
      adults: sittings.reduce((total, { adults }) => total + adults, 0),
      children: sittings.reduce((total, { children }) => total + children, 0),
    },
    sittings,
    gives: gives.filter(({ g, ml }) => g + ml >= NOTHING),
    pots: batches.map((one): EventPot => {
      const { id, batch, liquid, lots } = one.plan;
      const has = { g: bowlG(one), ml: liquid ? mlOf(one.mass.liquid) : 0 };
      return {
        id,
        name: batch.name,
        rawG: lots.reduce((total, { rawG }) => total + rawG, 0),
        has,
        weighed: { g: isWeighed(id, 'shred'), ml: isWeighed(id, 'liquid') },
        over: less(has, sum(gives.filter(({ pot }) => pot === id))),
      };
    }),
  };
}

/** Plates that stay empty; what is only filled with less than it wants does not. */
export const emptyOf = ({ dishes }: Pick<EventSitting, 'dishes'>): number =>
  dishes.reduce((sum, { count, filled }) => sum + Math.max(0, count - Math.floor(filled + NOTHING)), 0);

/**
 * The sittings that lack something: those with plates that stay empty before those with smaller portions, of each kind the first to
 * be served first, since until then it can be put right.
 */
export const shortOf = ({ sittings }: Pick<EventFigures, 'sittings'>): readonly EventSitting[] =>
  sittings
    .filter(({ lacks }) => lacks.g + lacks.ml > 0)
    .toSorted((a, b) => Number(emptyOf(b) > 0) - Number(emptyOf(a) > 0));
