import clsx from 'clsx';
import { useState } from 'react';
import { Link } from 'react-router';
import type { DayPlan } from '@/core/answers/index.ts';
import type { EventFigures, EventPot, EventSitting } from '@/core/event/index.ts';
import { dateOf, minuteOfDay, weekdayOf } from '@/core/clock/index.ts';
import { bothWords } from '@/words/index.ts';
import { useNow } from '../browser/useNow.ts';
import { useOpenMeal } from '../open/MealContext.ts';
import { useWall, zoneHere } from '../open/useWall.ts';
import { useWrites } from './Headline.tsx';
import { givesWords, overWords, shortName } from './said.ts';
import { type Column, layoutOf, type PotTimes, type Table, WIDTH } from './layout.ts';
import css from './event.module.scss';

interface Props {
  readonly event: EventFigures;
  readonly day: DayPlan | undefined;
}

/** px that a letter takes, and the name of a day. */
const [LETTER, NAMED] = [7.4, 18];
const HALF_DAY = 12 * 3_600_000;

/** When each pot is cooked by the plan; one whose time nobody knows stands at the beginning. */
function timesOf({ pots }: EventFigures, day: DayPlan): ReadonlyMap<string, PotTimes> {
  return new Map(
    pots.map(({ id }) => {
      const band = day.pots.find(({ batch }) => batch === id);
      return [id, band ? { from: band.from, to: band.to } : { from: day.begins, to: day.begins }];
    }),
  );
}

/** The strands of all pots, running down through the days into what the sittings want; what is missing is a missing piece. */
export function EventStrands({ event, day }: Props) {
  const now = useNow();
  const [lit, light] = useState<string>();
  const zone = day?.zone ?? zoneHere();
  if (!day) return <p className={css.waits}>The plan of the days is being made.</p>;
  const { height, columns, tables, pieces, yOf } = layoutOf(event, timesOf(event, day), (at) =>
    Math.floor(minuteOfDay(at, zone) / 60),
  );
  // Of two days whose names would lie on each other the later is named.
  const days = midnights(day, zone).map((one, i, all) => {
    const next = all[i + 1];
    return { ...one, isNamed: !next || yOf(next.at) - yOf(one.at) >= NAMED };
  });
  const nowY = now > day.begins && now < day.serving ? yOf(now) : undefined;
  return (
    <figure className={css.strands} aria-label="What the pots give to the sittings" tabIndex={0}>
      <svg
        viewBox={`0 0 ${String(WIDTH)} ${String(height)}`}
        role="group"
        aria-label="The strands of all pots; the table below says the same"
      >
        {days.map(({ at, words, isNamed }) => (
          <g key={at}>
            <path d={`M0 ${String(yOf(at))}H${String(WIDTH)}`} className={css.midnight} />
            {isNamed && (
              <text x={0} y={yOf(at) + 16} className={css.day}>
                {words}
              </text>
            )}
          </g>
        ))}
        {nowY !== undefined && (
          <g>
            <path d={`M0 ${String(nowY)}H${String(WIDTH)}`} className={css.now} />
            <text x={WIDTH} y={nowY - 4} textAnchor="end" className={css.small}>
              now
            </text>
          </g>
        )}
        {pieces.map(({ key, pot, path, material, weighed, isThin }) => (
          <path
            key={key}
            d={path}
            className={clsx(
              material === 'meat' ? css.meat : css.broth,
              isThin && css.isThin,
              lit !== undefined && pot !== lit && css.isFaded,
            )}
            fill={
              isThin && material === 'broth'
                ? 'var(--broth-edge)'
                : `url(#${material}${weighed ? '' : '-planned'})`
            }
            {...(isThin && material === 'broth' && !weighed && { fillOpacity: 0.4 })}
          />
        ))}
        {event.pots.map((pot, i) => {
          const column = columns[i];
          if (!column) return null;
          return <PotName key={pot.id} event={event} pot={pot} column={column} onLight={light} />;
        })}
        {event.sittings.map((sitting) => (
          <SittingTable
            key={sitting.id}
            sitting={sitting}
            table={tables.find(({ id }) => id === sitting.id)}
            day={day}
          />
        ))}
      </svg>
      <figcaption className="quiet">
        Drawn to one scale, time running down: full where it was weighed, pale as planned. A pot’s name shows
        what is its own.
      </figcaption>
    </figure>
  );
}

interface PotProps {
  readonly event: EventFigures;
  readonly pot: EventPot;
  readonly column: Column;
  /** Its strands alone are shown while it is pointed at; undefined: all are. */
  readonly onLight: (pot: string | undefined) => void;
}

/** A pot's name over its strands: the way to it, and what shows which of them are its own. */
function PotName({ event, pot, column, onLight }: PotProps) {
  const { meal } = useOpenMeal().loaded;
  const writes = useWrites();
  const many = event.pots.length;
  return (
    <g>
      <Link
        to={`/meals/${meal.id}/batches/${pot.id}/clock`}
        aria-label={givesWords(event, pot.id, writes)}
        onFocus={() => onLight(pot.id)}
        onBlur={() => onLight(undefined)}
        onPointerEnter={() => onLight(pot.id)}
        onPointerLeave={() => onLight(undefined)}
      >
        <text x={column.x} y={column.y - 20} className={css.pot}>
          {shortName(pot.name, many)}
        </text>
        <text x={column.x} y={column.y - 5} className={css.small}>
          {writes.mass(pot.rawG)} raw
        </text>
      </Link>
      {column.over && (
        <text x={column.over.x} y={column.over.y} className={css.small}>
          {overWords(pot.over, writes, many)}
        </text>
      )}
    </g>
  );
}

interface TableProps {
  readonly sitting: EventSitting;
  readonly table: Table | undefined;
  readonly day: DayPlan;
}

/** What a sitting wants, outlined; what it gets of each pot fills it. */
function SittingTable({ sitting, table, day }: TableProps) {
  const writes = useWrites();
  const wall = useWall(day.zone);
  if (!table) return null;
  const lacks = bothWords(sitting.lacks, writes);
  const said = [
    sitting.name,
    sitting.at === undefined ? '' : wall.moment(sitting.at, day.serving - HALF_DAY * 4),
    `${String(sitting.plates)} plates`,
    lacks === '' ? '' : `${lacks} short`,
  ].join('  ');
  // At the right its words end where the drawing does.
  const words =
    table.x + said.length * LETTER > WIDTH
      ? ({ x: WIDTH - 4, anchor: 'end' } as const)
      : ({ x: table.x, anchor: 'start' } as const);
  return (
    <g>
      {table.slots.map(({ key, what, ...box }) => (
        <rect
          key={key}
          x={box.x}
          y={box.y}
          width={box.w}
          height={box.h}
          className={clsx(what === 'missing' ? css.missing : what === 'meat' ? css.meat : css.broth)}
          {...(what !== 'missing' && { fill: `url(#${what})` })}
        />
      ))}
      <text x={words.x} y={table.y + 46} textAnchor={words.anchor} className={css.sitting}>
        {sitting.name}
        <tspan className={css.small}>
          {sitting.at === undefined ? '' : `  ${wall.moment(sitting.at, day.serving - HALF_DAY * 4)}`}
          {`  ${String(sitting.plates)} plates`}
        </tspan>
        {lacks !== '' && <tspan className={css.lacks}>{`  ${lacks} short`}</tspan>}
      </text>
    </g>
  );
}

/** The day that a plan begins in, and each midnight in it, with the names of the days. */
function midnights(day: DayPlan, zone: string): readonly { readonly at: number; readonly words: string }[] {
  const found: { at: number; words: string }[] = [];
  let at = day.begins;
  while (at <= day.serving && found.length < 20) {
    found.push({ at, words: `${weekdayOf(at, zone)} ${String(Number(dateOf(at, zone).slice(8)))}` });
    at += (24 * 60 - minuteOfDay(at, zone)) * 60_000;
  }
  return found;
}
