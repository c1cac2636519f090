import { usualDay } from '../../batch/usual.ts';
import { standingEntries } from '../../batch/entries.ts';
import { bare, planDay, type Day } from '../../clock/index.ts';
import { centreOf, plansOf } from '../centre/centre.ts';
import type { Input } from '../input.ts';
import { planMeal } from '../plan/plan.ts';
import { bandsOf, type PotBand } from './bands.ts';
import { dayFacts } from './facts.ts';

export interface DayAsk {
  /** Epoch ms. */
  readonly now: number;
  /** 0 gives the greedy list at once; more levels it. */
  readonly tries: number;
  /** The place whose wall clock the day is told by, where the meal names none; absent: UTC. */
  readonly zone?: string;
}

/** The day of a meal: its plan, and its pots as bands along it. */
export interface DayPlan extends Day {
  readonly zone: string;
  /** Of being ready when the plan says so. */
  readonly chance: number;
  readonly pots: readonly PotBand[];
  /** What a cook has to know of it, in sentences. */
  readonly said: readonly string[];
  /** Batches whose time nobody knows: they are not in the plan. */
  readonly unknown: readonly string[];
}

/** Plans the day of a meal. The same input and moment give the same plan. */
export function dayOf(input: Input, { now, tries, zone: here = 'UTC' }: DayAsk): DayPlan {
  const zone = input.meal.serving?.zone ?? here;
  const mealPlan = planMeal(input);
  const plans = plansOf(mealPlan, input).now;
  const centre = centreOf(mealPlan, plans);
  const facts = dayFacts(input, mealPlan, centre, now, zone);
  const day = planDay(facts, now, tries);
  const chance = input.meal.day?.chance ?? usualDay.chance;
  const forks = standingEntries(input.entries);
  const pots = bandsOf(centre.batches, day, chance, (batch) =>
    forks.flatMap(({ batch: of, at, measures }) =>
      of === batch && measures.what === 'check' ? [{ at, words: measures.feel }] : [],
    ),
  );
  return {
    ...day,
    zone,
    chance,
    pots,
    said: [...day.missing, ...tightWords(day, input), ...heldWords(day, input)],
    unknown: centre.batches.flatMap(({ plan }) =>
      plan.lots.length > 0 && !plan.ready ? [plan.batch.name] : [],
    ),
  };
}

/** Held hot for longer than this it dries and dulls, min (common practice, no source). */
const HELD_LONG = 4 * 60;

/** What would be held hot for too long is better chilled. */
function heldWords({ lines }: Day, { batches }: Input): string[] {
  return batches.flatMap(({ id, name }) => {
    const held = lines.filter(({ batch, held: is }) => batch === id && is).map(({ minutes }) => minutes);
    const longest = Math.max(0, ...held);
    if (longest <= HELD_LONG) return [];
    return [
      `${name} would be held hot for ${Math.round(longest / 60)} h: cook it the day before and chill it overnight (cooks and hours).`,
    ];
  });
}

/** What more of a thing would save, in words. */
function tightWords({ tight, hangs }: Day, { kitchen, meal }: Input): string[] {
  return tight.map(({ name, savesMin }) => {
    const saves = `${savesMin >= 90 ? `${Math.round(savesMin / 6) / 10} h` : `${savesMin} min`} ${hangs ? 'later' : 'sooner'}`;
    const could = hangs ? `the day could begin ${saves}` : `it could be served ${saves}`;
    const hands = meal.day?.hands ?? usualDay.hands;
    if (name === 'hands')
      return `${hands === 1 ? 'One pair of hands' : `${hands} pairs of hands`} for all of it: with twice as many ${could}.`;
    if (name.startsWith('vessel ')) {
      const vessel = kitchen.vessels.find(({ id }) => `vessel ${id}` === name)?.name ?? 'vessel';
      return `The ${vessel} is wanted twice, one after the other: with a second one ${could}.`;
    }
    return `The ${bare(name)} cannot take all at once: with another ${could}.`;
  });
}
