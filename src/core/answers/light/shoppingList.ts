import { type Meal, standingEntries } from '../../meal/index.ts';
import { countOf, itemsFor } from '../../order/index.ts';
import { ingredientsById, type OpenedMeal } from '../../model/index.ts';
import { midpoint } from '../../quantity/index.ts';
import { boughtOf, heldBack, packsSaid, type Packs, soaking } from '../../pot/index.ts';

/** One line of the list: how much of one thing, and in whole packs where it comes in packs. */
export interface Needed {
  readonly section: string;
  readonly name: string;
  /** The ingredient, where it is one of the tables. */
  readonly ref?: string;
  /** g, or pieces. */
  readonly amount: number;
  readonly measure: 'mass' | 'count';
  /** How many of what is bought by the piece: leaves, sprigs, cloves. */
  readonly pieces?: number;
  /** Whole packs: those of a size that somebody wrote, and for the rest usual ones. */
  readonly packs?: readonly Packs[];
  /** The meals it is for. */
  readonly meals: readonly string[];
}

export const sections = [
  'meat',
  'vegetables',
  'tins and cartons',
  'dry goods',
  'dairy',
  'wine and beer',
  'bread',
  'besides',
  'own',
] as const;

/**
 * Whether a meal is still to be shopped for: it has no time, or is served today or later where it is
 * served. What is kept for leftovers was bought before.
 * @param now epoch, ms
 */
export function isOpen({ serving }: Pick<Meal, 'serving'>, now: number): boolean {
  if (!serving) return true;
  const day = dayIn(serving.zone, now);
  return serving.local.slice(0, 10) >= day;
}

/** The day in a zone, 2026-12-05; a zone that nobody knows is taken as UTC. */
const dayIn = (zone: string, now: number) => dayWriter(zone).format(now);

const writers = new Map<string, Intl.DateTimeFormat>();
/** Made once for each zone: to make one takes a thousand times as long as to use it. */
function dayWriter(zone: string): Intl.DateTimeFormat {
  const known = writers.get(zone);
  if (known) return known;
  const make = (timeZone: string) => new Intl.DateTimeFormat('sv-SE', { timeZone, dateStyle: 'short' });
  let writer: Intl.DateTimeFormat;
  try {
    writer = make(zone);
  } catch {
    writer = make('UTC');
  }
  writers.set(zone, writer);
  return writer;
}

/** Lighter than this it is bought by the piece: a leaf, a sprig, a clove, g. */
const SMALL = 6;

/** What is made at home, or is marked as there. */
const isAtHome = (name: string, atHome: readonly string[] | undefined, ref: string): boolean =>
  (atHome ?? []).includes(ref) || /\bhome ?made\b/.test(name);

/** Packs of the sizes that were written, whole ones of each, and usual ones for what those do not hold. */
function packsOf(amount: number, usual: number, sized: readonly Packs[]): readonly Packs[] {
  const sizes = [...new Set(sized.map(({ each }) => each))].sort((a, b) => b - a);
  const said = sizes.map((each) => ({
    each,
    count: Math.ceil(sized.reduce((sum, one) => sum + (one.each === each ? one.count : 0), 0) - 1e-6),
  }));
  const left = amount - sized.reduce((sum, { count, each }) => sum + count * each, 0);
  const count = Math.ceil(left / usual - 1e-6);
  return [...(count > 0 ? [{ count, each: usual }] : []), ...said];
}

const place = (section: string) => (sections as readonly string[]).indexOf(section);

/**
 * What all these meals want from the shop, one line a thing, by section of the shop: raw meat by
 * cut, what goes into the pots with its peel and what is held back, and what the dishes are built on. Water comes from the tap. Lots
 * that have been on the scale or are on the heat are bought already, and so is a pot that has been, and what is in it.
 * @param only ids of pots and dishes that are shopped for; absent: all of them
 */
export function shoppingList(meals: readonly OpenedMeal[], only?: ReadonlySet<string>): readonly Needed[] {
  const lines = new Map<string, Needed>();
  const sized = new Map<string, readonly Packs[]>();
  const add = (
    meal: string,
    line: Omit<Needed, 'meals' | 'packs' | 'pieces'>,
    packG?: number,
    pieceG?: number,
    said?: Packs,
  ) => {
    if (!(line.amount > 0)) return;
    const key = `${line.section}|${line.name}`;
    const before = lines.get(key);
    const amount = (before?.amount ?? 0) + line.amount;
    if (said) sized.set(key, [...(sized.get(key) ?? []), said]);
    lines.set(key, {
      ...line,
      amount,
      ...(packG !== undefined && { packs: packsOf(amount, packG, sized.get(key) ?? []) }),
      ...(pieceG !== undefined && pieceG < SMALL && { pieces: Math.ceil(amount / pieceG - 1e-6) }),
      meals: [...new Set([...(before?.meals ?? []), meal])],
    });
  };
  for (const { input, planned } of meals) {
    const { meal, kitchen } = input;
    const readings = standingEntries(input.entries);
    const bought = new Set(
      readings.flatMap(({ measures }) => (measures.what === 'flow' ? [measures.lot] : [])),
    );
    for (const plan of planned) {
      if (only && !only.has(plan.id)) continue;
      // What has been weighed as a pot is in the house, meat and liquid.
      if (readings.some(({ batch, measures }) => batch === plan.id && measures.what !== 'flow')) continue;
      const onTheHeat = plan.batch.lidOn !== undefined;
      for (const [i, lot] of plan.lots.entries()) {
        if (onTheHeat || bought.has(lot.id)) continue;
        const name = plan.cuts[i]?.name ?? lot.cut;
        add(meal.name, { section: 'meat', name, amount: lot.rawG, measure: 'mass' });
      }
      const ingredients = ingredientsById(input);
      const put = new Set(plan.batch.items?.flatMap((item) => (item.put === undefined ? [] : [item.id])));
      const wanted: readonly { id?: string; ref: string; grams: number }[] = [
        ...(plan.liquid?.items ?? [])
          .filter(({ id, at }) => !put.has(id) && !(onTheHeat && at <= 0))
          .map((item) => ({ id: item.id, ref: item.ref, grams: boughtOf(item) })),
        ...heldBack(plan.batch, ingredients),
        ...soaking(plan.batch, ingredients),
      ];
      for (const { id, ref, grams } of wanted) {
        const known = ingredients.get(ref);
        // What is made at home or stands in the house is not bought.
        if (!known || known.section === 'tap' || isAtHome(known.name, kitchen.atHome, ref)) continue;
        const line = {
          section: known.section,
          name: known.name,
          ref,
          amount: grams,
          measure: 'mass',
        } as const;
        const { amount: some, asBought = some } = plan.batch.items?.find((item) => item.id === id) ?? {};
        const named = asBought && packsSaid(asBought.text, known);
        const said = named?.each === known.packG ? undefined : named;
        add(meal.name, line, known.packG, known.pieceG, said);
      }
    }
    for (const dish of meal.dishes) {
      if (only && !only.has(dish.id)) continue;
      for (const { name, each, measure = 'count' } of dish.besides ?? []) {
        if (name === '' || measure === 'volume') continue;
        const amount = (midpoint(each) ?? 1) * countOf(dish);
        if (amount > 0) add(meal.name, { section: 'besides', name, amount, measure });
      }
      for (const { name, amount, unit, section, pack } of itemsFor(dish))
        if (section && unit !== 'ml')
          add(meal.name, { section, name, amount, measure: unit === 'g' ? 'mass' : 'count' }, pack);
    }
  }
  return [...lines.values()].sort(
    (a, b) => place(a.section) - place(b.section) || a.name.localeCompare(b.name),
  );
}
