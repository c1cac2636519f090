import type { ReactNode } from 'react';
import { wallTimeOf } from '@/core/clock/index.ts';
import { writeMass, writeMinutes } from '@/core/quantity/index.ts';
import type { Filled, LotNow } from '@/core/answers/index.ts';
import { capital, PLATE, counted } from '@/words/index.ts';
import { instantOf, planAt, triesFor } from '../../open/dayPlans.ts';
import { useAnswer } from '../../open/useAnswer.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { changeLot, editMeal, weigh } from '../../open/edits/index.ts';
import { Cautions } from '../../parts/Cautions.tsx';
import { useWall } from '../../open/useWall.ts';
import css from './clock.module.scss';

interface Props {
  readonly now: number;
  readonly zone: string;
  readonly onDone: () => void;
}

/** Service is now, and not all of it is tender: what can be served, when the rest follows, and the ways out. */
export function ServiceNow({ now, zone, onDone }: Props) {
  const { loaded, units } = useOpenMeal();
  const { meal } = loaded;
  const wall = useWall(zone);
  const at = instantOf(now);
  const { data, isPlaceholderData } = useAnswer('serviceNow', planAt(now, triesFor(loaded.batches.length)));
  if (!data) return <p className="quiet">Counting the plates.</p>;
  const { lots, total, now: served, reordered, choppedMore: chopping, restAt, tenderG } = data;
  const tender = writeMass(tenderG, units);
  const hard = lots.filter(({ tender }) => !tender);
  const rest = restAt === undefined ? undefined : wall.moment(restAt, now);
  const firstDish = reordered.dishes.find(({ id }, i) => id !== served.dishes[i]?.id);
  const before = served.dishes.find(({ id }, i) => id !== reordered.dishes[i]?.id);
  const hold = () => {
    editMeal(meal.id, 'the serving time', (m) => ({ ...m, serving: wallTimeOf(restAt ?? now, zone) }));
    onDone();
  };
  const chop = () => {
    // Its pots come off the heat: what is left of the day is chopping and plates.
    for (const of of new Set(hard.filter(({ raw }) => !raw).map(({ batch }) => batch)))
      weigh(meal.id, 'lifting it out to be chopped', {
        batch: of,
        measures: { what: 'done', task: `${of}|pot` },
        value: { text: 'done' },
        measure: 'time',
      });
    editMeal(meal.id, 'serving now, chopped', (m) => ({ ...m, serving: wallTimeOf(at, zone) }));
    onDone();
  };
  const swap = () => {
    const order = reordered.dishes.map(({ id }) => id);
    editMeal(meal.id, 'the order of the dishes', (m) => ({
      ...m,
      dishes: m.dishes.toSorted((a, b) => order.indexOf(a.id) - order.indexOf(b.id)),
    }));
  };
  return (
    <section className={css.service} aria-label="Serve now" data-old={isPlaceholderData || undefined}>
      <h1>
        {served.plates} of {counted(total, PLATE)} now
      </h1>
      <p>
        {hard.length === 0
          ? 'All of it is tender, or likely to be.'
          : `Tender: ${namesOf(lots.filter(({ tender }) => tender)) || 'nothing yet'}. Not yet: ${hard.map((lot) => stillWords(lot)).join('; ')}.`}
      </p>
      <Plates filled={served} />
      <ul className={css.waysOut}>
        {rest !== undefined && hard.length > 0 && (
          <WayOut act={`Serve at ${rest}`} onTake={hold}>
            <b>Hold</b> and serve all of it at {rest}.
          </WayOut>
        )}
        {chopping > 0 && (
          <WayOut act="Chop, serve now" onTake={chop}>
            <b>Chop</b> what will not pull: {counted(chopping, PLATE)} more now, firmer in the bite.
          </WayOut>
        )}
        {reordered.plates > served.plates && firstDish && before && (
          <WayOut act={`${capital(firstDish.name)} first`} onTake={swap}>
            <b>Swap dishes</b>: {firstDish.name} before {before.name}, {counted(reordered.plates, PLATE)} now
            {rest !== undefined && `, the others from ${rest}`}.
          </WayOut>
        )}
        {hard
          .filter(({ moreMin, smallerMin, raw }) => !raw && moreMin - smallerMin >= 10)
          .map((lot) => (
            <CutSmaller key={lot.lot} lot={lot} />
          ))}
      </ul>
      <p className="quiet">
        Shred of what is tender:{' '}
        <b className="num">
          {tender.value} {tender.unit}
        </b>
        .
      </p>
      <Cautions at={{ task: 'hold' }} />
    </section>
  );
}

interface WayOutProps {
  readonly act: string;
  readonly onTake: () => void;
  readonly children: ReactNode;
}

/** A way out and the press that takes it. */
function WayOut({ act, onTake, children }: WayOutProps) {
  return (
    <li>
      <span>{children}</span>
      <button type="button" className="btn act" onClick={onTake}>
        {act}
      </button>
    </li>
  );
}

/** Smaller pieces, back in the pot. */
function CutSmaller({ lot: { batch, lot, name, moreMin, smallerMin } }: { readonly lot: LotNow }) {
  return (
    <WayOut
      act="It is cut"
      onTake={() => {
        changeLot(batch, lot, 'cutting a lot smaller', (one) => ({
          ...one,
          pieces: { ...one.pieces, size: 'cubes' },
        }));
      }}
    >
      <b>Cut the {name.split(',')[0]?.toLowerCase()} smaller</b> and put it back:{' '}
      {writeMinutes(smallerMin).value} more in place of {writeMinutes(moreMin).value}.
    </WayOut>
  );
}

const namesOf = (lots: readonly LotNow[]) =>
  lots.map(({ name }) => name.split(',')[0]?.toLowerCase()).join(', ');

function stillWords({ name, moreMin, begun }: LotNow): string {
  const word = name.split(',')[0]?.toLowerCase() ?? name;
  if (!begun) return `${word}, not begun`;
  return moreMin < 5 ? `${word}, any moment` : `${word}, about ${writeMinutes(moreMin).value} more`;
}

function Plates({ filled }: { readonly filled: Filled }) {
  return (
    <ul className={css.platesNow}>
      {filled.dishes.map(({ id, name, count, filled: n }) => (
        <li key={id}>
          <b className="num">{n}</b> of {count} {name}
        </li>
      ))}
    </ul>
  );
}
