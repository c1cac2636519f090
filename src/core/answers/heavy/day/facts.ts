import { tickedTasks } from '../../../reckoning/index.ts';
import { type DayFacts, type Resource, type ResourceKind, usualMinutes } from '../../../day/index.ts';
import {
  cooksOf,
  handsOf,
  type Kitchen,
  type Learned,
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
  const cooks = cooksOf(meal, kitchen);
  const ticked = tickedTasks(input.entries);
  const minutes = Object.entries(day.minutes ?? {}).flatMap(([task, amount]) => {
    const typed = midpoint(amount);
    return typed === undefined ? [] : [[task, typed] as const];
  });
  const chance = day.chance ?? usualDay.chance;
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
    hands: handsOf(meal, kitchen),
    cooks: cooks.map(({ id }) => id),
    whose: day.whose ?? {},
    awake: [minutesOfClock(day.from ?? usualDay.from), minutesOfClock(day.to ?? usualDay.to)],
    zone,
    forward: day.forward ?? false,
    minutes: Object.fromEntries(minutes),
    paces: pacesOf(input.learned),
    pins: Object.fromEntries(
      Object.entries(day.pins ?? {}).map(([task, at]) => [task, Math.max(at, now - LONG_AGO)]),
    ),
    resources: [
      ...resourcesOf(kitchen, handsOf(meal, kitchen)),
      ...cooks.map(({ id }): Resource => ({ kind: 'hand', id, amount: 1 })),
    ],
    over: ticked,
  };
}

/** What the log has taught of this kitchen's hands: how long a kind of task takes, of the usual. */
const pacesOf = (learned: Learned | undefined): DayFacts['paces'] =>
  Object.fromEntries(
    (learned?.figures ?? []).flatMap(({ what, of, mean }) => (what === 'task' ? [[of, Math.exp(mean)]] : [])),
  );

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
    ...(kitchen.fridges ?? usualFridges).map(({ id, kind, shelves, widthCm }): Resource => ({
      kind: kind === 'fridge' ? 'fridge shelf' : 'freezer shelf',
      id,
      amount: Math.round(shelves * (widthCm ?? SHELF.widthCm)),
    })),
    ...kitchen.vessels.map(({ id }): Resource => ({ kind: 'vessel', id, amount: 1 })),
  ];
}
