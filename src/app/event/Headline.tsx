import type { DayPlan } from '@/core/answers/index.ts';
import { type EventFigures, shortOf } from '@/core/event/index.ts';
import { dishName } from '@/core/order/index.ts';
import { typedMass, writeMass, writeMinutes, writeVolume } from '@/core/quantity/index.ts';
import {
  capital,
  eventHeadline,
  eventWayWords,
  leftShort,
  peopleWords,
  shortDishes,
  shortName,
} from '@/words/index.ts';
import { takeEventWay } from '../open/edits/index.ts';
import { useOpenMeal } from '../open/MealContext.ts';
import { useAnswer } from '../open/useAnswer.ts';
import { useWall } from '../open/useWall.ts';
import css from './event.module.scss';

interface Props {
  readonly event: EventFigures;
  readonly day: DayPlan | undefined;
}

/** So many ways out are told: what leaves least comes first. */
const WAYS = 4;

/** Amounts in the cook's units, as one text. */
export function useWrites() {
  const { units } = useOpenMeal();
  const said = ({ value, unit }: { value: string; unit: string }) => `${value} ${unit}`;
  return {
    mass: (g: number) => said(writeMass(g, units)),
    volume: (ml: number) => said(writeVolume(ml, units)),
  };
}

/** One problem at a time, the first to be served first, with what would put it right; each way was tried. */
export function Headline({ event, day }: Props) {
  const writes = useWrites();
  const wall = useWall();
  const short = shortOf(event);
  const [first] = short;
  const late = day?.sittings.filter(({ lateMin }) => lateMin > 0) ?? [];
  return (
    <>
      <div className="line">
        <h1>
          {event.sittings.length < 2
            ? 'One sitting so far'
            : eventHeadline(short, event.sittings.length, writes)}
        </h1>
        <p className="quiet">
          {[
            peopleWords(event.people),
            `${String(event.pots.length)} ${event.pots.length === 1 ? 'pot' : 'pots'}`,
          ]
            .filter((one) => one !== '')
            .join(' · ')}
          {day && ` · the work begins ${wall.moment(day.begins, day.serving)}`}
        </p>
      </div>
      {first && <p>{capital(shortDishes(first.dishes))}.</p>}
      {short.length > 1 && (
        <p className="quiet">
          {short.length - 1} more after it:{' '}
          {short
            .slice(1)
            .map(({ name }) => name)
            .join(', ')}
          .
        </p>
      )}
      {late.map(({ id, serving, lateMin }) => (
        <p key={id} className="wrong">
          {event.sittings.find((one) => one.id === id)?.name}: by this plan on the plates at{' '}
          {wall.moment(serving, day?.serving ?? serving)}, {writeMinutes(lateMin).value} late.
        </p>
      ))}
      {first && <Ways event={event} sitting={first.id} />}
    </>
  );
}

interface WaysProps {
  readonly event: EventFigures;
  readonly sitting: string;
}

/** What would put a shortage right, each tried by the worker. */
function Ways({ event, sitting }: WaysProps) {
  const { loaded, opened, units } = useOpenMeal();
  const { meal } = loaded;
  const writes = useWrites();
  const { data, error, isPlaceholderData } = useAnswer('eventWays', sitting);
  if (error) return <p className="wrong">No way out could be tried ({error.message}).</p>;
  if (!data) return <p className="quiet">Trying what would put it right.</p>;
  const nameOf = {
    dish: (id: string) => {
      const dish = meal.dishes.find((one) => one.id === id);
      return dish ? dishName(dish) : '';
    },
    pot: (id: string) => event.pots.find((one) => one.id === id)?.name ?? '',
    cut: (id: string) =>
      shortName(
        opened.planned.flatMap(({ cuts }) => cuts).find((cut) => cut.id === id)?.name ?? id,
      ).toLowerCase(),
  };
  const ways = data.slice(0, WAYS);
  if (ways.length === 0)
    return (
      <p className="quiet">
        No pot has anything over that would help, nothing of it can be filled with less, and no pot that it
        draws on can still have more: it wants a pot more.
      </p>
    );
  return (
    <ul className={css.ways} aria-label="Ways out" data-old={isPlaceholderData || undefined}>
      {ways.map((one) => {
        const words = eventWayWords(one.way, nameOf, writes);
        return (
          <li key={words}>
            <button
              type="button"
              className="btn act"
              onClick={() =>
                takeEventWay(meal.id, `a way out: ${words}`, one.way, (g) => typedMass(g, units))
              }
            >
              {words}
            </button>{' '}
            <span className="quiet">{leftShort(one, writes)}</span>
          </li>
        );
      })}
    </ul>
  );
}
