import {
  HELD_LONG,
  leftBrowned,
  planDay,
  type Day,
  type Lack,
  type Outside,
  type Tight,
} from '../../../day/index.ts';
import { isChilled, standingEntries, usualDay } from '../../../meal/index.ts';
import type { Input, OpenedMeal } from '../../../model/index.ts';
import { bandsOf, type PotBand } from './bands.ts';
import { type Unplanned, unplannedIn } from './unplanned.ts';
import { dayFacts } from './facts.ts';

export interface DayAsk {
  /** Epoch ms. */
  readonly now: number;
  /** 0 gives the greedy list at once; more levels it. */
  readonly tries: number;
  /** The place whose wall clock the day is told by, where the meal names none; absent: UTC. */
  readonly zone?: string;
}

/** Something to know of the day: what the kitchen lacks, what it has too little of, what would be held hot too long. */
export type DayNote =
  | { readonly what: 'lack'; readonly lack: Lack }
  | (Tight & { readonly what: 'tight'; readonly hangs: boolean; readonly hands: number })
  | { readonly what: 'held long'; readonly name: string; readonly hours: number }
  /** Plates are filled so long before they are served. */
  | { readonly what: 'plates wait'; readonly minutes: number }
  /** Browned and not cooked on at once: the cook has written it so. */
  | { readonly what: 'left browned'; readonly name: string; readonly hours: number }
  | (Omit<Outside, 'hours'> & {
      readonly what: 'outside';
      readonly zone: string;
      /** "06:05", "22:30": hours of work that this plan would keep. */
      readonly hours: { readonly from: string; readonly to: string };
    });

/** The day of a meal: its plan, and its pots as bands along it. */
export interface DayPlan extends Day {
  readonly zone: string;
  /** Of being ready when the plan says so. */
  readonly chance: number;
  /** Epoch ms: the last moment out of the door, of a meal that is sent out. */
  readonly door: number | undefined;
  readonly pots: readonly PotBand[];
  /** What a cook has to know of it. */
  readonly notes: readonly DayNote[];
  /** Pots that have no place in it: nothing of it is a plan until there is a way out. */
  readonly unplanned: Unplanned | undefined;
  /** Batches whose time nobody knows: they are not in the plan. */
  readonly unknown: readonly string[];
  /** The same, by id. */
  readonly unknownBatches: readonly string[];
}

/** Plans the day of a meal. The same input and moment give the same plan. */
export function dayOf(meal: OpenedMeal, { now, tries, zone: here = 'UTC' }: DayAsk): DayPlan {
  const { input, nominal } = meal;
  const zone = input.meal.serving?.zone ?? here;
  const facts = dayFacts(meal, now, zone);
  const day = planDay(facts, now, tries);
  const unknown = nominal.batches.filter(({ plan }) => plan.lots.length > 0 && !plan.ready);
  const chance = input.meal.day?.chance ?? usualDay.chance;
  const forks = standingEntries(input.entries);
  const pots = bandsOf(nominal.batches, day, chance, (batch) =>
    forks.flatMap(({ batch: of, at, measures }) =>
      of === batch && measures.what === 'check' ? [{ at, feel: measures.feel }] : [],
    ),
  );
  return {
    ...day,
    zone,
    chance,
    door: day.lines.find(({ does }) => does.what === 'load')?.to,
    pots,
    notes: [
      ...day.lacks.map((lack): DayNote => ({ what: 'lack', lack })),
      ...day.tight.map((tight): DayNote => ({
        what: 'tight',
        ...tight,
        hangs: day.hangs,
        hands: facts.hands,
      })),
      ...heldLong(day, input),
      ...platesWait(day),
      ...leftBrowned(day.lines).map(({ batch, minutes }): DayNote => ({
        what: 'left browned',
        name: input.batches.find(({ id }) => id === batch)?.name ?? '',
        hours: Math.round(minutes / 6) / 10,
      })),
      ...(day.outside
        ? [
            {
              what: 'outside' as const,
              ...day.outside,
              zone,
              hours: { from: clockOf(day.outside.hours[0]), to: clockOf(day.outside.hours[1]) },
            },
          ]
        : []),
    ],
    unplanned: unplannedIn(day, facts, tries),
    unknown: unknown.map(({ plan }) => plan.batch.name),
    unknownBatches: unknown.map(({ plan }) => plan.id),
  };
}

const clockOf = (minutes: number) =>
  `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;

/** Filled plates dry and cool; longer than this before they are served is worth a word, min (common practice, no source). */
const PLATES_WAIT = 45;

function platesWait({ lines }: Day): DayNote[] {
  const waits = lines.filter(({ ref, does }) => ref.kind === 'plates' && does.what === 'hold');
  const minutes = Math.max(0, ...waits.map((line) => line.minutes));
  return minutes > PLATES_WAIT ? [{ what: 'plates wait', minutes: Math.round(minutes / 5) * 5 }] : [];
}

/** What would be held hot for too long is better chilled. */
function heldLong({ lines }: Day, { batches }: Input): DayNote[] {
  return batches.flatMap((pot) => {
    const { id, name } = pot;
    // Nobody is told to do what is already chosen.
    if (isChilled(pot)) return [];
    const hot = lines.filter(
      ({ batch, does }) => batch === id && does.what === 'hold' && does.where !== 'in the fridge',
    );
    const longest = Math.max(0, ...hot.map(({ minutes }) => minutes));
    return longest > HELD_LONG ? [{ what: 'held long', name, hours: Math.round(longest / 60) }] : [];
  });
}
