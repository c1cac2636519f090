import type { Dish } from '../../meal/index.ts';
import type { NominalBatch, OpenedMeal } from '../../model/index.ts';
import { amountOfFlows, type LedgerId, massOf } from '../../ledger/index.ts';
import { bowlG, drawsOf, ingredientsById, measuresOf } from '../../model/index.ts';
import { itemsOf } from '../../pot/index.ts';
import { mlOf } from '../../broth/index.ts';
import { builds, type Portion } from '../../order/index.ts';
import {
  type Booked,
  forPlates,
  isMixed,
  goneOf,
  restOf,
  type LpSolver,
  type ShareDish,
  type ShareOut,
  shareOut,
  type ShareSource,
  type Sharing,
  type Way,
  waysOut,
} from '../../plates/index.ts';
import { midpoint, percentileOfSorted } from '../../quantity/index.ts';

/** What the plates get of what is really there, and what to do where it does not come out. */
export interface Shares extends ShareOut {
  readonly sources: readonly ShareSource[];
  readonly ways: readonly Way[];
  /** Of the shred, what there is in 95 of 100 runs, of what is likely. */
  readonly surely: number;
  /** What has to be set apart before the meat goes back in, so that the mixture is as the dishes want it, ml, by batch. */
  readonly setApart: readonly { readonly batch: string; readonly ml: number }[];
  /** What was strained out and is served whole: of each batch, g for each serving, and what it is. */
  readonly sides: readonly Side[];
  /** Skimmed fat that the dishes fried in it want, g, and what there is; undefined where none is. */
  readonly griddle: { readonly wantsG: number; readonly thereG: number } | undefined;
  /** What else the rest would make. */
  readonly rest: readonly { readonly name: string; readonly count: number }[];
}

interface Side {
  readonly batch: string;
  readonly eachG: number;
  readonly of: readonly string[];
}

const SURELY = 0.05;
/** ml in a bowl of soup: what a rest of liquid is told by (common practice, no source). */
const SOUP_ML = 270;

/** Shares out the meal: its dishes against the shred and the liquid of all its batches. */
export function shares(meal: OpenedMeal, _: undefined, solver?: LpSolver): Shares {
  if (!solver) throw new Error('Sharing out wants its solver.');
  const sharing = sharingOf(meal);
  const now = shareOut(sharing, solver);
  const drawn = drawsOf(meal);
  const shredG = sharing.sources.reduce((sum, source) => sum + source.shredG, 0);
  return {
    ...now,
    sources: sharing.sources,
    ways: waysOut(sharing, now, solver),
    surely: shredG > 0 ? percentileOfSorted(Float64Array.from(drawn.shredG).sort(), SURELY) / shredG : 0,
    setApart: setApartOf(meal, sharing),
    sides: sidesOf(meal),
    griddle: griddleOf(meal),
    rest: [
      { name: 'bowls of soup', count: Math.floor(now.left.liquidMl / SOUP_ML) },
      // By what is served, not by a dish that is not on the table.
      ...meal.plan.tickets
        .filter(({ meat }) => meat.want > 0)
        .slice(0, 1)
        .map(({ name, meat }) => ({ name, count: Math.floor(now.left.shredG / meat.want) })),
    ].filter(({ count }) => count > 0),
  };
}

/** The meal as the sharing sees it: what is out already is off both sides, as it was booked. */
export function sharingOf({ input, plan, nominal }: OpenedMeal): Sharing {
  const { meal } = input;
  const sources = nominal.batches.map((one) => leftOf(sourceOf(one), nominal.booked));
  const allMixed = (from: readonly string[] | undefined) =>
    sources.every(({ batch, mixed }) => mixed || !(from?.includes(batch) ?? true));
  const still = restOf(plan.tickets, nominal.booked);
  const dishes = plan.tickets.map((ticket, t): ShareDish => {
    const dish: Dish | undefined = meal.dishes.find(({ id }) => id === ticket.id);
    const { soaksMl = 0 } = builds[dish?.kind ?? 'own'];
    const own = ticket.own ?? ticket;
    return {
      id: ticket.id,
      name: ticket.name,
      count: Math.floor(still[t]?.count ?? 0),
      meat: own.meat,
      liquid: withSoaked(own.liquid, soaksMl),
      held: allMixed(dish?.from) ? 0 : ticket.held,
      priority: ticket.priority,
      firm: ticket.firm,
      from: dish?.from,
      grows: ticket.way === 'even',
      lockedG: midpoint(dish?.locked?.meat),
      lockedMl: midpoint(dish?.locked?.liquid),
      ...measuresOf(ticket, meal.share, input),
    };
  });
  return { dishes, sources, evenOut: meal.share?.evenOut === true };
}

/** What is dipped takes up broth too, whatever is ladled. */
const withSoaked = ({ min, want, max }: Portion, ml: number): Portion => ({
  min: min + ml,
  want: want + ml,
  max: max + ml,
});

const sum = (sources: readonly ShareSource[], what: 'shredG' | 'liquidMl') =>
  sources.reduce((total, source) => total + source[what], 0);

const sourceOf = (one: NominalBatch): ShareSource => {
  const share = forPlates(one.plan.batch);
  return {
    batch: one.plan.id,
    shredG: share * bowlG(one),
    liquidMl: one.plan.liquid && !one.mass.liquid.dry ? share * mlOf(one.mass.liquid) : 0,
    mixed: isMixed(one.plan.batch),
  };
};

/** What is left of a source after what is out. */
function leftOf(source: ShareSource, booked: readonly Booked[]): ShareSource {
  const { g, ml } = goneOf(source.batch, booked);
  return {
    ...source,
    shredG: Math.max(0, source.shredG - g),
    liquidMl: Math.max(0, source.liquidMl - ml),
  };
}

/** Grams of a flow of one batch. */
const flowing = ({ nominal }: OpenedMeal, batch: string, flow: LedgerId): number =>
  massOf(amountOfFlows(nominal.flows, batch, [flow]));

/** Vegetables that go whole to the plates: the same for every serving that was ordered, whatever of them is out. */
function sidesOf(meal: OpenedMeal): readonly Side[] {
  const servings = meal.plan.tickets.reduce((total, { count }) => total + count, 0);
  const known = ingredientsById(meal.input);
  return meal.input.batches.flatMap((batch) => {
    const grams = flowing(meal, batch.id, 'side');
    if (grams === 0 || servings === 0) return [];
    const of = itemsOf(batch).flatMap(({ ref, state }) => {
      const ingredient = known.get(ref);
      return state === 'in' && ingredient?.section === 'vegetables' ? [ingredient.name] : [];
    });
    return [{ batch: batch.id, eachG: grams / servings, of: [...new Set(of)] }];
  });
}

/** Fat skimmed off is what the griddle wants: whether it goes round, for all that was ordered. */
function griddleOf(meal: OpenedMeal): Shares['griddle'] {
  const { tickets, beside } = meal.plan;
  const wantsG = tickets.reduce((total, { id, count }) => total + (beside.fatG.get(id) ?? 0) * count, 0);
  if (wantsG === 0) return undefined;
  const inJars = meal.input.batches.reduce(
    (g, { id }) => g + flowing(meal, id, 'fried') + flowing(meal, id, 'keptFat'),
    0,
  );
  return { wantsG, thereG: inJars };
}

/** Of a mixture that would be too wet: what of its liquid its dishes do not want. */
function setApartOf({ plan, nominal }: OpenedMeal, { dishes, sources }: Sharing): Shares['setApart'] {
  const wantedMl = restOf(plan.tickets, nominal.booked).reduce(
    (total, { count, liquid, meat, held }) => total + count * (liquid.want + held * meat.want),
    0,
  );
  const shredG = sum(sources, 'shredG');
  return sources.flatMap(({ batch, mixed, liquidMl, shredG: own }) => {
    if (!mixed || shredG <= 0 || dishes.length === 0) return [];
    const ml = liquidMl - (wantedMl * own) / shredG;
    return ml > WORTH_IT * liquidMl ? [{ batch, ml }] : [];
  });
}
/** Less than this of it nobody sets apart. */
const WORTH_IT = 0.05;
