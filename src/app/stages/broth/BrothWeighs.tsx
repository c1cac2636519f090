import { isStrained } from '@/core/meal/index.ts';
import { writeMass, writeVolume } from '@/core/quantity/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { Gone } from '../../parts/Gone.tsx';
import { Weigh } from '../../parts/Weigh.tsx';

/** What of the liquid can be weighed. */
export function BrothWeighs() {
  const { batch, units } = useOpenMeal();
  const { batchReckoning } = useFigures();
  const { liquid } = batchReckoning;
  const strained = isStrained(batch);
  const word = strained ? 'broth' : 'sauce';
  const finished = liquid.brothMl ?? liquid.sauceMl;
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
      <Weigh
        flow="liquid"
        label={`The ${word}, by weight or volume`}
        words={`how much ${word} there is`}
        planned={finished && writeVolume(finished, units)}
        measure={['mass', 'volume']}
      />
      <Gone what={['drunk', 'pouredAway']} />
    </div>
  );
}
