import { MINUTE_MS } from '../src/core/quantity/index.ts';
import { mealFileOf, writeMealFile } from '../src/core/meal/file/index.ts';
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

const NOON = Date.UTC(2026, 11, 5, 11);

/** Eight pots for one evening, all still to be begun, in the usual kitchen. */
export function eightPots() {
  const vessels = ['pot-36', 'pot-32', 'pot-45', 'pot-28'];
  const batches = Array.from({ length: 8 }, (_, b) => ({
    ...batchOf(
      cuts.slice(0, 2).map((cut, i) => lotOf(cut, 900 + 10 * i, { id: `${b}-lot${i}` })),
      {
        cook: [
          {
            id: 'heat',
            heat: b % 2 === 0 ? ('oven' as const) : ('stove' as const),
            lid: 'on' as const,
            vessel: vessels[b % vessels.length] ?? '',
            setting: { text: '', lo: 150, hi: 150 },
          },
        ],
      },
    ),
    id: `pot ${b}`,
    name: `pot ${b}`,
  }));
  const input = inputOf(batches, [dishOf('taco', 120)]);
  const serving = { local: '2026-12-05T20:00', zone: 'Europe/Amsterdam' };
  return { ...input, meal: { ...input.meal, serving, day: { hands: 3 } }, now: NOON - 24 * 3_600_000 };
}

/** Three batches of four lots on the heat, a fork in one of them so many minutes after its lid went on. */
export function threePots(minutes: number) {
  const names = ['one', 'two', 'three'];
  const vessels = ['pot-36', 'pot-32', 'pot-45'];
  const batches = names.map((name, b) => ({
    ...batchOf(
      cuts.slice(0, 4).map((cut, i) => lotOf(cut, 900 + 10 * i, { id: `${name}-lot${i}` })),
      {
        cook: [
          b === 1
            ? { id: 'heat2', heat: 'stove' as const, lid: 'on' as const, vessel: vessels[b] ?? '' }
            : {
                id: 'heat3',
                heat: 'oven' as const,
                lid: 'on' as const,
                vessel: vessels[b] ?? '',
                setting: { text: '160 °C', lo: 160, hi: 160 },
              },
        ],
        ...(b < 2 && { lidOn: NOON }),
      },
    ),
    id: name,
    name,
  }));
  const input = inputOf(
    batches,
    [dishOf('taco', 60), dishOf('roll', 20)],
    [
      {
        id: `fork ${minutes}`,
        at: NOON + minutes * MINUTE_MS,
        batch: 'one',
        measures: { what: 'check', feel: 'resists' },
        value: { text: 'resists' },
        measure: 'feel',
        source: 'typed',
      },
    ],
  );
  const serving = { local: '2026-12-05T22:00', zone: 'Europe/Amsterdam' };
  return {
    ...input,
    meal: { ...input.meal, serving, day: { hands: 2 } },
    now: NOON + (minutes + 1) * MINUTE_MS,
  };
}

const kinds = ['taco', 'roll', 'pasta', 'hand pie', 'burrito', 'soup', 'long roll', 'dip'] as const;

/** Twelve pots of three lots, a litre of water in each, for eight dishes. The first lot's weight varies, g. */
export function twelvePots(firstG: number) {
  const vessels = ['pot-36', 'pot-32', 'pot-45', 'pot-28'];
  const batches = Array.from({ length: 12 }, (_, b) => {
    const celsius = 150 + 5 * (b % 3);
    const open = { id: 'heat4', lid: 'on' as const, vessel: vessels[b % vessels.length] ?? '' };
    const lots = cuts
      .slice(0, 3)
      .map((cut, i) =>
        lotOf(cut, b + i > 0 ? 900 + 10 * i + 37 * b : firstG, { id: `${String(b)}-lot${String(i)}` }),
      );
    return {
      ...batchOf(lots, {
        cook: [
          b % 3 === 2
            ? { heat: 'stove' as const, ...open }
            : { heat: 'oven' as const, ...open, setting: { text: '', lo: celsius, hi: celsius } },
        ],
        items: [
          { id: 'water', ref: 'water', state: 'in' as const, amount: { text: '1 kg', lo: 1000, hi: 1000 } },
        ],
      }),
      id: `pot ${String(b)}`,
      name: `pot ${String(b)}`,
    };
  });
  const input = inputOf(
    batches,
    kinds.map((kind) => dishOf(kind, 24)),
  );
  const serving = { local: '2026-12-05T20:00', zone: 'Europe/Amsterdam' };
  return { ...input, meal: { ...input.meal, serving, day: { hands: 3 } } };
}

/** The same as a file. */
export const twelvePotsFile = (firstG = 1000): string =>
  writeMealFile(mealFileOf(twelvePots(firstG), reference.version));

/** A hall's worth in one batch: the first lot's weight varies. */
export function twoHundredLots(firstG: number) {
  const lots = Array.from({ length: 200 }, (_, i) =>
    lotOf(cuts[i % cuts.length] ?? '', i > 0 ? 500 + i : firstG, { id: `lot${String(i)}` }),
  );
  return inputOf([batchOf(lots)], [dishOf('taco', 900)]);
}

/** A word that no line has room for. */
const LONG_WORD = 'Kadekantlantaarnavondmaaltijdvooriedereen';

/** So many pots for eight dishes, every name a word of forty letters or five short ones: what has the least room on a page. */
export function crowded(pots: number): string {
  const input = twelvePots(1000);
  const batches = input.batches.slice(0, pots).map((batch, b) => ({
    ...batch,
    name: b % 2 === 0 ? LONG_WORD : 'The big pot by the back door',
  }));
  const dishes = kinds.map((kind, i) => ({
    ...dishOf(kind, 71 + i),
    ...(i % 2 === 0 && { name: LONG_WORD }),
  }));
  const meal = { ...input.meal, name: LONG_WORD, dishes, batches: batches.map(({ id }) => id) };
  return writeMealFile(mealFileOf({ ...input, meal, batches }, reference.version));
}
