import { stillToDo } from '@/core/day/index.ts';
import clsx from 'clsx';
import { useState, type CSSProperties } from 'react';
import type { DayPlan } from '@/core/answers/index.ts';
import type { Day } from '@/core/meal/index.ts';
import { dateOf, type Wall, weekdayOf } from '@/core/clock/index.ts';
import { useOpenMeal } from '../../../open/MealContext.ts';
import { LineRow } from './LineRow.tsx';
import { PotColumn, roomOf, widthOf } from './PotColumn.tsx';
import { dayScale, LINE } from './scale.ts';
import { ServeLine } from './ServeLine.tsx';
import { useCooks } from '../useCooks.ts';
import { useWall } from '../../../open/useWall.ts';
import css from './day.module.scss';

const HOUR = 3_600_000;
const TOP = 34;
/** Fewer px between two hours, and only some are written. */
const HOUR_ROOM = 20;
const FREE_ROOM = 40;
/** px that an opened task takes. */
const PANEL = 150;
/** Nearer than this two words at the left stand on one another, px. */
const WORD = 15;
/** Bars side by side; what is more lies on the last. */
const LANES = 5;

interface Props {
  readonly day: DayPlan;
  readonly now: number;
  /** It is the day before what was changed last. */
  readonly isOld: boolean;
}

/** The day running down to serving: what wants hands where it happens, each pot a band beside it. */
export function DayPicture({ day, now, isOld }: Props) {
  const { loaded } = useOpenMeal();
  const [open, setOpen] = useState<string>();
  const { pots, zone, serving } = day;
  // What was moved stands where it was put at once; the rest follows when it is worked out.
  const lines = isOld ? movedTo(day.lines, loaded.meal.day?.pins) : day.lines;
  const wall = useWall(zone);
  // What is over is told by the bands and the forks in them; what somebody began is over once they say so.
  const shown = stillToDo(lines, now, loaded.meal.day?.begun);
  const inside = pots.flatMap(({ from, hot, to, readyBy }) => [from, hot, to, readyBy]);
  const marks = [
    ...inside.filter((at) => at < serving),
    serving,
    ...(now > day.begins && now < serving ? [now] : []),
  ];
  const scale = dayScale([...shown.map(({ from }) => from), serving], marks, now);
  const y = (moment: number) => TOP + scale.y(moment);
  const height = TOP + Math.max(scale.height, scale.y(serving)) + 8;
  const names = new Map(loaded.batches.map(({ id, name }) => [id, name]));
  const cooks = new Map(useCooks().map(({ id, name }) => [id, name]));
  const many = names.size > 1;
  const room = roomOf(pots.length);
  const lanes = lanesOf(shown);
  const wide = Math.max(0, ...lanes.values());
  const rows = rowsOf(shown, y, open);
  // The words may run on below the serving: it stands under the last of them.
  const foot = Math.max(y(serving), (rows.at(-1)?.label ?? 0) + LINE);
  const first = Math.min(day.begins, ...pots.map(({ from }) => from));
  return (
    <div
      className={css.day}
      style={{ height: Math.max(height, foot) + 48, ...potsStyle(pots.length) }}
      data-day
      data-lanes={Math.min(LANES, wide + 1)}
    >
      {hoursOf(first, serving, wall, y, now).map(({ at, words, bold }) => (
        <div key={at} className={bold ? clsx(css.hour, css.isDay) : css.hour} style={{ top: y(at) }}>
          <span>{words}</span>
        </div>
      ))}
      {now > first && now < serving && (
        <div className={css.now} style={{ top: y(now) }}>
          <span>now</span>
        </div>
      )}
      <div className={css.dayPots}>
        {pots.map((pot) => (
          <PotColumn
            key={pot.batch}
            pot={pot}
            lines={lines}
            y={y}
            height={height}
            serving={serving}
            now={now}
            zone={zone}
            room={room}
          />
        ))}
      </div>
      {day.free.map(({ from, to }) =>
        y(to) - Math.max(y(from) + LINE, 0) >= FREE_ROOM ? (
          <p key={from} className={css.free} style={{ top: (y(from) + LINE + y(to)) / 2 - 12 }}>
            free, {wall.clock(from)} to {wall.clock(to)}
          </p>
        ) : null,
      )}
      <ol className={css.dayLines} aria-label="The day, in order">
        {rows.map(({ line, top, label }) => (
          <LineRow
            key={`${line.task} ${line.key}`}
            line={line}
            top={top}
            label={label}
            height={y(line.to) - top}
            lane={Math.min(LANES - 1, lanes.get(line) ?? 0)}
            past={line.to <= now}
            who={(line.who ?? []).flatMap((id) => cooks.get(id) ?? []).join(', ')}
            pot={many && line.batch !== undefined ? names.get(line.batch) : undefined}
            zone={zone}
            at={(px) => scale.at(px - TOP)}
            open={open === `${line.task} ${line.key}`}
            onToggle={() => {
              const key = `${line.task} ${line.key}`;
              setOpen(open === key ? undefined : key);
            }}
          />
        ))}
      </ol>
      <ServeLine day={day} top={foot} at={(px) => scale.at(px - TOP)} />
    </div>
  );
}

/** The lines of tasks whose start was written, at that start. */
const movedTo = (lines: DayPlan['lines'], pins: Day['pins'] = {}): DayPlan['lines'] =>
  lines.map((line) => {
    const by = (pins[line.task] ?? line.begins) - line.begins;
    return by === 0 ? line : { ...line, from: line.from + by, to: line.to + by, begins: line.begins + by };
  });

/** What the columns of the pots take from the width of the words. */
const potsStyle = (pots: number) => ({ '--pots-px': `${pots * widthOf(roomOf(pots))}px` }) as CSSProperties;

/** Side by side what runs at the same time, each bar in the first lane that is free. */
function lanesOf(lines: DayPlan['lines']): ReadonlyMap<DayPlan['lines'][number], number> {
  const ends: number[] = [];
  return new Map(
    lines.map((line) => {
      const free = ends.findIndex((end) => end <= line.from);
      const lane = free < 0 ? ends.length : free;
      ends[lane] = line.to;
      return [line, lane];
    }),
  );
}

/** Each line with where its bar begins and where its words stand: those that begin together under one another. */
function rowsOf(lines: DayPlan['lines'], y: (moment: number) => number, open: string | undefined) {
  let below = 0;
  return lines.map((line) => {
    const top = y(line.from);
    const label = Math.max(top, below);
    // What is opened pushes the words after it down, and covers none of them.
    below = label + LINE + (`${line.task} ${line.key}` === open ? PANEL : 0);
    return { line, top, label };
  });
}

/** The hours that there is room for, each day's first with its name. */
function hoursOf(
  from: number,
  to: number,
  { zone, clock }: Wall,
  y: (moment: number) => number,
  now: number,
) {
  const found: { at: number; words: string; bold: boolean }[] = [
    { at: from, words: weekdayOf(from, zone).slice(0, 3), bold: true },
  ];
  let last = y(from);
  for (let at = Math.ceil(from / HOUR) * HOUR; at < to - HOUR / 4; at += HOUR) {
    const bold = dateOf(at, zone) !== dateOf(at - HOUR, zone);
    if (!bold && (y(at) - last < HOUR_ROOM || y(to) - y(at) < HOUR_ROOM)) continue;
    found.push({ at, words: bold ? weekdayOf(at, zone).slice(0, 3) : clock(at), bold });
    last = y(at);
  }
  // “Now” goes before an hour, and a day before the hour that it falls on.
  const told = now > from && now < to ? y(now) : -Infinity;
  return found.filter(
    ({ at, bold }, i) =>
      Math.abs(y(at) - told) >= WORD &&
      (bold || found.every((other, j) => j === i || !other.bold || Math.abs(y(other.at) - y(at)) >= WORD)),
  );
}
