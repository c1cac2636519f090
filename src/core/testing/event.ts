import type { Dish, Meal } from '../meal/index.ts';
import type { Input } from '../model/index.ts';
import { batchOf, dishOf, inputOf, lotOf } from './meals.ts';

/** An invented event: supper for many on a Saturday, pasta on the Sunday noon. */
const ZONE = 'Europe/Amsterdam';
export const SUNDAY = 'sunday';

const pot = (id: string, cut: string, g: number, price?: string) => ({
  ...batchOf([
    lotOf(cut, g, {
      id: `${id} lot`,
      ...(price !== undefined && { price: { text: price, amount: Number(price), per: 'kg' as const } }),
    }),
  ]),
  id,
  name: id,
});

interface Of {
  readonly beefG: number;
  readonly porkG: number;
  readonly tacos: number;
  readonly pasta: number;
  readonly pastaFrom: readonly string[];
}

/** Two pots and two sittings: tacos of the beef on Saturday, pasta on Sunday. */
export function eventOfTwo(
  { beefG, porkG, tacos, pasta, pastaFrom }: Of,
  changes: Partial<Meal> = {},
): Input {
  const dishes: Dish[] = [
    { ...dishOf('taco', tacos), id: 'tacos', from: ['beef'] },
    { ...dishOf('pasta', pasta), id: 'pasta', from: [...pastaFrom], sitting: SUNDAY },
  ];
  const input = inputOf(
    [pot('beef', 'beef-blade-roast', beefG, '12'), pot('pork', 'pork-shoulder-any', porkG)],
    dishes,
  );
  return {
    ...input,
    meal: {
      ...input.meal,
      batches: ['beef', 'pork'],
      sitting: 'Saturday supper',
      serving: { local: '2026-12-05T18:00', zone: ZONE },
      sittings: [{ id: SUNDAY, name: 'Sunday noon', serving: { local: '2026-12-06T12:30', zone: ZONE } }],
      ...changes,
    },
  };
}
