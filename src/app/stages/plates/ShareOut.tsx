import clsx from 'clsx';
import { useState } from 'react';
import { writeChance } from '@/core/quantity/index.ts';
import type { Shares } from '@/core/answers/index.ts';
import { shareTitle, shareUnder } from '@/words/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { useShares } from '../../open/useShares.ts';
import { useSaid } from '../../open/useSaid.ts';
import { CutBar } from '../../figures/CutBar.tsx';
import { FieldError } from '../../parts/FieldError.tsx';
import { Besides } from './Besides.tsx';
import { DishColumn } from './DishColumn.tsx';
import { Draft } from './Draft.tsx';
import { ForGuests } from './ForGuests.tsx';
import { HowShared } from './HowShared.tsx';
import { WaysOut } from './WaysOut.tsx';
import css from './plates.module.scss';

/** What each plate gets of what is really there: meat above, liquid below, the plates between them. */
export function ShareOut() {
  const { loaded } = useOpenMeal();
  const { reckoning } = useFigures();
  const said = useSaid();
  const { data, error, isPale } = useShares();
  const [way, look] = useState<Shares['ways'][number]>();
  const { meal } = loaded;
  const by = meal.share?.by ?? 'weight';
  if (error) return <FieldError>It could not be shared out ({error.message}). Reload the page.</FieldError>;
  if (!data) return <Draft />;
  const { shredG, enough } = reckoning.meal;
  const words = { ...said, rough: (grams: number) => said.rough(grams, shredG) };
  const short = data.short.servings > 0;
  const cut = way?.gives ?? data.dishes;
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
      <Besides shares={data} />
      <ForGuests />
      <WaysOut shares={data} shredG={shredG} onLook={look} />
      <HowShared shares={data} />
    </section>
  );
}
