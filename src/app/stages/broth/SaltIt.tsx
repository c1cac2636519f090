import type { LiquidReckoning } from '@/core/reckoning/index.ts';
import { type Taste, tastes, withStirredIn } from '@/core/meal/index.ts';
import { answerTo } from '@/core/broth/index.ts';

import { likedThickness } from '@/core/log/index.ts';
import { suggestionWords } from '@/words/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { useSaid } from '../../open/useSaid.ts';
import { editBatch, weigh } from '../../open/edits/index.ts';
import css from './broth.module.scss';

/** What it wants of salt, and what a spoon of it says: mostly nothing. */
export function SaltIt({ liquid }: { readonly liquid: LiquidReckoning }) {
  const { loaded, batch, standing } = useOpenMeal();
  const { id, says, saltPct, saltToAddG, salty, target, tooSalty } = liquid;
  const named = id === 'pot' ? undefined : id;
  const { mass, volume } = useSaid();
  const tasted = standing.findLast(
    ({ measures }) => measures.what === 'taste' && measures.liquid === named,
  )?.measures;
  const taste = tasted?.what === 'taste' ? tasted.says : undefined;
  const suggestion =
    taste === undefined
      ? undefined
      : answerTo(
          taste,
          liquid,
          { ml: liquid.ml.mid, waterG: liquid.waterG, thickness: liquid.thickness },
          likedThickness(loaded.learned),
        );
  const spoon = (says: Taste) =>
    weigh(loaded.meal.id, `a spoon of it: ${says}`, {
      batch: batch.id,
      measures: { what: 'taste', says, ...(named !== undefined && { liquid: named }) },
      value: { text: says },
      measure: 'feel',
    });
  return (
    <section className={css.salt} aria-label={`Salt and taste of the ${says}`}>
      <p className="quiet">Salt for the {says}</p>
      <p className={css.big}>
        {saltToAddG > 0.5 ? mass(saltToAddG) : tooSalty ? 'Too salty' : 'Nothing needed'}
      </p>
      <p className="quiet">
        {saltPct.mid.toFixed(2)} % now
        {saltToAddG > 0.5 && `, to ${(100 * target).toFixed(1)} %`}
        {tooSalty &&
          (salty.addG === undefined
            ? ': none is wanted, and no thinning takes it all out; write what you can bear'
            : `: ${volume(salty.addG)} of unsalted stock or water brings it to ${(100 * target).toFixed(1)} %`)}
      </p>
      {saltToAddG > 0.5 && (
        <button
          type="button"
          className="btn btn-sm act"
          onClick={() =>
            editBatch(batch.id, 'salt for the liquid', (b) =>
              withStirredIn(b, { id: crypto.randomUUID(), what: 'salt', liquid: named, grams: saltToAddG }),
            )
          }
        >
          It is in
        </button>
      )}
      <div className={css.tastes} role="group" aria-label="What a spoon of it says">
        {tastes.map((one) => (
          <button
            key={one}
            type="button"
            className="btn btn-sm act"
            aria-pressed={one === taste}
            onClick={() => spoon(one)}
          >
            {one}
          </button>
        ))}
      </div>
      {suggestion && <p aria-live="polite">{suggestionWords(suggestion, { mass, volume })}</p>}
    </section>
  );
}
