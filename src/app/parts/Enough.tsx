import { lazy, Suspense, useState } from 'react';
import { Link } from 'react-router';
import { type Quantity, typedMass, writeChance, writeVolume } from '@/core/quantity/index.ts';
import { FULL_DRAWS } from '@/core/model/index.ts';
import type { Advice } from '@/core/reckoning/index.ts';
import { useFigures, useOpenMeal } from '../open/MealContext.ts';
import { useAnswer } from '../open/useAnswer.ts';
import { editDish, editLot } from '../open/edits/index.ts';
import { useSaid } from '../open/useSaid.ts';
import { PlatesRow } from '../figures/PlatesRow.tsx';
import { USUAL_CURRENCY } from '@/core/shop/index.ts';
import { countOf, dishName } from '@/core/order/index.ts';
import { shortName, sureOf } from '@/words/index.ts';
import css from './enough.module.scss';

const Margins = lazy(() => import('./Margins.tsx'));
/** Less shred than this is not worth naming, g. */
const CRUMBS = 20;

/** Whether it will be enough: as a chance, in plates, and what would help when it is short. */
export function Enough() {
  const { loaded } = useOpenMeal();
  const { reckoning } = useFigures();
  const { rough } = useSaid();
  const [open, setOpen] = useState(false);
  const { meal } = reckoning;
  const { plates, enough } = meal;
  if (!plates || enough === null) return null;
  // Of what is out nobody asks whether it will be enough.
  if (plates.out >= plates.total) return null;
  const { total, surely, likely } = plates;
  const kinds = loaded.meal.dishes.map((dish) => {
    const of = plates.dishes.find((one) => one.dish === dish.id);
    return { kind: dish.kind, count: countOf(dish), surely: of?.surely ?? 0, likely: of?.likely ?? 0 };
  });
  const short = plates.dishes.flatMap(({ dish, surely: sure, short: part }) => {
    const of = loaded.meal.dishes.find(({ id }) => id === dish);
    return of && part !== null
      ? [`${dishName(of)}: sure of ${sure} of ${countOf(of)}, ${part} runs short`]
      : [];
  });
  // What is over is so of all plates: where some are likely to go without, a rest below a portion is none. It is the figure of the share-out.
  const over = likely === total ? meal.leftG.mid : 0;
  const last = loaded.meal.dishes.findLast((dish) => countOf(dish) > 0);
  return (
    <section className={css.enough} aria-labelledby="enough-title">
      <div className="line">
        <h2 id="enough-title">{sureOf(surely, likely, total)}</h2>
        <p className={css.chance}>
          <span className="quiet">enough</span>{' '}
          <button
            type="button"
            className="link"
            aria-expanded={open}
            onClick={() => {
              setOpen(!open);
            }}
          >
            <b className="num">{writeChance(enough)}</b>
          </button>
        </p>
      </div>
      <PlatesRow
        dishes={kinds}
        surely={surely}
        likely={likely}
        left={over > CRUMBS ? rough(over, meal.shredG) : undefined}
        {...(last &&
          !last.guests && {
            last: {
              name: dishName(last),
              count: countOf(last),
              onCount: (count: number) => {
                editDish(
                  loaded.meal.id,
                  last.id,
                  'the number of plates',
                  (dish) => ({ ...dish, count: { text: String(count), lo: count, hi: count } }),
                  `${last.id} count`,
                );
              },
            },
          })}
      />
      {open && (
        <Suspense fallback={<p className="quiet">One moment.</p>}>
          <Margins />
        </Suspense>
      )}
      {short.length > 0 && meal.tickets.length > 1 && <p className="quiet">{short.join('; ')}.</p>}
      <Short />
      {reckoning.draws > 0 && reckoning.draws < FULL_DRAWS && (
        <p className="quiet">
          So many lots: the ranges are from {reckoning.draws} runs instead of {FULL_DRAWS}.
        </p>
      )}
    </section>
  );
}

/** Until it was tried nothing is advised. */
const NO_ADVICE = { more: null, moreMl: null, lacksMeat: false };

/** One line when it is short: how much more would do, once that was tried. */
function Short() {
  const { meal } = useFigures().reckoning;
  const isShort = meal.more !== null || meal.moreMl !== null;
  const { data, isPlaceholderData } = useAnswer('advice', undefined, { enabled: isShort });
  const { more, moreMl, lacksMeat } = data ?? NO_ADVICE;
  if (!isShort || (!more && moreMl === null)) return null;
  return (
    <p className={css.short} data-old={isPlaceholderData || undefined}>
      {more && <MoreMeat more={more} />}
      {moreMl !== null && <MoreLiquid ml={moreMl} beside={more !== null} lacksMeat={lacksMeat} />}
    </p>
  );
}

/** So much more of one lot, what that gives and costs, and its button. */
function MoreMeat({ more }: { readonly more: NonNullable<Advice['more']> }) {
  const { loaded, units } = useOpenMeal();
  const { reckoning } = useFigures();
  const batch = loaded.batches.find(({ id }) => id === more.batch);
  const lot = batch?.lots.find(({ id }) => id === more.lot);
  const known = reckoning.batches.flatMap(({ lots }) => lots).find(({ lot: id }) => id === more.lot);
  if (!lot || !known) return null;
  const { text } = typedMass(more.grams, units);
  return (
    <>
      <b>{text} more</b> {shortName(known.name).toLowerCase()}
      {more.enough !== undefined && `: enough ${writeChance(more.enough)}.`}{' '}
      {more.doubles && `${doublesWords(more.doubles.cost, loaded.kitchen.currency)} `}
      {isExact(lot.weight) && (
        <button
          type="button"
          className="link"
          onClick={() => {
            const weight = typedMass((lot.weight.lo ?? 0) + more.grams, units);
            editLot(more.batch, lot.id, `adding ${text}`, { weight });
          }}
        >
          Add it
        </button>
      )}{' '}
    </>
  );
}

/** More is added only to what was written as one weight. */
const isExact = ({ lo, hi, count }: Quantity): boolean =>
  lo !== undefined && lo === hi && count === undefined;

/** Nobody doubles a lot without knowing what it costs. */
function doublesWords(cost: number | null, currency = USUAL_CURRENCY): string {
  if (cost === null) return 'That is more than there is of it now: look what it costs.';
  const money = new Intl.NumberFormat('en', { style: 'currency', currency, maximumFractionDigits: 0 });
  return `That is more than there is of it now, about ${money.format(cost)}.`;
}

/** So much liquid more, and what that does: alone, with the meat, or for as many as the meat does. */
function MoreLiquid({
  ml,
  beside,
  lacksMeat,
}: {
  readonly ml: number;
  readonly beside: boolean;
  readonly lacksMeat: boolean;
}) {
  const { units } = useOpenMeal();
  const { shortFirst } = useFigures().reckoning.meal;
  const { value, unit } = writeVolume(ml, units);
  const alone = lacksMeat ? ' for as many as the meat does' : ': enough 95 in 100';
  return (
    <>
      {beside && 'and '}
      <b>{`${value} ${unit} more liquid`}</b>
      {beside ? ': both are needed' : alone}
      {shortFirst === 'liquid' ? '; it runs short before the meat' : ''}.{' '}
      <Link to="../pot" relative="path">
        Pour more
      </Link>
    </>
  );
}
