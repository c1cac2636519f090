import clsx from 'clsx';
import { lazy, Suspense, useState } from 'react';
import { Link } from 'react-router';
import { writeChance } from '@/core/quantity/index.ts';
import type { Shares } from '@/core/answers/index.ts';
import { laterWords, shareTitle, shareUnder, formOf, nounOf } from '@/words/index.ts';
import { editMeal } from '../../open/edits/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { useShares } from '../../open/useShares.ts';
import { useSaid } from '../../open/useSaid.ts';
import { CutBar } from '../../figures/CutBar.tsx';
import { Checkbox } from '../../parts/fields/Checkbox.tsx';
import { Choice } from '../../parts/fields/Choice.tsx';
import { FieldError } from '../../parts/FieldError.tsx';
import { DishColumn } from './DishColumn.tsx';
import { Draft } from './Draft.tsx';
import { ForGuests } from './ForGuests.tsx';
import { Rounds } from './Rounds.tsx';
import { WaysOut } from './WaysOut.tsx';
import css from './plates.module.scss';

const BuildGuide = lazy(() => import('./BuildGuide.tsx'));
const AllergenSheet = lazy(() => import('./AllergenSheet.tsx'));

const bys = [
  { value: 'weight', words: 'by weight' },
  { value: 'scoops', words: 'by level scoops' },
] as const;

/** What each plate gets of what is really there: meat above, liquid below, the plates between them. */
export function ShareOut() {
  const { loaded } = useOpenMeal();
  const { reckoning } = useFigures();
  const said = useSaid();
  const { data, error, isPale } = useShares();
  const [open, setOpen] = useState<'build' | 'rounds' | 'contains'>();
  const [way, look] = useState<Shares['ways'][number]>();
  const { meal } = loaded;
  const by = meal.share?.by ?? 'weight';
  if (error) return <FieldError>It could not be shared out ({error.message}). Reload the page.</FieldError>;
  if (!data) return <Draft />;
  const { shredG, enough } = reckoning.meal;
  const words = { ...said, rough: (grams: number) => said.rough(grams, shredG) };
  const short = data.short.servings > 0;
  const cut = way?.gives ?? data.dishes;
  const fold = (which: 'build' | 'rounds' | 'contains') => setOpen(open === which ? undefined : which);
  return (
    <section aria-labelledby="share-title">
      <div className="line">
        <h1 id="share-title" className={short ? css.isShort : undefined}>
          {shareTitle(data, words, enough ?? undefined)}
        </h1>
        <dl className={css.there}>
          <div>
            <dt>meat</dt>
            <dd className="num">{words.rough(data.there.shredG)}</dd>
          </div>
          <div>
            <dt>liquid</dt>
            <dd className="num">{said.volume(data.there.liquidMl)}</dd>
          </div>
        </dl>
      </div>
      <p className={css.sharedUnder}>
        {shareUnder(
          data,
          by === 'scoops',
          words,
          enough === null ? undefined : { chance: enough, words: writeChance(enough) },
        )}
      </p>
      <CutBar
        material="meat"
        words={`The meat, cut: ${data.dishes.map((one) => `${said.mass(one.servings * one.meatG)} for ${one.name}`).join(', ')}, ${said.mass(data.left.shredG)} left`}
        parts={cut.map(({ dish, servings, of, meatG }) => ({
          id: dish,
          amount: servings * meatG,
          cuts: servings,
          missing: of - servings,
        }))}
        left={way?.leftG ?? data.left.shredG}
      />
      <ul className={clsx(css.dishes, isPale && css.isPale)} aria-busy={isPale}>
        {data.dishes.map((share) => (
          <DishColumn
            key={share.dish}
            share={share}
            wouldBe={way?.gives.find(({ dish }) => dish === share.dish)}
          />
        ))}
      </ul>
      <CutBar
        material="broth"
        words={`The liquid, cut: ${data.dishes.map((one) => `${said.volume(one.servings * one.liquidMl)} for ${one.name}`).join(', ')}, ${said.volume(data.left.liquidMl)} left`}
        parts={cut.map(({ dish, servings, of, liquidMl }) => ({
          id: dish,
          amount: servings * liquidMl,
          cuts: liquidMl > 0 ? servings : 0,
          missing: of - servings,
        }))}
        left={data.left.liquidMl}
      />
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
      <ForGuests />
      <WaysOut shares={data} shredG={shredG} onLook={look} />
      <div className="choices">
        <Choice
          legend="Portion"
          value={by}
          options={bys}
          onChoose={(value) =>
            editMeal(meal.id, 'how it is portioned', (m) => ({ ...m, share: { ...m.share, by: value } }))
          }
        />
        <Checkbox
          checked={meal.share?.evenOut === true}
          onTick={(on) =>
            editMeal(meal.id, 'whether all of it is shared', ({ share, ...m }) => {
              const { evenOut: _, ...kept } = share ?? {};
              return { ...m, share: on ? { ...kept, evenOut: true } : kept };
            })
          }
        >
          come out even, nothing left
        </Checkbox>
        <button type="button" className="link" aria-expanded={open === 'build'} onClick={() => fold('build')}>
          how they are built
        </button>
        <button
          type="button"
          className="link"
          aria-expanded={open === 'contains'}
          onClick={() => fold('contains')}
        >
          what they contain
        </button>
        <button
          type="button"
          className="link"
          aria-expanded={open === 'rounds'}
          onClick={() => fold('rounds')}
        >
          in rounds
        </button>
      </div>
      {open === 'rounds' && <Rounds shares={data} />}
      {open === 'contains' && (
        <Suspense fallback={<p className="quiet">One moment.</p>}>
          <AllergenSheet />
        </Suspense>
      )}
      {open === 'build' && (
        <Suspense fallback={<p className="quiet">One moment.</p>}>
          <BuildGuide shares={data} />
        </Suspense>
      )}
    </section>
  );
}
