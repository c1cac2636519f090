import { strandsOf } from '@/core/ledger/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { useExample } from '../../open/useExample.ts';
import { stationFigures } from './stationFigures.ts';

/** What the strands show: the open pot, or where nothing is written the example of the placeholders, pale. */
export function useShownStrands() {
  const open = useOpenMeal();
  const figures = useFigures();
  const example = useExample(open);
  const shown = example ?? { open, figures };
  const { reckoning } = shown.figures;
  const strands = strandsOf(reckoning.ledger, shown.open.batch.id);
  return {
    ...shown,
    isExample: example !== undefined,
    strands,
    stations: stationFigures(shown.open, shown.figures),
    anything: strands.raw.grams > 0 || strands.pour.grams > 0 || reckoning.meal.needG > 0,
  };
}
