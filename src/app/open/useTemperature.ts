import { writeDegrees } from '@/core/quantity/index.ts';
import { weigh } from './edits/index.ts';
import { useOpenMeal } from './MealContext.ts';

/**
 * What was read of one thing, oldest first, and keeps another reading.
 * @param thing the id of its cooling, or of the batch where it is held hot
 */
export function useTemperature(thing: string) {
  const { loaded, batch, standing, units } = useOpenMeal();
  const readings = standing.flatMap(({ at, measures, value }) =>
    measures.what === 'temperature' && measures.thing === thing && value?.lo !== undefined
      ? [{ at, celsius: value.lo, text: value.text }]
      : [],
  );
  const keep = (celsius: number, source: 'typed' | 'probe', text = writeDegrees(celsius, units)) =>
    weigh(
      loaded.meal.id,
      'a temperature',
      {
        batch: batch.id,
        measures: { what: 'temperature', thing },
        value: { text, lo: celsius, hi: celsius },
        measure: 'temperature',
      },
      source,
    );
  return { readings, keep };
}
