import { MAIN } from '@/core/work/index.ts';
import { isStrained } from '@/core/meal/index.ts';
import type { LiquidReckoning } from '@/core/reckoning/index.ts';
import { writeMass, writeVolume } from '@/core/quantity/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { Gone } from '../../parts/Gone.tsx';
import { Weigh } from '../../parts/Weigh.tsx';

/** What of the liquid can be weighed: of one that was set apart how much of it there is. */
export function BrothWeighs({ of }: { readonly of: LiquidReckoning | undefined }) {
  const { batch, units } = useOpenMeal();
  const { batchReckoning } = useFigures();
  const { liquid } = batchReckoning;
  const strained = isStrained(batch);
  const apart = of && of.id !== MAIN ? of : undefined;
  const word = apart?.says ?? (strained ? 'broth' : 'sauce');
  const finished = apart?.ml ?? liquid.brothMl ?? liquid.sauceMl;
  const jug = (
    <Weigh
      key={word}
      flow="liquid"
      liquid={apart?.id}
      label={`The ${word}, by weight or volume`}
      words={`how much ${word} there is`}
      planned={finished && writeVolume(finished, units)}
      measure={['mass', 'volume']}
    />
  );
  if (apart) return <div className="weighs">{jug}</div>;
  return (
    <div className="weighs">
      {strained && (
        <Weigh
          flow="strained"
          label="Strained out"
          words="the weight of the solids"
          planned={liquid.solidsG && writeMass(liquid.solidsG, units)}
        />
      )}
      <Weigh
        flow="skim"
        label="Skimmed off"
        words="the weight of the skim"
        planned={liquid.skimG && writeMass(liquid.skimG, units)}
      />
      {jug}
      <Gone what={['drunk', 'pouredAway']} />
    </div>
  );
}
