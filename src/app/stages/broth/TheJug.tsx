import { jugOf } from '@/core/answers/index.ts';
import type { LiquidReckoning } from '@/core/reckoning/index.ts';
import { JugShares } from '../../figures/JugShares.tsx';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { useSaid } from '../../open/useSaid.ts';
import { useMeasured } from './useMeasured.ts';

/** The jug with its levels, and where they go. */
export function TheJug({ liquid }: { readonly liquid: LiquidReckoning }) {
  const { batch, opened } = useOpenMeal();
  const { batchReckoning } = useFigures();
  const { volume } = useSaid();
  const { words, measured } = useMeasured(liquid);
  const { ml, fatMl, solidsMl, parts } = jugOf(opened, batchReckoning, batch, liquid);
  return (
    <JugShares
      ml={ml}
      fatMl={fatMl}
      solidsMl={solidsMl}
      shares={parts.map(({ to, ml: part }) => ({
        name: typeof to === 'object' ? to.dish : to === 'the shelf' ? 'to the shelf' : to,
        ml: part,
        said: volume(part),
      }))}
      weighed={measured}
      words={`A jug with ${words} of ${liquid.says}`}
    />
  );
}
