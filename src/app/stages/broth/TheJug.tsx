import { leftOfLiquid, type LiquidReckoning } from '@/core/reckoning/index.ts';
import { isStrained, skimWay } from '@/core/meal/index.ts';
import { type JugShare, JugShares } from '../../figures/JugShares.tsx';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { useSaid } from '../../open/useSaid.ts';

/** The jug with its levels, and where they go. */
export function TheJug({ jug }: { readonly jug: LiquidReckoning }) {
  const { batch } = useOpenMeal();
  const { liquid, need } = useFigures().batchReckoning;
  const { volume } = useSaid();
  const isPots = jug.id === 'pot';
  const strained = isStrained(batch);
  return (
    <JugShares
      ml={jug.ml.mid}
      fatMl={liquid.skimG && isPots && skimWay(batch) !== 'leave' ? liquid.skimG.mid : 0}
      solidsMl={strained || !isPots ? 0 : (liquid.solidsG?.mid ?? 0)}
      shares={isPots ? sharesOf(need, jug.ml.mid, volume) : []}
      weighed={false}
      words={`A jug with ${volume(jug.ml.mid)} of ${jug.says}`}
    />
  );
}

/** Where the pot's liquid goes: to each dish, soaked back, and what is left to the shelf. */
function sharesOf(
  need: ReturnType<typeof useFigures>['batchReckoning']['need'],
  ml: number,
  volume: (ml: number) => string,
): readonly JugShare[] {
  const { dishes, heldMl } = need;
  const left = leftOfLiquid(ml, need);
  return [
    ...dishes.map(({ name, ml: wants }) => ({ name, ml: wants, said: volume(wants) })),
    ...(heldMl > 0 ? [{ name: 'soaks back', ml: heldMl, said: volume(heldMl) }] : []),
    ...(left > 0.01 * ml ? [{ name: 'to the shelf', ml: left, said: volume(left) }] : []),
  ];
}
