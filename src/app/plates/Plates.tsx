import { writeMass, writeVolume } from '@/core/quantity/index.ts';
import { useOpenMeal } from '../data/MealContext.ts';
import { Caution } from '../parts/Caution.tsx';
import { Figure } from '../parts/Figure.tsx';
import { NothingYet } from '../parts/NothingYet.tsx';
import { Enough } from './Enough.tsx';
import { PlatesWanted } from '../order/PlatesWanted.tsx';
import css from './plates.module.scss';

/** What each serving gets, of meat and of liquid, and whether there is enough for all. */
export default function Plates() {
  const { reckoning, units } = useOpenMeal();
  const { servings, shredG } = reckoning.meal;
  if (shredG.mid === 0) return <NothingYet title="What each plate gets" />;
  return (
    <>
      <h1>What each plate gets</h1>
      {servings.length === 0 && <PlatesWanted />}
      <ul className={css.servings}>
        {servings.map(({ dish, name, count, meatG, liquidMl, heldMl }) => (
          <li key={dish}>
            <h2>
              <span className="num">{count}</span> {name}
            </h2>
            <dl className="facts">
              <div>
                <dt>meat, each</dt>
                <dd>
                  <Figure
                    written={meatG.mid > 0 ? writeMass(meatG, units) : null}
                    size="big"
                    unknown="none"
                  />
                </dd>
              </div>
              <div>
                <dt>liquid, each</dt>
                <dd>
                  <Figure
                    written={liquidMl && liquidMl.mid > 0 ? writeVolume(liquidMl, units) : null}
                    size="big"
                    unknown={liquidMl ? 'none' : 'not known yet'}
                  />
                </dd>
              </div>
              <div>
                <dt>of that, in the meat</dt>
                <dd>
                  <Figure
                    written={heldMl && heldMl.mid > 0 ? writeVolume(heldMl, units) : null}
                    unknown="none"
                  />
                </dd>
              </div>
            </dl>
          </li>
        ))}
      </ul>
      <Enough />
      <Caution>
        Hold hot at 57 °C or above, or cool fast. Two hours on the counter is the limit, one in heat.
      </Caution>
    </>
  );
}
