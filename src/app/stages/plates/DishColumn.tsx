import clsx from 'clsx';
import { Lock, LockOpen } from 'lucide-react';
import { withLocked, withLockedMl } from '@/core/plates/index.ts';
import type { Shares } from '@/core/answers/index.ts';
import { writeMass, writeVolume } from '@/core/quantity/index.ts';
import { editDish } from '../../open/edits/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { useSaid } from '../../open/useSaid.ts';
import { DishSection } from '../../figures/DishSection.tsx';
import { Pull } from './Pull.tsx';
import { ServedRow } from './ServedRow.tsx';
import css from './plates.module.scss';

/** Steps by key: g of meat where there is no scoop, ml of liquid where there is no ladle. */
const STEP = { grams: 5, ml: 10 } as const;
/** Less than this is not ladled, ml. */
const DROP = 1;

interface Props {
  readonly share: Shares['dishes'][number];
  /** What a way out that is looked at would make of it. */
  readonly wouldBe: Shares['ways'][number]['gives'][number] | undefined;
}

/** One dish: its portions in figures and in section, pulled and held, and how many have gone out. */
export function DishColumn({ share, wouldBe }: Props) {
  const { loaded, opened, units } = useOpenMeal();
  const said = useSaid();
  const dish = loaded.meal.dishes.find(({ id }) => id === share.dish);
  const ticket = opened.plan.tickets.find(({ id }) => id === share.dish);
  if (!dish || !ticket) return null;
  const { name, meatG, ladledMl, liquidMl, heldMl, smallestG, largestG, scoop, ladle } = share;
  const shownG = wouldBe?.meatG ?? meatG;
  const shownOf = wouldBe ?? share;
  const meat = writeMass(shownG, units);
  const liquid = writeVolume(liquidMl, units);
  const hold = (grams: number | undefined) =>
    editDish(
      loaded.meal.id,
      dish.id,
      grams === undefined ? 'letting go of a portion' : 'holding a portion',
      (d) => withLocked(d, grams),
      `${dish.id} held`,
    );
  const holdMl = (ml: number | undefined) =>
    editDish(
      loaded.meal.id,
      dish.id,
      ml === undefined ? 'letting go of a portion' : 'holding a portion',
      (d) => withLockedMl(d, ml),
      `${dish.id} held ml`,
    );
  const held = dish.locked?.meat !== undefined;
  const wetHeld = dish.locked?.liquid !== undefined;
  const ofLargest = (grams: number) => (largestG > 0 ? grams / largestG : 0);
  return (
    <li>
      {meatG <= 0 && liquidMl > 0 && (
        <DishSection
          kind={dish.kind}
          meat={0}
          ladled={ticket.liquid.max > 0 ? liquidMl / ticket.liquid.max : 1}
          smallest={0}
          words={`${name}: ${said.volume(liquidMl)}`}
        />
      )}
      {meatG > 0 && (
        <>
          <p className={clsx(css.portion, wouldBe && css.wouldBe)}>
            <b className="num">{meat.value}</b> {meat.unit}
            <small>
              {wouldBe ? 'it would be' : held ? 'you hold it there' : scoop ? levelOf(scoop) : 'each'}
            </small>
          </p>
          <Pull
            label={`Portion: ${name}`}
            value={meatG}
            says={said.mass(meatG)}
            most={largestG}
            step={scoop?.amount ?? STEP.grams}
            fine={1}
            onPull={hold}
            onHold={() => hold(held ? undefined : meatG)}
          >
            <DishSection
              kind={dish.kind}
              meat={ofLargest(shownG)}
              held={ofLargest(heldMl)}
              ladled={ofLargest(ladledMl)}
              smallest={ofLargest(smallestG)}
              words={`${name}: ${said.mass(meatG)}, between ${said.mass(smallestG)} and ${said.mass(largestG)}`}
            />
          </Pull>
          <button
            type="button"
            className="btn btn-sm"
            aria-pressed={held}
            aria-label={held ? `${name}: let go of the portion` : `${name}: hold the portion`}
            onClick={() => hold(held ? undefined : meatG)}
          >
            {held ? <Lock size={18} aria-hidden /> : <LockOpen size={18} aria-hidden />}
          </button>
        </>
      )}
      <h2>
        {shownOf.servings < shownOf.of ? `${String(shownOf.servings)} of ${String(shownOf.of)}` : shownOf.of}{' '}
        {name}
      </h2>
      {ladledMl >= DROP ? (
        <Pull
          label={`Liquid of ${name}`}
          value={ladledMl}
          says={said.volume(ladledMl)}
          most={ticket.liquid.max}
          step={ladle?.amount ?? STEP.ml}
          fine={1}
          onPull={holdMl}
          onHold={() => holdMl(wetHeld ? undefined : ladledMl)}
        >
          <p className={css.portion}>
            <b className="num">{liquid.value}</b> {liquid.unit}
            <small>
              {wetHeld
                ? 'you hold it there'
                : ladle
                  ? levelOf(ladle)
                  : heldMl >= DROP
                    ? `${said.volume(heldMl)} of it in the meat`
                    : 'ladled'}
            </small>
          </p>
        </Pull>
      ) : (
        heldMl >= DROP && (
          <p className={css.portion}>
            <b className="num">{liquid.value}</b> {liquid.unit}
            <small>in the meat</small>
          </p>
        )
      )}
      <ServedRow dish={dish} share={share} />
    </li>
  );
}

const levelOf = ({ times, name }: { readonly times: number; readonly name: string }) =>
  `${times === 1 ? 'one level' : `${String(times)} level`} ${name}`;
