import fc from 'fast-check';
import type { Phase } from '../meal/index.ts';
import type { Input } from '../model/index.ts';
import { batchOf, dishOf, grams, inputOf, lotOf } from './meals.ts';

const CUTS = ['beef-shank', 'beef-short-ribs', 'beef-brisket', 'pork-picnic', 'lamb-shoulder'] as const;
const VESSELS = ['pot-20', 'pot-24', 'pot-28', 'slow-cooker', 'roasting-pan'] as const;

/** A pot as somebody fills it, and now and then too full, too hot, too open, too salt. */
const pot = fc.record({
  cut: fc.constantFrom(...CUTS),
  g: fc.integer({ min: 500, max: 9000 }),
  vessel: fc.option(fc.constantFrom(...VESSELS), { nil: undefined }),
  heat: fc.constantFrom<Phase['heat']>('oven', 'oven', 'stove', 'slow cooker'),
  celsius: fc.constantFrom(95, 140, 160, 180, 220),
  lid: fc.constantFrom<Phase['lid']>('on', 'on', 'ajar', 'off'),
  hours: fc.option(fc.constantFrom(2, 4, 8), { nil: undefined }),
  level: fc.constantFrom<'cover' | 'half way' | 'own juice'>('cover', 'half way', 'own juice'),
  saltG: fc.option(fc.constantFrom(0, 20, 150), { nil: undefined }),
  stockMl: fc.option(fc.integer({ min: 200, max: 6000 }), { nil: undefined }),
  isOn: fc.boolean(),
});
type Pot = typeof pot extends fc.Arbitrary<infer T> ? T : never;
/** One filled pot, and what it is for. */
export const filledMeal = fc.record({
  pot,
  dish: fc.constantFrom('taco' as const, 'soup' as const),
  plates: fc.integer({ min: 4, max: 60 }),
});
type Meal = typeof filledMeal extends fc.Arbitrary<infer T> ? T : never;

function batchFrom({ cut, g, vessel, heat, celsius, lid, hours, level, saltG, stockMl, isOn }: Pot) {
  const setting = { text: `${celsius} °C`, lo: celsius, hi: celsius };
  const minutes =
    hours === undefined ? {} : { minutes: { text: `${hours} h`, lo: 60 * hours, hi: 60 * hours } };
  return batchOf([lotOf(cut, g)], {
    cook: [
      { id: 'heat', heat, lid, ...(heat === 'oven' && { setting }), ...(vessel && { vessel }), ...minutes },
    ],
    level,
    ...(saltG !== undefined && { salt: grams(saltG) }),
    ...(stockMl !== undefined && {
      items: [{ id: 'stock', ref: 'stock-low-salt', state: 'in', measure: 'volume', amount: grams(stockMl) }],
    }),
    ...(isOn && { lidOn: 0 }),
  });
}
export const builtFilled = ({ pot: one, dish, plates }: Meal): Input =>
  inputOf([batchFrom(one)], [dishOf(dish, plates)]);
