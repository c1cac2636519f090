import clsx from 'clsx';
import { Lock, LockOpen } from 'lucide-react';
import { withLocked, withLockedMl } from '@/core/plates/index.ts';
import type { Shares } from '@/core/answers/index.ts';
import type { Dish } from '@/core/meal/index.ts';
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
  const { loaded, opened } = useOpenMeal();
  const dish = loaded.meal.dishes.find(({ id }) => id === share.dish);
  const ticket = opened.plan.tickets.find(({ id }) => id === share.dish);
  if (!dish || !ticket) return null;
  const { servings, of } = wouldBe ?? share;
  return (
    <li>
      {share.meatG > 0 ? (
        <MeatPortion dish={dish} share={share} wouldBe={wouldBe} />
      ) : (
        <OfLiquidAlone dish={dish} share={share} most={ticket.liquid.max} />
      )}
      <h2>
        {servings < of ? `${String(servings)} of ${String(of)}` : of} {share.name}
      </h2>
      <LiquidPortion dish={dish} share={share} most={ticket.liquid.max} />
      <ServedRow dish={dish} share={share} />
    </li>
  );
}

interface PortionProps extends Props {
  readonly dish: Dish;
}

/** Its meat: the figure, the plate in section that is pulled, and the lock. */
function MeatPortion({ dish, share, wouldBe }: PortionProps) {
  const { loaded, units } = useOpenMeal();
  const said = useSaid();
  const { name, meatG, ladledMl, heldMl, smallestG, largestG, scoop } = share;
  const shownG = wouldBe?.meatG ?? meatG;
  const meat = writeMass(shownG, units);
  const held = dish.locked?.meat !== undefined;
  const hold = (grams: number | undefined) =>
    editDish(
      loaded.meal.id,
      dish.id,
      grams === undefined ? 'letting go of a portion' : 'holding a portion',
      (d) => withLocked(d, grams),
      `${dish.id} held`,
    );
  const ofLargest = (grams: number) => (largestG > 0 ? grams / largestG : 0);
  return (
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
  );
}

interface LiquidProps extends Omit<PortionProps, 'wouldBe'> {
  /** The largest portion, ml. */
  readonly most: number;
}

/** A dish without meat: its cup or bowl. */
function OfLiquidAlone({ dish, share: { name, liquidMl }, most }: LiquidProps) {
  const said = useSaid();
  if (liquidMl <= 0) return null;
  return (
    <DishSection
      kind={dish.kind}
      meat={0}
      ladled={most > 0 ? liquidMl / most : 1}
      smallest={0}
      words={`${name}: ${said.volume(liquidMl)}`}
    />
  );
}

/** Its liquid: what is ladled is pulled; what the meat holds is told. */
function LiquidPortion({ dish, share, most }: LiquidProps) {
  const { loaded, units } = useOpenMeal();
  const said = useSaid();
  const { name, ladledMl, liquidMl, heldMl, ladle } = share;
  const liquid = writeVolume(liquidMl, units);
  const wetHeld = dish.locked?.liquid !== undefined;
  const hold = (ml: number | undefined) =>
    editDish(
      loaded.meal.id,
      dish.id,
      ml === undefined ? 'letting go of a portion' : 'holding a portion',
      (d) => withLockedMl(d, ml),
      `${dish.id} held ml`,
    );
  const figure = (small: string) => (
    <p className={css.portion}>
      <b className="num">{liquid.value}</b> {liquid.unit}
      <small>{small}</small>
    </p>
  );
  if (ladledMl < DROP) return heldMl >= DROP ? figure('in the meat') : null;
  const inMeat = heldMl >= DROP ? `${said.volume(heldMl)} of it in the meat` : 'ladled';
  return (
    <Pull
      label={`Liquid of ${name}`}
      value={ladledMl}
      says={said.volume(ladledMl)}
      most={most}
      step={ladle?.amount ?? STEP.ml}
      fine={1}
      onPull={hold}
      onHold={() => hold(wetHeld ? undefined : ladledMl)}
    >
      {figure(wetHeld ? 'you hold it there' : ladle ? levelOf(ladle) : inMeat)}
    </Pull>
  );
}

const levelOf = ({ times, name }: { readonly times: number; readonly name: string }) =>
  `${times === 1 ? 'one level' : `${String(times)} level`} ${name}`;
