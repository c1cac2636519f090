import { writeMass, writeVolume } from '@/core/quantity/index.ts';
import { DishSection } from '../../figures/DishSection.tsx';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import css from './plates.module.scss';

/** Until it is shared out: every dish as the reckoning fills it, paler, so that the sheet is never empty. */
export function Draft() {
  const { loaded, units } = useOpenMeal();
  const { meal } = useFigures().reckoning;
  return (
    <>
      <h1>Sharing it out</h1>
      <ul className={`${css.dishes ?? ''} ${css.isPale ?? ''}`} aria-busy="true">
        {meal.servings.map(({ dish, name, count, meatG, liquidMl, heldMl }, t) => {
          const kind = loaded.meal.dishes.find(({ id }) => id === dish)?.kind ?? 'own';
          const most = meal.tickets[t]?.meat.max ?? 0;
          const mass = writeMass(meatG.mid, units);
          const volume = liquidMl && writeVolume(liquidMl.mid, units);
          return (
            <li key={dish}>
              <DishSection
                kind={kind}
                meat={most > 0 ? meatG.mid / most : 0}
                held={most > 0 && heldMl ? heldMl.mid / most : 0}
                ladled={most > 0 && liquidMl ? (liquidMl.mid - (heldMl?.mid ?? 0)) / most : 0}
                smallest={0}
                words={name}
              />
              <p>
                {count} {name}
                <br />
                {mass.value} {mass.unit}
                {volume && ` and ${volume.value} ${volume.unit}`}
              </p>
            </li>
          );
        })}
      </ul>
    </>
  );
}
