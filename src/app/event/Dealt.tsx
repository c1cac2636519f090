import { Minus, Plus } from 'lucide-react';
import { useState } from 'react';
import type { Deal } from '@/core/answers/index.ts';
import type { LockedPot, SplitPot, SplitWish } from '@/core/event/index.ts';
import { dayBefore, dealtDayWords, dealtInto, dealtWords, splitWayWords } from '@/words/index.ts';
import { clockNow } from '../browser/clock.ts';
import { takeDeal } from '../open/edits/index.ts';
import { useOpenMeal } from '../open/MealContext.ts';
import { useAnswer } from '../open/useAnswer.ts';
import { useWall } from '../open/useWall.ts';
import { firstPlan } from '../open/dayPlans.ts';
import { Checkbox } from '../parts/fields/Checkbox.tsx';
import { DealtSlab } from './DealtSlab.tsx';
import { useWrites } from './Headline.tsx';
import css from './event.module.scss';

interface Props {
  readonly batches: readonly string[];
  readonly wish: SplitWish;
  readonly days: number;
  /** "17:30", or "" where nobody asked for an hour. */
  readonly home: string;
  readonly onDays: (days: number) => void;
  readonly onTaken: () => void;
}

/** Told as from another day: with its name, ms. */
const TWO_DAYS = 48 * 3_600_000;
/** A knife is moved by so much, g. */
const KNIFE = 500;

type At = Pick<LockedPot, 'batch' | 'vessel' | 'day'>;

const isAt =
  ({ batch, vessel, day }: At) =>
  (one: LockedPot) =>
    one.batch === batch && one.vessel === vessel && one.day === day;

/** The meat as it is dealt: a knife is moved half a kilogram at a time, what is kept stands, and the rest follows. */
export function Dealt({ batches, wish, days, home, onDays, onTaken }: Props) {
  const { loaded } = useOpenMeal();
  const writes = useWrites();
  const [locked, lock] = useState<readonly LockedPot[]>([]);
  // What is looked at stands still: the clock that goes on deals nothing anew.
  const [{ tries: _, ...at }] = useState(() => firstPlan(clockNow()));
  const { data, error, isPlaceholderData, isPending } = useAnswer('deal', {
    batches,
    wish,
    days,
    locked,
    ...at,
    ...(home !== '' && { home }),
  });
  if (error) return <p className="wrong">It could not be dealt ({error.message}).</p>;
  if (isPending) return <p role="status">Dealing.</p>;
  if (!data)
    return (
      <p role="status">
        It cannot be dealt so: what is kept is more than there is, or more than the ovens and the cold take.{' '}
        <button type="button" className="btn act" onClick={() => lock([])}>
          Let all go
        </button>
      </p>
    );
  const keep = (pot: At, g: number | undefined) =>
    lock((before) => [
      ...before.filter((one) => !isAt(pot)(one)),
      ...(g === undefined ? [] : [{ batch: pot.batch, vessel: pot.vessel, day: pot.day, g }]),
    ]);
  const take = () => {
    takeDeal(loaded.meal.id, data);
    onTaken();
  };
  return (
    <div data-old={isPlaceholderData || undefined}>
      <p role="status">
        {dealtWords(data, writes)} <TheDay deal={data} />
      </p>
      <DealtSlab split={data} />
      <ul className={css.ways} aria-label="Pots of the deal">
        {data.pots.map((pot) => (
          <PotRow
            key={`${pot.batch} ${pot.vessel} ${String(pot.day)}`}
            pot={pot}
            of={batches.length > 1 ? loaded.batches.find(({ id }) => id === pot.batch)?.name : undefined}
            isKept={locked.some(isAt(pot))}
            onKeep={(g) => keep(pot, g)}
          />
        ))}
      </ul>
      {data.ways.length > 0 && (
        <ul aria-label="What would take it in">
          {data.ways.map(({ way, outsideG }) => (
            <li key={way}>
              {splitWayWords(way, outsideG, writes)}{' '}
              {way === 'another day' && (
                <button type="button" className="link" onClick={() => onDays(days + 1)}>
                  deal it so
                </button>
              )}
            </li>
          ))}
        </ul>
      )}
      <Foot deal={data} isLocked={locked.length > 0} onTake={take} onFree={() => lock([])} />
    </div>
  );
}

/** What the day's plan makes of it. */
function TheDay({ deal: { day, home } }: { readonly deal: Deal }) {
  const wall = useWall();
  const { late, begins, unplaced, inTime } = day;
  const told = (at: number) => wall.moment(at, at + TWO_DAYS);
  const isGood = late === undefined && unplaced === 0 && inTime;
  return (
    <span className={isGood ? 'quiet' : 'wrong'}>
      {dealtDayWords(day, {
        begins: told(begins),
        late: late === undefined ? undefined : told(late),
        ...(home !== undefined && { home }),
      })}
    </span>
  );
}

interface RowProps {
  readonly pot: SplitPot;
  /** The pot whose meat it is, where several are dealt. */
  readonly of: string | undefined;
  readonly isKept: boolean;
  readonly onKeep: (g: number | undefined) => void;
}

function PotRow({ pot: { name, day, g, mostG }, of, isKept, onKeep }: RowProps) {
  const writes = useWrites();
  const where = `${of === undefined ? '' : `of ${of} `}in the ${name}, ${dayBefore(day)}`;
  return (
    <li className={css.dealt}>
      <button
        type="button"
        className="btn act"
        aria-label={`Half a kilogram less ${where}`}
        onClick={() => onKeep(Math.max(KNIFE, g - KNIFE))}
      >
        <Minus size={16} aria-hidden />
      </button>
      <b className="num">{writes.mass(g)}</b>
      <button
        type="button"
        className="btn act"
        aria-label={`Half a kilogram more ${where}`}
        onClick={() => onKeep(Math.min(mostG, g + KNIFE))}
      >
        <Plus size={16} aria-hidden />
      </button>
      <span>
        {where} <span className="quiet">of {writes.mass(mostG)} that it takes</span>
      </span>
      <Checkbox checked={isKept} onTick={(on) => onKeep(on ? g : undefined)}>
        keep it so
      </Checkbox>
      <button type="button" className="link quiet" onClick={() => onKeep(0)}>
        leave it out
      </button>
    </li>
  );
}

interface FootProps {
  readonly deal: Deal;
  readonly isLocked: boolean;
  readonly onTake: () => void;
  readonly onFree: () => void;
}

function Foot({ deal, isLocked, onTake, onFree }: FootProps) {
  const { loaded } = useOpenMeal();
  if (deal.pots.length === 0)
    return <p>Nothing of it has a place: no vessel of the kitchen is free for it.</p>;
  const names = loaded.batches.map(({ id, name }) => ({
    name,
    pots: deal.pots.filter(({ batch }) => batch === id).length,
  }));
  return (
    <p className="choices">
      <button type="button" className="btn act is-first" onClick={onTake}>
        Cook it so
      </button>
      {isLocked && (
        <button type="button" className="btn act" onClick={onFree}>
          Let all go
        </button>
      )}
      <span className="quiet">{dealtInto(names)}</span>
    </p>
  );
}
