import { MAIN } from '@/core/work/index.ts';
import { midpoint } from '@/core/quantity/index.ts';
import type { LiquidReckoning } from '@/core/reckoning/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { useSaid } from '../../open/useSaid.ts';

/** Nearer than this it is what was measured, ml. */
const SAME = 0.5;

/** How much of a liquid there is, in words: as it was typed where it was measured by volume and nothing has been done to it since. */
export function useMeasured(liquid: LiquidReckoning | undefined): {
  readonly words: string;
  readonly measured: boolean;
} {
  const { standing } = useOpenMeal();
  const { volume } = useSaid();
  const ml = liquid?.ml.mid ?? 0;
  const typed = standing.find(
    ({ measures, measure, value }) =>
      liquid !== undefined &&
      measure === 'volume' &&
      measures.what === 'sum' &&
      measures.flow === 'liquid' &&
      (measures.liquid ?? MAIN) === liquid.id &&
      Math.abs((midpoint(value ?? undefined) ?? NaN) - ml) < SAME,
  );
  return typed?.value ? { words: typed.value.text, measured: true } : { words: volume(ml), measured: false };
}
