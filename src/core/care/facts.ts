import { beforeKind, fateKind, wayKind } from '../work/index.ts';
import { pullingOf } from '../bench/index.ts';
import { type Batch, type DishKind, type Heat, saidOf } from '../meal/index.ts';
import { massOf } from '../ledger/index.ts';
import { ingredientsById, NO_ALCOHOL, oneServing, type OpenedMeal } from '../model/index.ts';
import { builtOf } from '../order/index.ts';
import { fateOf, itemsOf, refsIn } from '../pot/index.ts';
import type { Ingredient } from '@/reference/types.ts';

/** What of a meal, or of one of its pots, can hurt somebody. */
export interface CareFacts {
  readonly heats: ReadonlySet<Heat>;
  readonly sears: boolean;
  readonly fries: boolean;
  /** Browned in its bowl under the grill or in the oven. */
  readonly browns: boolean;
  readonly toasts: boolean;
  readonly chillies: boolean;
  readonly blends: boolean;
  readonly marinades: boolean;
  readonly standsOut: boolean;
  /** By name: dried beans, which are poison until they have boiled. */
  readonly driedBeans: readonly string[];
  /** Cooked rice or pasta is served. */
  readonly starches: boolean;
  readonly onBone: boolean;
  /** None of the meat was bought with its bones. */
  readonly boneless: boolean;
  readonly children: boolean;
  /** The dish with the most alcohol: g in a serving, and of its weight; undefined: none is left. */
  readonly alcohol: Alcohol | undefined;
}

export interface Alcohol {
  readonly dish: string;
  readonly g: number;
  readonly share: number;
}

const FRIED: ReadonlySet<DishKind> = new Set(['folded taco', 'cheese shell', 'pressed sandwich']);
/** Where no meal is open: nothing but what always stands. */
export const calm: CareFacts = {
  heats: new Set(),
  sears: false,
  fries: false,
  browns: false,
  toasts: false,
  chillies: false,
  blends: false,
  marinades: false,
  standsOut: false,
  driedBeans: [],
  starches: false,
  onBone: false,
  boneless: false,
  children: false,
  alcohol: undefined,
};

/** Dry, and of the bean kind: lentils and peas hold little of what harms. */
const isDriedBean = (one: Pick<Ingredient, 'name' | 'row' | 'per'>): boolean =>
  /\bbeans?\b/i.test(saidOf(one)) &&
  !/soy|cocoa|coffee|vanilla|mung/i.test(saidOf(one)) &&
  one.per.water < 0.25;
const isChilli = ({ holds }: Ingredient): boolean => holds?.includes('heat') ?? false;

/**
 * What a cook has to be careful of: of one pot, or of all of them.
 * @param batchId whose; absent: of the whole meal
 */
export function careOf(meal: OpenedMeal, batchId?: string): CareFacts {
  const { input } = meal;
  const { dishes } = input.meal;
  const batches = input.batches.filter(
    ({ id }) => input.meal.batches.includes(id) && (batchId === undefined || id === batchId),
  );
  const known = ingredientsById(input);
  const things = batches.flatMap((batch) => refsIn(batch).flatMap((ref) => known.get(ref) ?? []));
  const items = batches.flatMap((batch) => itemsOf(batch).filter(({ state }) => state === 'in'));
  return {
    heats: new Set(batches.flatMap(({ cook }) => cook.map(({ heat }) => heat))),
    sears: batches.some(({ sear }) => sear),
    fries: dishes.some(({ kind }) => FRIED.has(kind)),
    browns: dishes.some(({ kind }) => kind === 'gratin'),
    toasts: items.some(({ ways = [] }) => ways.some((way) => wayKind(way).smokes)),
    chillies: things.some(isChilli),
    blends: items.some((item) => {
      const ingredient = known.get(item.ref);
      return ingredient !== undefined && fateKind(fateOf(item, ingredient)).hands === 'blends';
    }),
    marinades: batches.some(
      (batch) => hasBefore(batch, 'inMarinade') || itemsOf(batch).some(({ marinade }) => marinade),
    ),
    standsOut: batches.some((batch) => hasBefore(batch, 'warms')),
    driedBeans: [...new Set(things.filter(isDriedBean).map(({ name }) => name))],
    starches: dishes.some(
      (dish) =>
        dish.kind === 'pasta' || builtOf(dish).some(({ name }) => name === 'rice' || name === 'egg noodles'),
    ),
    onBone:
      batches.some((batch) => pullingOf(batch).onBone) || dishes.some(({ kind }) => kind === 'on the bone'),
    boneless: isBoneless(meal, batchId),
    children: dishes.some(({ guests }) => (guests?.children?.hi ?? guests?.children?.lo ?? 0) > 0),
    alcohol: mostAlcohol(meal),
  };
}

const isBoneless = ({ planned }: OpenedMeal, batchId: string | undefined): boolean => {
  const lots = planned
    .filter(({ id }) => batchId === undefined || id === batchId)
    .flatMap((plan) => plan.lots);
  return lots.length > 0 && lots.every(({ boneShare }) => boneShare === 0);
};

const hasBefore = ({ steps = [] }: Batch, trait: 'inMarinade' | 'warms'): boolean =>
  steps.some(({ what }) => beforeKind(what)[trait]);

/** What the ledger carries of it to the plates: of the dish that has the most of it a serving. */
function mostAlcohol(meal: OpenedMeal): Alcohol | undefined {
  const all = meal.plan.tickets.flatMap(({ name }, t): Alcohol[] => {
    const one = oneServing(meal, t);
    return one.alcohol >= NO_ALCOHOL
      ? [{ dish: name, g: one.alcohol, share: one.alcohol / massOf(one) }]
      : [];
  });
  return all.toSorted((a, b) => b.g - a.g)[0];
}
