import { mealFileOf, writeMealFile } from '../src/core/batch/file.ts';
import { reference } from '../src/reference/index.ts';
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

/** What is asked to be bought: five cuts in proportion for four dishes. The first dish's number varies. */
export function fiveCuts(plates: number) {
  const lots = cuts.slice(0, 5).map((cut, i) => lotOf(cut, 1000, { id: `lot${i}` }));
  const dishes = (['taco', 'roll', 'pasta', 'hand pie'] as const).map((kind) =>
    dishOf(kind, kind === 'taco' ? plates : 20),
  );
  return inputOf([batchOf(lots)], dishes);
}

/** Forty chunks in one pan. */
export function fortyPieces(firstG: number) {
  const lots = [lotOf('beef-blade-roast', firstG, { id: 'lot0', pieces: { count: 40, size: 'chunks' } })];
  return inputOf([batchOf(lots)], [dishOf('taco', 60)]);
}

/** A hall's worth: so many lots in one batch, as a file that can be brought in. */
export function manyLots(count: number): string {
  const lots = Array.from({ length: count }, (_, i) =>
    lotOf(cuts[i % cuts.length] ?? '', 500 + i, { id: `lot${i}` }),
  );
  const input = inputOf([batchOf(lots)], [dishOf('taco', 900)]);
  return writeMealFile(mealFileOf(input, reference.version));
}
