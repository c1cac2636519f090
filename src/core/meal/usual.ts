import { usualAfter } from './after.ts';
import type { Fridge } from './kitchenSchema.ts';
import type { Batch, Dish, Kitchen, Lot, Meal, OwnTask, Scoop } from './schema.ts';

/** Everything a cook may leave: what is filled in until it is changed. */

export function usualBatch(id: string, name: string): Batch {
  return {
    id,
    name,
    lots: [],
    size: 'chunks',
    trim: 'none',
    picking: 'membrane',
    sear: true,
    level: 'tops showing',
    cook: [{ id: 'heat', heat: 'oven', setting: { text: '160 °C', lo: 160, hi: 160 }, lid: 'on' }],
    after: [...usualAfter({ strain: true, skim: 'hot' })],
  };
}

export const usualLot = (id: string): Lot => ({ id, kind: 'meat', cut: '', weight: { text: '' } });

export const usualDish = (id: string): Dish => ({ id, kind: 'taco', count: { text: '' } });

export const usualMeal = (id: string, name: string, dish: string, batch: string): Meal => ({
  id,
  name,
  dishes: [usualDish(dish)],
  batches: [batch],
});

/** Vessels that most kitchens have (inner sizes; estimates), at sea level. */
export const usualKitchen: Kitchen = {
  altitudeM: 0,
  cuts: [],
  vessels: [
    { id: 'pan-24', name: '24 cm frying pan', kind: 'pan', shape: 'round', widthCm: 24, heightCm: 5 },
    { id: 'pan-28', name: '28 cm frying pan', kind: 'pan', shape: 'round', widthCm: 28, heightCm: 5 },
    { id: 'pot-20', name: '20 cm pot', kind: 'pot', shape: 'round', widthCm: 20, heightCm: 10 },
    { id: 'pot-24', name: '24 cm pot', kind: 'pot', shape: 'round', widthCm: 24, heightCm: 12 },
    { id: 'pot-28', name: '28 cm pot', kind: 'pot', shape: 'round', widthCm: 28, heightCm: 14 },
    { id: 'pot-32', name: '32 cm pot', kind: 'pot', shape: 'round', widthCm: 32, heightCm: 16 },
    { id: 'pot-36', name: '36 cm pot', kind: 'pot', shape: 'round', widthCm: 36, heightCm: 24 },
    { id: 'pot-45', name: '45 cm pot', kind: 'pot', shape: 'round', widthCm: 45, heightCm: 40 },
    {
      id: 'slow-cooker',
      name: '6 l slow cooker',
      kind: 'slow cooker',
      shape: 'box',
      widthCm: 18,
      lengthCm: 26,
      heightCm: 13,
    },
    {
      id: 'roasting-pan',
      name: 'roasting pan',
      kind: 'roasting pan',
      shape: 'box',
      widthCm: 30,
      lengthCm: 40,
      heightCm: 8,
      bottomCm: 28,
    },
    {
      id: 'blender',
      name: 'blender jug',
      kind: 'blender jug',
      shape: 'round',
      widthCm: 13,
      bottomCm: 10,
      heightCm: 17,
    },
    { id: 'bowl', name: 'large bowl', kind: 'bowl', shape: 'round', widthCm: 30, bottomCm: 14, heightCm: 13 },
  ],
};

/** A shelf of a fridge at home, cm (estimates). */
export const SHELF = { widthCm: 50, heightCm: 25 } as const;
/** The cold of a kitchen where nobody has said. */
export const usualFridges: readonly Fridge[] = [
  { id: 'fridge', name: 'fridge', kind: 'fridge', shelves: 4 },
  { id: 'freezer', name: 'freezer', kind: 'freezer', shelves: 3 },
];

/** 1 US quart, ml; a No. N disher holds a N-th of it (published, USDA Food Buying Guide). */
const QUART = 946.352946;
/** 1 fl oz, ml (published, NIST Handbook 44). */
const FL_OZ = 29.5735295625;

/** Shred packs .55 to .7 g/ml in a scoop (estimate): weigh one scoop, keep the figure. */
export const shredInScoop = ({ ml }: Pick<Scoop, 'ml'>): number => 0.62 * ml;

/** Scoops and ladles that a kitchen has until it says otherwise. */
export const usualScoops: readonly Scoop[] = [
  { id: 'scoop-8', name: 'No. 8 scoop', kind: 'scoop', ml: QUART / 8 },
  { id: 'scoop-16', name: 'No. 16 scoop', kind: 'scoop', ml: QUART / 16 },
  { id: 'ladle-4', name: '4 fl oz ladle', kind: 'ladle', ml: 4 * FL_OZ },
  { id: 'ladle-2', name: '2 fl oz ladle', kind: 'ladle', ml: 2 * FL_OZ },
];

/** The day of a meal where nobody has said otherwise. */
export const usualDay = { chance: 0.9, hands: 1, from: '06:30', to: '22:30' } as const;

/** Who cooks a meal, by name; none where nobody was named. */
export const cooksOf = (
  { day }: Pick<Meal, 'day'>,
  { hands = [] }: Pick<Kitchen, 'hands'>,
): NonNullable<Kitchen['hands']> => hands.filter(({ id }) => day?.cooks?.includes(id));

/** How many pairs of hands a meal has: as many as were written, and at least those who were named. */
export const handsOf = (meal: Pick<Meal, 'day'>, kitchen: Pick<Kitchen, 'hands'>): number =>
  Math.max(cooksOf(meal, kitchen).length, meal.day?.hands ?? usualDay.hands);

const min = (n: number) => ({ text: `${n} min`, lo: n, hi: n });
/** What is often done beside a braise (common practice, no source). */
export const usualTasks: readonly Omit<OwnTask, 'id'>[] = [
  { words: 'Brown onions slowly, 1 kg', minutes: min(55), needs: 'burner', when: 'serving' },
  { words: 'Pickle onions', minutes: min(15), when: 'any time' },
  { words: 'Toast the rolls', minutes: min(10), needs: 'oven', when: 'serving' },
];
