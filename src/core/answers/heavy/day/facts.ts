import { tickedTasks } from '../../../reckoning/index.ts';
import { type DayFacts, type Resource, type ResourceKind, usualMinutes } from '../../../day/index.ts';
import {
  cooksOf,
  handsOf,
  type Kitchen,
  kitchenAt,
  type Learned,
  OWN_PLACE,
  placeOf,
  SHELF,
  sittingOf,
  sittingsOf,
  usualDay,
  usualFridges,
} from '../../../meal/index.ts';
import { momentOf } from '../../../clock/index.ts';
import { OVEN_WIDTH, sourcesOf } from '../../../pot/index.ts';
import { midpoint } from '../../../quantity/index.ts';
import type { OpenedMeal } from '../../../model/index.ts';

import { dayBatch, LONG_AGO } from './batchFacts.ts';

/** What the day is planned from, of a meal as it stands now. */
export function dayFacts(
  { input, plan: mealPlan, nominal }: OpenedMeal,
  now: number,
  zone: string,
): DayFacts {
  const { meal, kitchen } = input;
  const day = meal.day ?? {};
  const isHere = ({ at }: { readonly at?: string | undefined }) => placeOf(at, kitchen) === OWN_PLACE;
  const everybody = cooksOf(meal, kitchen);
  const cooks = everybody.filter(isHere);
  const ticked = tickedTasks(input.entries);
  const minutes = Object.entries(day.minutes ?? {}).flatMap(([task, amount]) => {
    const typed = midpoint(amount);
    return typed === undefined ? [] : [[task, typed] as const];
  });
  const chance = day.chance ?? usualDay.chance;
  const several = (kitchen.places?.length ?? 0) > 0;
  // Who works elsewhere is not among the hands here.
  const hands = several
    ? Math.max(cooks.length, (day.hands ?? usualDay.hands) - (everybody.length - cooks.length), 1)
    : handsOf(meal, kitchen);
  return {
    batches: nominal.batches
      .filter(({ plan }) => plan.lots.length > 0 && plan.ready)
      .map((one) => dayBatch(one, input, { ticked, chance, now })),
    dishes: mealPlan.tickets
      .filter(({ count }) => count > 0)
      .map(({ id, name, count }) => {
        const dish = meal.dishes.find((one) => one.id === id);
        return {
          id,
          name,
          count,
          kind: dish?.kind ?? 'own',
          built: dish?.built ?? false,
          bare: dish?.build?.base === 'nothing',
          sitting: sittingOf(dish ?? {}, meal),
          from: dish?.from,
        };
      }),
    sittings: sittingsOf(meal).map(({ id, serving, place = 'here', sent = {} }) => ({
      id,
      serving: serving && momentOf(serving),
      place,
      sent: {
        road: midpoint(sent.road) ?? usualMinutes.road,
        packing: midpoint(sent.packing),
        cold: sent.cold ?? false,
      },
    })),
    own: day.tasks ?? [],
    hands,
    kitchens: (kitchen.places ?? []).map((place) => {
      const own = everybody.filter(({ at }) => at === place.id).map(({ id }) => id);
      return {
        id: place.id,
        name: place.name,
        road: midpoint(place.road) ?? usualMinutes.road,
        hands: Math.max(own.length, place.hands ?? 1),
        cooks: own,
        awake: awakeIn(place.from ?? day.from, place.to ?? day.to),
      };
    }),
    cooks: cooks.map(({ id }) => id),
    whose: day.whose ?? {},
    awake: awakeIn(day.from, day.to),
    home: day.home === undefined ? undefined : minutesOfClock(day.home),
    zone,
    forward: day.forward ?? false,
    minutes: Object.fromEntries(minutes),
    paces: pacesOf(input.learned),
    pins: Object.fromEntries(
      Object.entries(day.pins ?? {}).map(([task, at]) => [task, Math.max(at, now - LONG_AGO)]),
    ),
    resources: [
      ...(several
        ? [OWN_PLACE, ...(kitchen.places ?? []).map(({ id }) => id)].flatMap((place) =>
            resourcesOf(kitchenAt(kitchen, place), hands).map((one) => ({ ...one, at: place })),
          )
        : resourcesOf(kitchen, hands)),
      ...kitchen.vessels.map(({ id }): Resource => ({ kind: 'vessel', id, amount: 1 })),
      ...everybody.map(({ id }): Resource => ({ kind: 'hand', id, amount: 1 })),
    ],
    over: ticked,
  };
}

/** What the log has taught of this kitchen's hands: how long a kind of task takes, of the usual. */
const pacesOf = (learned: Learned | undefined): DayFacts['paces'] =>
  Object.fromEntries(
    (learned?.figures ?? []).flatMap(({ what, of, mean }) => (what === 'task' ? [[of, Math.exp(mean)]] : [])),
  );

const awakeIn = (from: string = usualDay.from, to: string = usualDay.to): readonly [number, number] => [
  minutesOfClock(from),
  minutesOfClock(to),
];

function minutesOfClock(time: string): number {
  const [hours = 0, minutes = 0] = time.split(':').map(Number);
  return hours * 60 + minutes;
}

/** What there is to cook on and in. */
function resourcesOf(kitchen: Kitchen, hands: number): readonly Resource[] {
  const of = (kind: 'burner' | 'oven' | 'smoker' | 'grill' | 'press' | 'slow cooker base') =>
    sourcesOf(kitchen, kind);
  const many = (kind: ResourceKind, amount: number): Resource[] =>
    amount > 0 ? [{ kind, id: '', amount }] : [];
  return [
    ...many('burner', of('burner').length),
    ...of('oven').map(({ widthCm }, i): Resource => ({
      kind: 'oven',
      id: String(i + 1),
      amount: Math.round(widthCm ?? OVEN_WIDTH),
    })),
    ...many('smoker', of('smoker').length),
    ...many('griddle', of('grill').length),
    ...many('press', of('press').length),
    ...many('board', kitchen.boards ?? Math.max(2, hands)),
    ...many('slow cooker base', of('slow cooker base').length),
    ...many('blender', kitchen.vessels.filter(({ kind }) => kind === 'blender jug').length),
    // Of a fridge there are so many cm of shelf, whichever shelf it is.
    ...(kitchen.fridges ?? usualFridges).map(({ id, kind, shelves, widthCm, takenCm = 0 }): Resource => ({
      kind: kind === 'fridge' ? 'fridge shelf' : 'freezer shelf',
      id,
      amount: Math.max(0, Math.round(shelves * (widthCm ?? SHELF.widthCm) - takenCm)),
    })),
  ];
}
