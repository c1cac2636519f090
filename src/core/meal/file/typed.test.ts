import { reckon } from '../../reckoning/index.ts';
import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import { openMeal } from '../../model/index.ts';
import { isWithinBounds, withVolume } from '../../pot/index.ts';
import {
  type Measure,
  type Quantity,
  readAltitude,
  readAny,
  readLength,
  readShare,
  TEXT_MOST,
} from '../../quantity/index.ts';

import { readPrice } from '../../shop/index.ts';
import { unfinite } from '../../testing/finite.ts';
import { batchOf, dishOf, inputOf, lotOf } from '../../testing/meals.ts';
import type { Batch, Entry, Meal, Vessel } from '../schema.ts';
import { usualKitchen } from '../usual.ts';
import { mealFileOf, readMealFile, writeMealFile } from './file.ts';

/** What may stand in a field: what a cook writes, in any size, and anything else that keys can make. */
const number = fc.oneof(
  fc.integer({ min: 0, max: 5000 }).map(String),
  fc.double({ min: 1e-12, max: 1e18, noNaN: true }).map((n) => n.toPrecision(4)),
  fc.double({ min: 1e-6, max: 1e7, noNaN: true }).map((n) => n.toFixed(3)),
  fc.constantFrom('½', '1 1/2', '1,5', '0', '-3', '1e5', '1/0', '000', '٣', '1,400'),
);
const unit = fc.constantFrom(
  '',
  ' g',
  ' kg',
  ' lb',
  ' oz',
  ' ml',
  ' l',
  ' cups',
  ' tbsp',
  ' h',
  ' min',
  ' °C',
  ' °F',
  ' cm',
  ' in',
  ' %',
  ' m',
);
const text = fc.oneof(
  { weight: 6, arbitrary: fc.tuple(number, unit).map(([n, u]) => n + u) },
  { weight: 2, arbitrary: fc.tuple(number, number, unit).map(([a, b, u]) => `${a}–${b}${u}`) },
  { weight: 1, arbitrary: fc.tuple(number, number, unit).map(([a, b, u]) => `${a} × ${b}${u}`) },
  { weight: 1, arbitrary: fc.string({ maxLength: 260 }) },
  { weight: 1, arbitrary: fc.constantFrom('a pinch', 'a heaped tsp', '900000 handfuls', '') },
);

/** The field takes no more letters, and keeps a text that cannot be read without a figure. */
function kept(
  typed: string,
  measures: readonly Measure[],
): { quantity: Quantity; measure: Measure | undefined } {
  const letters = typed.slice(0, TEXT_MOST);
  const read = readAny(letters, measures);
  return read.ok
    ? { quantity: read.quantity, measure: read.measure }
    : { quantity: { text: letters }, measure: undefined };
}
const quantity = (typed: string, measure: Measure) => kept(typed, [measure]).quantity;
const cm = (typed: string, before: number) => {
  const read = readLength(typed.slice(0, TEXT_MOST));
  return read.ok ? read.cm : before;
};

const FIELDS = 30;

/** A meal in which each text has been typed into a field of its own. */
function mealOf(texts: readonly string[]) {
  let at = 0;
  const next = () => texts[(at += 1) % texts.length] ?? '';
  const [pot] = usualKitchen.vessels;
  if (!pot) throw new Error('a kitchen without a vessel');
  const measured: Vessel = {
    ...pot,
    id: 'own',
    widthCm: cm(next(), 28),
    heightCm: cm(next(), 12),
    bottomCm: cm(next(), 28),
  };
  const volume = quantity(next(), 'volume').lo;
  const byVolume = volume === undefined ? undefined : withVolume({ ...pot, id: 'by volume' }, volume);
  const tare = quantity(next(), 'mass').lo;
  const altitude = readAltitude(next().slice(0, TEXT_MOST));
  const price = readPrice(next().slice(0, TEXT_MOST), 'kg');
  const amount = kept(next(), ['mass', 'volume', 'count']);
  const salt = kept(next(), ['mass', 'volume']);
  const share = readShare(next());
  const lot = lotOf('beef-shank', 1, {
    weight: quantity(next(), 'mass'),
    shopHas: quantity(next(), 'mass'),
    ...(price.ok && { price: price.price }),
    pieces: { longestCm: cm(next(), 10) },
  });
  const batch: Batch = batchOf([lot, lotOf('beef-brisket', 1500)], {
    cook: [
      { id: 'heat2', heat: 'oven', setting: quantity(next(), 'temperature'), lid: 'on', vessel: 'own' },
      { id: 'heat', heat: 'oven', lid: 'ajar', minutes: quantity(next(), 'duration') },
    ],
    items: [
      { id: 'stock', ref: 'stock-low-salt', state: 'in' },
      {
        id: 'onion',
        ref: 'onion',
        state: 'in',
        amount: amount.quantity,
        ...(amount.measure !== undefined && { measure: amount.measure as 'mass' | 'volume' | 'count' }),
        boiledTo: quantity(next(), 'volume'),
      },
    ],
    salt: salt.quantity,
    ...(salt.measure === 'volume' && { saltIn: 'volume' as const }),
    panFat: { amount: quantity(next(), 'mass'), then: 'in the pot' },
    reduceTo: quantity(next(), 'volume'),
    tear: quantity(next(), 'duration'),
    ...(share !== undefined && share <= 0.03 && { strength: { liquid: share } }),
  });
  const entry = (id: string, flow: 'shred' | 'skim', typed: string): Entry => ({
    id,
    at: 1,
    batch: 'pot',
    measures: { what: 'sum', flow },
    value: quantity(typed, 'mass'),
    measure: 'mass',
    source: 'typed',
  });
  const input = inputOf(
    [batch],
    [
      dishOf('taco', 12, { count: quantity(next(), 'count'), meat: { want: quantity(next(), 'mass') } }),
      dishOf('pasta', 4, {
        liquid: { min: quantity(next(), 'volume') },
        guests: { usual: quantity(next(), 'count'), each: quantity(next(), 'count') },
      }),
    ],
    [entry('a', 'shred', next()), entry('b', 'skim', next())],
  );
  const meal: Meal = {
    ...input.meal,
    day: {
      tasks: [
        { id: 't', words: next().slice(0, 200), minutes: quantity(next(), 'duration'), when: 'any time' },
      ],
    },
  };
  const kitchen = {
    ...usualKitchen,
    ...(altitude.ok && { altitudeM: altitude.metres }),
    vessels: [
      ...usualKitchen.vessels,
      { ...measured, ...(tare !== undefined && { tareG: tare }) },
      ...(byVolume && isWithinBounds(byVolume) ? [byVolume] : []),
    ],
  };
  return { ...input, meal, kitchen };
}

test('whatever is typed can be saved, read back the same, and reckoned to finite figures', () => {
  fc.assert(
    fc.property(fc.array(text, { minLength: FIELDS, maxLength: FIELDS }), (texts) => {
      const { reference, ...parts } = mealOf(texts);
      const file = mealFileOf(parts, reference.version);
      const read = readMealFile(writeMealFile(file));
      if (!read.ok) throw new Error(read.error);
      expect(writeMealFile(read.file)).toBe(writeMealFile(file));
      expect(unfinite(reckon(openMeal({ ...parts, reference })))).toBeUndefined();
    }),
    { numRuns: runs(200, 30) },
  );
});
