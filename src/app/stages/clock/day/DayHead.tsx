import clsx from 'clsx';
import type { DayPlan } from '@/core/answers/index.ts';
import type { Wall } from '@/core/clock/index.ts';
import { busyUntil } from '@/core/day/index.ts';
import { useOpenMeal } from '../../../open/MealContext.ts';
import type { DayPlaces } from './places.ts';
import { lotsApart } from './useDayLayout.ts';
import css from './day.module.scss';

interface Props {
  readonly pots: DayPlan['pots'];
  readonly places: DayPlaces;
  /** Those whose hands have a lane. */
  readonly cooks: readonly { readonly id: string; readonly name: string }[];
  readonly lines: DayPlan['lines'];
  readonly now: number;
  readonly wall: Wall;
  readonly rests: number;
  readonly rested: boolean;
  readonly onRests: () => void;
  /** On a phone other pots are left out until they are asked for. */
  readonly everyPot?: boolean;
  readonly onEveryPot?: () => void;
}

/** Narrower than this a pot’s name stands on one of two levels, px. */
const TWO_LEVELS = 44;

/** What stands over the day: the pots, what is done, and whose hands. */
export function DayHead({
  pots,
  places,
  cooks,
  lines,
  now,
  wall,
  rests,
  rested,
  onRests,
  everyPot,
  onEveryPot,
}: Props) {
  const { batch } = useOpenMeal();
  const low = places.pot < TWO_LEVELS;
  const apart = pots.length === 1 && lotsApart(pots[0]).length > 0;
  return (
    <div className={css.head}>
      {pots.map(({ batch: id, name }, i) => (
        <span
          key={id}
          className={clsx(
            css.potName,
            (low ? i % 2 === 0 : apart) && css.isHigh,
            id === batch.id && css.isOpen,
          )}
          style={
            low
              ? { left: places.hours + (i - 0.5) * places.pot, width: 2 * places.pot }
              : { left: places.hours + i * places.pot, width: places.pot }
          }
          title={name}
        >
          {low ? name.replace(/^pot\s+/i, '').split(' ')[0] : name}
        </span>
      ))}
      {apart && <LotNames pot={pots[0]} places={places} />}
      <span className={css.whatIsDone}>
        {!places.narrow && <span>what is done</span>}
        {rests > 0 && (
          <button type="button" className="link" aria-pressed={rested} onClick={onRests}>
            {rested ? 'without what rests' : 'and what rests'}
          </button>
        )}
        {onEveryPot && (
          <button type="button" className="link" aria-pressed={everyPot} onClick={onEveryPot}>
            {everyPot ? 'this pot alone' : 'all pots'}
          </button>
        )}
      </span>
      {!places.narrow && cooks.length === 0 && places.lanes > 0 && <span className={css.hands}>hands</span>}
      {!places.narrow &&
        cooks.map(({ id, name }, i) => (
          <span
            key={id}
            className={css.cook}
            style={{ right: places.lanes - (i + 1) * places.lane, width: places.lane - 8 }}
            title={name}
          >
            <b>{name}</b>
            <small>{busyWords(busyUntil(lines, id, now), wall)}</small>
          </span>
        ))}
    </div>
  );
}

interface LotNamesProps {
  readonly pot: DayPlan['pots'][number] | undefined;
  readonly places: DayPlaces;
}

/** Over the columns of the only pot the names of its lots; the pot’s own stands above them. */
function LotNames({ pot, places }: LotNamesProps) {
  const lots = lotsApart(pot);
  const each = places.pot / Math.max(1, lots.length);
  return lots.map(({ name }, i) => (
    <span
      key={`${name} ${String(i)}`}
      className={css.lotName}
      style={{ left: places.hours + i * each, width: each }}
      title={name}
    >
      {shortCut(name)}
    </span>
  ));
}

/** What tells a cut from another in a word or two: without its animal, and without how it is cut. */
function shortCut(name: string): string {
  const words = name.split(',')[0]?.split(' ') ?? [];
  return words.length > 1 ? words.slice(1).join(' ') : name;
}

const busyWords = (until: number | undefined, wall: Wall) =>
  until === undefined ? 'free now' : `to ${wall.clock(until)}`;
