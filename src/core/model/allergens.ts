import { avoidable, type Avoidable, type Batch, type Dish } from '../meal/index.ts';
import { builtOf, dishName } from '../order/index.ts';
import { isNotKnown, refsIn } from '../pot/index.ts';
import { ingredientsById, type Input } from './input.ts';

/** Where something comes from: the ingredient, cut or part of the build; of a pot, in which. */
export interface From {
  readonly name: string;
  readonly pot?: string;
}

/** Something that some guests must not have, and where it comes from. */
export interface Contains {
  readonly what: Avoidable;
  readonly from: readonly From[];
}

/** What a pot or a dish is known to hold, in the order of the list, and what in it nobody knows. */
export interface Allergens {
  readonly contains: readonly Contains[];
  /** It is not known what these hold: their labels were not read. */
  readonly notKnown: readonly NotKnown[];
}

/** Something of which it is not known what it holds, but for what is known not to be in it. */
export interface NotKnown extends From {
  readonly without?: readonly Avoidable[] | undefined;
}

/** Whether something may hold what nobody has said of it. */
export const mayHold = ({ without }: NotKnown, what: Avoidable): boolean => !without?.includes(what);

/** The same of a dish: of all pots that it may draw on, of what it is built of and of what goes on it. */
export interface DishAllergens extends Allergens {
  readonly dish: string;
  readonly name: string;
}

/** The animal of a cut; an own cut is its relative's. */
function speciesOf(
  cut: string,
  { kitchen, reference }: Pick<Input, 'kitchen' | 'reference'>,
): string | undefined {
  const like = kitchen.cuts.find(({ id }) => id === cut)?.like ?? cut;
  return reference.cuts.find(({ id }) => id === like)?.species;
}

/** Meat that is another's by its young (common practice, no source): who must not have beef must not have veal. */
const ALSO: Readonly<Record<string, readonly Avoidable[]>> = { veal: ['beef'] };

/** What a guest may not have in a cut: its animal; undefined where nobody knows whose it is. */
export function heldInCut(
  cut: string,
  of: Pick<Input, 'kitchen' | 'reference'>,
): readonly string[] | undefined {
  const species = speciesOf(cut, of);
  return species === undefined ? undefined : [species, ...(ALSO[species] ?? [])];
}

/** What one source says of itself. */
interface Says {
  readonly from: From;
  readonly holds: readonly string[];
  readonly isKnown: boolean;
  /** What is known not to be in it, whatever else is. */
  readonly without?: readonly Avoidable[] | undefined;
}

function summed(all: readonly Says[]): Allergens {
  return {
    contains: avoidable.flatMap((what): Contains[] => {
      const from = once(all.filter(({ holds }) => holds.includes(what)).map((one) => one.from));
      return from.length > 0 ? [{ what, from }] : [];
    }),
    notKnown: once(all.filter(({ isKnown }) => !isKnown).map(({ from, without }) => ({ ...from, without }))),
  };
}

const once = <T extends From>(all: readonly T[]): readonly T[] =>
  all.filter(({ name, pot }, i) => all.findIndex((one) => one.name === name && one.pot === pot) === i);

function inPot(input: Input, batch: Batch): readonly Says[] {
  const pot = batch.name;
  const meats = batch.lots.flatMap(({ cut }): Says[] => {
    const holds = heldInCut(cut, input);
    const named =
      input.kitchen.cuts.find(({ id }) => id === cut)?.name ??
      input.reference.cuts.find(({ id }) => id === cut)?.name ??
      cut;
    // As a door sheet says it: its bone and its trim say nothing of the animal.
    const [name = named] = named.split(',');
    return [{ from: { name, pot }, holds: holds ?? [], isKnown: holds !== undefined }];
  });
  const known = ingredientsById(input);
  const things = refsIn(batch).map((ref): Says => {
    const ingredient = known.get(ref);
    return {
      from: { name: ingredient?.name ?? ref, pot },
      holds: ingredient?.holds ?? [],
      isKnown: ingredient !== undefined && !isNotKnown(ingredient),
    };
  });
  return [...meats, ...things];
}

/** What a pot holds: its animals, and what its ingredients are known to hold. */
export const allergensInPot = (input: Input, batch: Batch): Allergens => summed(inPot(input, batch));

/** The pots that a dish may draw on. */
const potsOf = ({ meal, batches }: Input, { from }: Pick<Dish, 'from'>): readonly Batch[] =>
  batches.filter(({ id }) => meal.batches.includes(id) && (from?.includes(id) ?? true));

function onDish(input: Input, dish: Dish): readonly Says[] {
  const built = builtOf(dish).flatMap(({ name, holds, unsure, without, fromPots }): Says[] => [
    { from: { name }, holds, isKnown: !unsure, without },
    // Fat that was skimmed is that of any pot.
    ...(fromPots ? potsOf(input, {}).flatMap((batch) => inPot(input, batch)) : []),
  ]);
  const besides = (dish.besides ?? [])
    .filter(({ name }) => name !== '')
    .map(({ name, holds }): Says => ({ from: { name }, holds: holds ?? [], isKnown: holds !== undefined }));
  return [...built, ...besides];
}

/** What each dish holds that some guests must not have, and what of it nobody knows. */
export const allergensByDish = (input: Input): readonly DishAllergens[] =>
  input.meal.dishes.map((dish) => ({
    dish: dish.id,
    name: dishName(dish),
    ...summed([...potsOf(input, dish).flatMap((batch) => inPot(input, batch)), ...onDish(input, dish)]),
  }));

/** What a dish is built of and what goes on it, without the pots. */
export const allergensOnDish = (input: Input, dish: Dish): Allergens => summed(onDish(input, dish));

/** One thing that a guest must not have: for how many, and which dishes they can have. */
export interface ForGuests {
  readonly what: Avoidable;
  /** undefined: for somebody. */
  readonly count: number | undefined;
  readonly can: readonly string[];
  readonly cannot: readonly { readonly name: string; readonly from: readonly From[] }[];
  /** Dishes in which something is not known. */
  readonly unsure: readonly { readonly name: string; readonly notKnown: readonly From[] }[];
}

/** For each thing that a guest of the meal must not have: what to serve them, and what not. */
export function forGuests(input: Input): readonly ForGuests[] {
  const { avoid = [], avoidFor } = input.meal;
  const dishes = allergensByDish(input);
  return avoid.map((what): ForGuests => {
    const told = dishes.map(({ name, contains, notKnown }) => ({
      name,
      from: contains.find((one) => one.what === what)?.from ?? [],
      notKnown: notKnown.filter((one) => mayHold(one, what)),
    }));
    const free = told.filter(({ from }) => from.length === 0);
    return {
      what,
      count: avoidFor?.[what],
      can: free.filter(({ notKnown }) => notKnown.length === 0).map(({ name }) => name),
      cannot: told.filter(({ from }) => from.length > 0),
      unsure: free.filter(({ notKnown }) => notKnown.length > 0),
    };
  });
}
