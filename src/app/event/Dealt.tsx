import { Minus, Plus } from 'lucide-react';
import { useState } from 'react';
import type { LockedPot, Split, SplitWish } from '@/core/event/index.ts';
import type { Batch } from '@/core/meal/index.ts';
import { dayBefore, dealtWords, splitWayWords } from '@/words/index.ts';
import { takeSplit } from '../open/edits/index.ts';
import { useOpenMeal } from '../open/MealContext.ts';
import { useAnswer } from '../open/useAnswer.ts';
import { Checkbox } from '../parts/fields/Checkbox.tsx';
import { DealtSlab } from './DealtSlab.tsx';
import { useWrites } from './Headline.tsx';
import css from './event.module.scss';

interface Props {
  readonly batch: Batch;
  readonly wish: SplitWish;
  readonly days: number;
  readonly onTaken: () => void;
}

/** A knife is moved by so much, g. */
const KNIFE = 500;

const isAt =
  ({ vessel, day }: Pick<LockedPot, 'vessel' | 'day'>) =>
  (one: LockedPot) =>
    one.vessel === vessel && one.day === day;

/** The meat as it is dealt: a knife is moved half a kilogram at a time, what is kept stands, and the rest follows. */
export function Dealt({ batch, wish, days, onTaken }: Props) {
  const { loaded } = useOpenMeal();
  const writes = useWrites();
  const [locked, lock] = useState<readonly LockedPot[]>([]);
  const { data, error, isPlaceholderData, isPending } = useAnswer('split', {
    batch: batch.id,
    wish,
    days,
    locked,
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
  const keep = (pot: Pick<LockedPot, 'vessel' | 'day'>, g: number | undefined) =>
    lock((before) => [
      ...before.filter((one) => !isAt(pot)(one)),
      ...(g === undefined ? [] : [{ vessel: pot.vessel, day: pot.day, g }]),
    ]);
  const take = (found: Split) => {
    takeSplit(loaded.meal.id, batch.id, found);
    onTaken();
  };
  return (
    <div data-old={isPlaceholderData || undefined}>
      <p role="status">{dealtWords(data, writes)}</p>
      <DealtSlab split={data} />
      <ul className={css.ways} aria-label="Pots of the deal">
        {data.pots.map((pot) => {
          const { vessel, name, day, g, mostG } = pot;
          const isKept = locked.some(isAt(pot));
          return (
            <li key={`${vessel} ${String(day)}`} className={css.dealt}>
              <button
                type="button"
                className="btn act"
                aria-label={`Half a kilogram less in the ${name}, ${dayBefore(day)}`}
                onClick={() => keep(pot, Math.max(KNIFE, g - KNIFE))}
              >
                <Minus size={16} aria-hidden />
              </button>
              <b className="num">{writes.mass(g)}</b>
              <button
                type="button"
                className="btn act"
                aria-label={`Half a kilogram more in the ${name}, ${dayBefore(day)}`}
                onClick={() => keep(pot, Math.min(mostG, g + KNIFE))}
              >
                <Plus size={16} aria-hidden />
              </button>
              <span>
                in the {name}, {dayBefore(day)}{' '}
                <span className="quiet">of {writes.mass(mostG)} that it takes</span>
              </span>
              <Checkbox checked={isKept} onTick={(on) => keep(pot, on ? g : undefined)}>
                keep it so
              </Checkbox>
              <button type="button" className="link quiet" onClick={() => keep(pot, 0)}>
                leave it out
              </button>
            </li>
          );
        })}
      </ul>
      {data.ways.length > 0 && (
        <ul aria-label="What would take it in">
          {data.ways.map(({ way, outsideG }) => (
            <li key={way}>{splitWayWords(way, outsideG, writes)}</li>
          ))}
        </ul>
      )}
      <Foot
        batch={batch}
        data={data}
        isLocked={locked.length > 0}
        onTake={() => take(data)}
        onFree={() => lock([])}
      />
    </div>
  );
}

interface FootProps {
  readonly batch: Batch;
  readonly data: Split;
  readonly isLocked: boolean;
  readonly onTake: () => void;
  readonly onFree: () => void;
}

function Foot({ batch, data, isLocked, onTake, onFree }: FootProps) {
  const n = data.pots.length;
  if (n === 0) return <p>Nothing of it has a place: no vessel of the kitchen is free for it.</p>;
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
      <span className="quiet">
        {batch.name} becomes {n === 1 ? 'this one pot' : `${String(n)} pots`}, and every dish that draws on it
        draws on all of them. Undone in one.
      </span>
    </p>
  );
}
