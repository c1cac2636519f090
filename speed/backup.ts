/** A backup as a busy kitchen has it after years: many batches with their readings. */
import { writeBackupHead, writeBackupMeal } from '../src/core/meal/file/index.ts';
import { usualBatch, usualDish, usualLot, usualMeal } from '../src/core/meal/index.ts';

const HOUR_MS = 3_600_000;
const LONG_AGO = Date.UTC(2010, 0, 4, 12);

/** So many meals of one batch, each with so many readings, a day apart from a first one on. */
export function manyMeals(meals: number, readings: number, first = LONG_AGO): string {
  const lines = [writeBackupHead({ meals })];
  for (let i = 0; i < meals; i += 1)
    lines.push(writeBackupMeal(oneMeal(i, readings, first + i * 24 * HOUR_MS)));
  return `${lines.join('\n')}\n`;
}

function oneMeal(i: number, readings: number, made: number): Parameters<typeof writeBackupMeal>[0] {
  const batch = {
    ...usualBatch(`batch-${i}`, `Pot ${i}`),
    lots: [{ ...usualLot(`lot-${i}`), cut: 'beef-shank', weight: grams(2000 + i) }],
  };
  const entries = Array.from({ length: readings }, (_, k) => ({
    id: `entry-${i}-${k}`,
    at: made + k * 60_000,
    batch: batch.id,
    measures: { what: 'sum' as const, flow: 'shred' as const },
    value: grams(900 + k),
    measure: 'mass' as const,
    source: 'typed' as const,
    ...(k > 0 && { replaces: `entry-${i}-${k - 1}` }),
  }));
  return {
    made,
    meal: {
      ...usualMeal(`meal-${i}`, `Supper ${i}`, `dish-${i}`, batch.id),
      dishes: [{ ...usualDish(`dish-${i}`), count: { text: '12', lo: 12, hi: 12 } }],
      serving: { local: new Date(made).toISOString().slice(0, 16), zone: 'Europe/Amsterdam' },
    },
    batches: [batch],
    entries,
  };
}

const grams = (g: number) => ({ text: `${g} g`, lo: g, hi: g });
