import type { BatchReckoning } from '@/core/reckoning/index.ts';
import { writeDegrees, writeMinutes, writeVolume } from '@/core/quantity/index.ts';

import { useOpenMeal } from '../../open/MealContext.ts';

/** Usual, and worth knowing: under its lid it boils, so it loses more, and a cooler heat would keep it below. */
export function BoilsCovered({ boils }: { readonly boils: NonNullable<BatchReckoning['boils']> }) {
  const { units } = useOpenMeal();
  const { minutes, perHour, coolerC } = boils;
  const { value, unit } = writeVolume(perHour, units);
  return (
    <p className="quiet">
      It boils under its lid from {writeMinutes(minutes).value} on and loses {value} {unit} an hour
      {coolerC === undefined ? '.' : `; ${writeDegrees(coolerC, units)} keeps it below.`}
    </p>
  );
}
