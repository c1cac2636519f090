import { lazy, Suspense, useState } from 'react';
import { Lock, LockOpen } from 'lucide-react';
import type { Shares } from '@/core/questions/index.ts';
import type { Dish } from '@/core/batch/index.ts';
import { writeMass, writeVolume } from '@/core/quantity/index.ts';
import { shareTitle, shareUnder } from '@/words/index.ts';
import { useAnswer } from '../data/useAnswer.ts';
import { useOpenMeal } from '../data/MealContext.ts';
import { editDish, editMeal } from '../data/edits.ts';
import { CutBar } from '../figures/CutBar.tsx';
import { DishSection } from '../figures/DishSection.tsx';
import { Choice } from '../parts/fields/Choice.tsx';
import { Checkbox } from '../parts/fields/Checkbox.tsx';
import { FieldError } from '../parts/FieldError.tsx';
import { Rounds } from './Rounds.tsx';
import { ServedRow } from './ServedRow.tsx';
import { useSaid } from './useSaid.ts';
import { WaysOut } from './WaysOut.tsx';
import css from './plates.module.scss';

const BuildGuide = lazy(() => import('./BuildGuide.tsx'));

const bys = [
  { value: 'weight', words: 'by weight' },
  { value: 'scoops', words: 'by level scoops' },
] as const;

/** What each plate gets of what is really there: meat above, liquid below, the plates between them. */
export function ShareOut() {
  const { loaded, reckoning } = useOpenMeal();
  const said = useSaid();
  const { data, error } = useAnswer('shares', undefined);
  const [rounds, setRounds] = useState(false);
  const [guide, setGuide] = useState(false);
  const { meal } = loaded;
  const by = meal.share?.by ?? 'weight';
  if (error) return <FieldError>It could not be shared out ({error.message}). Reload the page.</FieldError>;
  if (!data) return <p className="quiet">Sharing it out.</p>;
  const total = data.dishes.reduce((sum, { of }) => sum + of, 0);
  const short = data.short.servings > 0;
  return (
    <section aria-labelledby="share-title">
      <div className="line">
        <h1 id="share-title" className={short ? css.isShort : undefined}>
          {shareTitle(data, { ...said, rough: (grams) => said.rough(grams, reckoning.meal.shredG) })}
        </h1>
        <dl className={css.there}>
          <div>
            <dt>meat</dt>
            <dd className="num">{said.mass(data.sources.reduce((sum, { shredG }) => sum + shredG, 0))}</dd>
          </div>
          <div>
            <dt>liquid</dt>
            <dd className="num">
              {said.volume(data.sources.reduce((sum, { liquidMl }) => sum + liquidMl, 0))}
            </dd>
          </div>
        </dl>
      </div>
      <p className={css.sharedUnder}>{shareUnder(data, by === 'scoops')}</p>
      <CutBar
        material="meat"
        words={`The meat, cut: ${data.dishes.map((one) => `${said.mass(one.servings * one.meatG)} for ${one.name}`).join(', ')}, ${said.mass(data.left.shredG)} left`}
        parts={data.dishes.map(({ dish, servings, of, meatG }) => ({
          id: dish,
          amount: servings * meatG,
          cuts: servings,
          missing: of - servings,
        }))}
        left={data.left.shredG}
      />
      <ul className={css.dishes}>
        {data.dishes.map((share) => (
          <DishColumn key={share.dish} share={share} />
        ))}
      </ul>
      <CutBar
        material="broth"
        words={`The liquid, cut: ${data.dishes.map((one) => `${said.volume(one.servings * one.liquidMl)} for ${one.name}`).join(', ')}, ${said.volume(data.left.liquidMl)} left`}
        parts={data.dishes.map(({ dish, servings, of, liquidMl }) => ({
          id: dish,
          amount: servings * liquidMl,
          cuts: liquidMl > 0 ? servings : 0,
          missing: of - servings,
        }))}
        left={data.left.liquidMl}
      />
      {data.left.liquidMl > 1 && (
        <p className={css.rest}>
          {said.volume(data.left.liquidMl)} to the shelf
          {data.rest.map(
            ({ what, count }) =>
              ` · enough for ${String(count)} more ${what === 'soup' ? 'bowls of soup' : 'tacos'}`,
          )}
        </p>
      )}
      {data.setApart.map(({ batch, ml }) => (
        <p key={batch} className={css.rest}>
          {loaded.batches.find(({ id }) => id === batch)?.name}: set {said.volume(ml)} apart before the meat
          goes back in, and a ladle gives what the dishes need.
        </p>
      ))}
      <WaysOut shares={data} total={total} />
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
        <button type="button" className="link" aria-expanded={guide} onClick={() => setGuide(!guide)}>
          how they are built
        </button>
        <button type="button" className="link" aria-expanded={rounds} onClick={() => setRounds(!rounds)}>
          in rounds
        </button>
      </div>
      {rounds && <Rounds shares={data} />}
      {guide && (
        <Suspense fallback={<p className="quiet">One moment.</p>}>
          <BuildGuide shares={data} />
        </Suspense>
      )}
    </section>
  );
}

type DishShare = Shares['dishes'][number];

/** One dish: its portions in figures, its plate in section, and how many have gone out. */
function DishColumn({ share }: { readonly share: DishShare }) {
  const { loaded, opened, units } = useOpenMeal();
  const said = useSaid();
  const dish = loaded.meal.dishes.find(({ id }) => id === share.dish);
  const ticket = opened.plan.tickets.find(({ id }) => id === share.dish);
  if (!dish || !ticket) return null;
  const meat = writeMass(share.meatG, units);
  const ladled = share.liquidMl - share.heldMl;
  const liquid = writeVolume(share.liquidMl, units);
  const locked = dish.locked?.meat !== undefined;
  const largest =
    Number.isFinite(ticket.meat.max) && ticket.meat.max < 1e5 ? ticket.meat.max : ticket.meat.want * 1.3;
  return (
    <li>
      {share.meatG > 0 && (
        <p className={css.portion}>
          <b className="num">{meat.value}</b> {meat.unit}
          <small>
            {locked
              ? 'you hold it there'
              : share.scoop
                ? `${share.scoop.times === 1 ? 'one level' : `${String(share.scoop.times)} level`} ${share.scoop.name}`
                : 'each'}
          </small>
        </p>
      )}
      <Grip dish={dish} share={share} step={share.scoop?.amount} largest={largest}>
        <DishSection
          kind={dish.kind}
          meat={largest > 0 ? share.meatG / largest : 0}
          liquid={ticket.liquid.max > 0 && ladled > 0 ? ladled / ticket.liquid.max : 0}
          smallest={largest > 0 ? ticket.meat.min / largest : 0}
          words={`${share.name}: ${said.mass(share.meatG)}, between ${said.mass(ticket.meat.min)} and ${said.mass(largest)}`}
        />
      </Grip>
      <h2>
        {share.servings < share.of ? `${String(share.servings)} of ${String(share.of)}` : share.of}{' '}
        {share.name}
      </h2>
      {share.liquidMl > 0.5 && (
        <p className={css.portion}>
          <b className="num">{liquid.value}</b> {liquid.unit}
          <small>
            {ladled < 1
              ? 'in the meat'
              : share.ladle
                ? `${share.ladle.times === 1 ? 'one' : String(share.ladle.times)} ${share.ladle.name}`
                : share.heldMl > 0.5
                  ? `${said.volume(share.heldMl)} of it in the meat`
                  : 'ladled'}
          </small>
        </p>
      )}
      <button
        type="button"
        className="btn btn-sm"
        aria-pressed={locked}
        aria-label={locked ? `${share.name}: let go of the portion` : `${share.name}: hold the portion`}
        onClick={() => lock(loaded.meal.id, dish, locked ? undefined : share.meatG)}
      >
        {locked ? <Lock size={18} aria-hidden /> : <LockOpen size={18} aria-hidden />}
      </button>
      <ServedRow dish={dish} share={share} />
    </li>
  );
}

/** Holds a portion where it is, or lets go of it. */
export function lock(mealId: string, dish: Dish, grams: number | undefined): void {
  editDish(
    mealId,
    dish.id,
    grams === undefined ? 'letting go of a portion' : 'holding a portion',
    ({ locked: _, ...d }) => {
      if (grams === undefined) return d;
      const g = Math.round(10 * grams) / 10;
      return { ...d, locked: { ...dish.locked, meat: { text: `${String(g)} g`, lo: g, hi: g } } };
    },
    `${dish.id} locked`,
  );
}

interface GripProps {
  readonly dish: Dish;
  readonly share: DishShare;
  /** g of the scoop, where it snaps to scoops. */
  readonly step: number | undefined;
  readonly largest: number;
  readonly children: React.ReactNode;
}

const GRAM_STEP = 5;

/** The portion as something to pull: up and down by five grams or by scoops, with Shift by one; dragged along its height. */
function Grip({ dish, share, step = GRAM_STEP, largest, children }: GripProps) {
  const { loaded } = useOpenMeal();
  const said = useSaid();
  const [from, setFrom] = useState<{ readonly y: number; readonly grams: number }>();
  if (share.meatG <= 0) return <div className={css.grip}>{children}</div>;
  const set = (grams: number) => lock(loaded.meal.id, dish, Math.max(1, grams));
  return (
    <div
      className={css.grip}
      role="slider"
      tabIndex={0}
      aria-label={`Portion of ${share.name}`}
      aria-valuenow={Math.round(share.meatG)}
      aria-valuemin={0}
      aria-valuemax={Math.round(largest)}
      aria-valuetext={said.mass(share.meatG)}
      onKeyDown={(event) => {
        const by = event.shiftKey ? 1 : step;
        if (event.key === 'ArrowUp') set(Math.round(share.meatG) + by);
        else if (event.key === 'ArrowDown') set(Math.round(share.meatG) - by);
        else if (event.key === 'l') lock(loaded.meal.id, dish, dish.locked?.meat ? undefined : share.meatG);
        else return;
        event.preventDefault();
      }}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        setFrom({ y: event.clientY, grams: share.meatG });
      }}
      onPointerMove={(event) => {
        if (!from) return;
        const moved = (from.y - event.clientY) / Math.max(1, event.currentTarget.clientHeight);
        if (Math.abs(moved) < 0.02) return;
        set(Math.round((from.grams + moved * 1.6 * largest) / GRAM_STEP) * GRAM_STEP);
      }}
      onPointerUp={() => setFrom(undefined)}
      onPointerCancel={() => setFrom(undefined)}
    >
      {children}
    </div>
  );
}
