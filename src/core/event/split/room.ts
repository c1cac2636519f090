import { type Kitchen, kitchenAt, placeOf, SHELF, usualFridges } from '../../meal/index.ts';
import type { BatchPlan, OpenedMeal } from '../../model/index.ts';
import type { Row, Terms } from '../../plates/index.ts';
import { OVEN_WIDTH, sourcesOf } from '../../pot/index.ts';
import { shelfOfCooked } from '../../day/index.ts';
import { dayOfBatch } from './places.ts';
import type { Dealing, Place, SplitAsk } from './types.ts';

/** What a gram of raw meat leaves for the cold: ml of liquid and g of shred (estimates; what it really is the plan says). */
const [LIQUID, SHRED] = [0.5, 0.45];

/** What a kitchen has room for: cm of oven, burners, cm of shelf in the cold. */
interface Room {
  readonly oven: number;
  readonly stove: number;
  readonly shelves: number;
}

function roomIn(all: Kitchen, at: string): Room {
  const kitchen = kitchenAt(all, at);
  return {
    oven: sourcesOf(kitchen, 'oven').reduce((sum, { widthCm = OVEN_WIDTH }) => sum + widthCm, 0),
    stove: sourcesOf(kitchen, 'burner').length,
    shelves: (kitchen.fridges ?? usualFridges)
      .filter(({ kind }) => kind === 'fridge')
      .reduce(
        (sum, { shelves, widthCm = SHELF.widthCm, takenCm = 0 }) =>
          sum + Math.max(0, shelves * widthCm - takenCm),
        0,
      ),
  };
}

const heatOf = ({ batch }: Dealing) => batch.cook[0]?.heat ?? 'oven';

/** cm of oven, or a burner, that a vessel takes. */
const taken = (heat: 'oven' | 'stove', widthCm: number) => (heat === 'oven' ? widthCm : 1);

const rawOf = ({ lots }: BatchPlan) => lots.reduce((sum, { rawG }) => sum + rawG, 0);

/** As much shelf for a gram of raw meat as its batch asks in all. */
const shelfAGram = (plan: BatchPlan): number => {
  const rawG = rawOf(plan);
  return shelfOfCooked(LIQUID * rawG, SHRED * rawG) / Math.max(1, rawG);
};

/**
 * What stands together on a day in a kitchen: side by side in the ovens, or on the burners, and cooked in the cold that night; what
 * the other pots of the meal take there is gone.
 */
export function roomRows(
  dealing: readonly Dealing[],
  places: readonly Place[],
  { input: { kitchen }, planned }: OpenedMeal,
  { mostPots, mostToday }: SplitAsk,
  of: { readonly loadOf: (p: number) => Terms; readonly y: (p: number) => string },
): readonly Row[] {
  const byId = new Map(dealing.map((one) => [one.batch.id, one]));
  const others = planned
    .filter(({ id, lots }) => !byId.has(id) && lots.length > 0)
    .map((plan): Dealing => ({ batch: plan.batch, plan }));
  const days = [...new Set(places.map(({ day }) => day))];
  const kitchens = [...new Set(places.map(({ at }) => at))];
  const today: Row | undefined =
    mostToday === undefined
      ? undefined
      : {
          terms: places.flatMap(({ day }, p) => (day === 0 ? [[of.y(p), 1] as const] : [])),
          is: '<=',
          than: mostToday,
        };
  const rows = days
    .flatMap((day) => kitchens.map((at) => ({ day, at })))
    .flatMap(({ day, at }): Row[] => {
      const room = roomIn(kitchen, at);
      const there = others.filter(
        ({ batch, plan }) =>
          dayOfBatch(batch) === day && plan.vessels.some(({ vessel }) => placeOf(vessel.at, kitchen) === at),
      );
      const on = places.flatMap((place, p) => (place.day === day && place.at === at ? [{ place, p }] : []));
      const fires = (['oven', 'stove'] as const).flatMap((heat): Row[] => {
        const here = on.filter(({ place }) => {
          const one = byId.get(place.batch);
          return one && heatOf(one) === heat;
        });
        const gone = there
          .filter((one) => heatOf(one) === heat)
          .flatMap(({ plan }) => plan.vessels.map(({ vessel }) => taken(heat, vessel.widthCm)))
          .reduce((sum, one) => sum + one, 0);
        return here.length === 0
          ? []
          : [
              {
                terms: here.map(({ place, p }) => [of.y(p), taken(heat, place.widthCm)] as const),
                is: '<=',
                than: Math.max(0, room[heat] - gone),
              },
            ];
      });
      if (day === 0) return fires;
      const lies = there.reduce((sum, { plan }) => sum + shelfAGram(plan) * rawOf(plan), 0);
      const cold: Row = {
        terms: on.flatMap(({ place, p }) => {
          const one = byId.get(place.batch);
          const shelf = one ? shelfAGram(one.plan) : 0;
          return of.loadOf(p).map(([name, g]) => [name, g * shelf] as const);
        }),
        is: '<=',
        than: Math.max(0, room.shelves - lies),
      };
      const few: Row | undefined =
        mostPots === undefined
          ? undefined
          : { terms: on.map(({ p }) => [of.y(p), 1] as const), is: '<=', than: mostPots };
      return [...fires, cold, ...(few ? [few] : [])];
    });
  return today ? [today, ...rows] : rows;
}
