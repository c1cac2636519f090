import { writeMass, writeVolume } from '@/core/quantity/index.ts';
import { useOpenMeal } from '../data/MealContext.ts';
import { Caution } from '../parts/Caution.tsx';
import { Figure } from '../parts/Figure.tsx';
import { NothingYet } from '../parts/NothingYet.tsx';

/** What is left over, and how it is kept. */
export default function Keep() {
  const { reckoning, batchReckoning, units } = useOpenMeal();
  const { leftG, leftMl, shredG } = reckoning.meal;
  if (shredG.mid === 0) return <NothingYet title="What is left" />;
  const fat = batchReckoning.liquid.skimG;
  const some = leftG.mid > 1 || (leftMl?.mid ?? 0) > 1;
  return (
    <>
      <h1>{some ? 'What goes to the shelf' : 'Nothing is left over'}</h1>
      <dl className="facts is-row">
        <div>
          <dt>shred, of the whole meal</dt>
          <dd>
            <Figure written={writeMass(leftG, units)} size="big" />
          </dd>
        </div>
        <div>
          <dt>broth or sauce, of the whole meal</dt>
          <dd>
            <Figure written={leftMl && writeVolume(leftMl, units)} size="big" />
          </dd>
        </div>
        <div>
          <dt>fat skimmed from this pot</dt>
          <dd>
            <Figure written={fat && writeMass(fat, units)} size="big" />
          </dd>
        </div>
      </dl>
      <p className="quiet">
        Stored snug under its sauce the meat stays moist. The fat fries tortillas and potatoes.
      </p>
      <Caution>
        Cool from 57 to 21 °C within two hours and to 5 °C within six in all: shallow pans, 5 cm deep or less,
        or an ice bath. Reheat right through, to 74 °C. Label with what, when, use-by and allergens.
      </Caution>
    </>
  );
}
