import { batchOf, dishOf, inputOf, lotOf } from '../src/core/testing/meals.ts';

const cuts = [
  'beef-blade-roast',
  'beef-shank',
  'lamb-shoulder',
  'beef-brisket',
  'beef-short-ribs',
  'pork-picnic',
];

/** The meal that is measured: six lots of six cuts in one pot, two dishes. The first lot's weight varies, g. */
export function sixLots(firstG: number) {
  const lots = cuts.map((cut, i) => lotOf(cut, i === 0 ? firstG : 1000 + i, { id: `lot${i}` }));
  return inputOf([batchOf(lots)], [dishOf('taco', 60), dishOf('roll', 10)]);
}
