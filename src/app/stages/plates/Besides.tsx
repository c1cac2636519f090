import { Link } from 'react-router';
import type { Shares } from '@/core/answers/index.ts';
import { formOf, laterWords, nounOf } from '@/words/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { useSaid } from '../../open/useSaid.ts';
import css from './plates.module.scss';

/** What else goes on the plates, and what is left. */
export function Besides({ shares: data }: { readonly shares: Shares }) {
  const { loaded } = useOpenMeal();
  const { meal } = loaded;
  const said = useSaid();
  return (
    <>
      {data.left.liquidMl > 1 && (
        <p className={css.rest}>
          <span data-flow="ml left">{said.volume(data.left.liquidMl)}</span> to the shelf
          {data.rest.map(
            ({ name, count }) => ` · enough for ${String(count)} more ${formOf(count, nounOf(name))}`,
          )}
        </p>
      )}
      {data.sides.map(({ batch, eachG, of }) => (
        <p key={batch} className={css.rest}>
          {said.mass(eachG)} of {of.length > 0 ? of.join(' and ') : 'vegetables'} on each plate
        </p>
      ))}
      {data.griddle && (
        <p className={css.rest}>
          The dishes need {said.mass(data.griddle.wantsG)} of skimmed fat:{' '}
          {data.griddle.thereG >= data.griddle.wantsG
            ? `${said.mass(data.griddle.thereG)} is there`
            : `only ${said.mass(data.griddle.thereG)} is there, the rest is another fat`}
        </p>
      )}
      {data.setApart.map(({ batch, ml }) => (
        <p key={batch} className={css.rest}>
          {loaded.batches.find(({ id }) => id === batch)?.name}: set {said.volume(ml)} aside before the meat
          goes back in, and a ladle gives what the dishes need.
        </p>
      ))}
      {loaded.batches
        .filter(({ later = 0 }) => later > 0)
        .map(({ id, name, later = 0 }) => (
          <p key={id} className={css.rest}>
            {name}: {laterWords(later)} is for another day, as its{' '}
            <Link to={`/meals/${meal.id}/batches/${id}/keep`}>keep</Link> has it.
          </p>
        ))}
    </>
  );
}
