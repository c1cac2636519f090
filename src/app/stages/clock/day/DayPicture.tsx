import clsx from 'clsx';
import { useState } from 'react';
import type { DayPlan } from '@/core/answers/index.ts';
import { isRest, stillToDo } from '@/core/day/index.ts';
import type { Day } from '@/core/meal/index.ts';
import { useOpenMeal } from '../../../open/MealContext.ts';
import { useWall } from '../../../open/useWall.ts';
import { useCooks } from '../useCooks.ts';
import { DayHead } from './DayHead.tsx';
import { hoursOf } from './hours.ts';
import { LineRow } from './LineRow.tsx';
import { usePlaces } from './places.ts';
import { PotBands } from './PotBands.tsx';
import { keyOf, lanesOf, rowsOf } from './rows.ts';
import { dayScale } from './scale.ts';
import { ServeLine } from './ServeLine.tsx';
import css from './day.module.scss';

/** Above the day stand the names, px. */
const TOP = 46;
const FREE_ROOM = 46;
/** px that an opened task takes. */
const PANEL = 150;
/** More people than these are told by their names alone; lanes without names go on to more. */
const [NAMED_MOST, LANES] = [4, 5] as const;

interface Props {
  readonly day: DayPlan;
  readonly now: number;
  /** It is the day before what was changed last. */
  readonly isOld: boolean;
}

/** The day running down to serving: the pots as bands, what is done level with its knot, and whose hands do it. */
export function DayPicture({ day, now, isOld }: Props) {
  const { loaded, batch } = useOpenMeal();
  const [open, setOpen] = useState<string>();
  const [rested, setRested] = useState(false);
  const [everyPot, setEveryPot] = useState(false);
  const { zone, serving } = day;
  const wall = useWall(zone);
  const cooks = useCooks();
  // What was moved stands where it was put at once; the rest follows when it is worked out.
  const all = isOld ? movedTo(day.lines, loaded.meal.day?.pins) : day.lines;
  // What is over is told by the bands and the forks in them; what somebody began is over once they say so.
  const todo = stillToDo(all, now, loaded.meal.day?.begun);
  const rests = todo.filter(isRest);
  const named = cooks.length > 0 && todo.some(({ who }) => who !== undefined && who.length > 0);
  const lanes = named
    ? new Map(todo.map((line) => [line, cooks.findIndex(({ id }) => line.who?.includes(id))]))
    : lanesOf(todo);
  const laneCount = named
    ? cooks.length > NAMED_MOST
      ? 0
      : cooks.length
    : Math.min(LANES, 1 + Math.max(0, ...lanes.values()));
  const mineAlone = usePlaces(1, 0, false).narrow && !everyPot;
  const pots = mineAlone ? day.pots.filter((pot) => pot.batch === batch.id) : day.pots;
  const places = usePlaces(pots.length, laneCount, named);
  const isMine = ({ batch: of }: DayPlan['lines'][number]) => of === undefined || of === batch.id;
  const shown = todo.filter((line) => (rested || !isRest(line)) && (!mineAlone || isMine(line)));
  const inside = pots.flatMap(({ from, hot, to, readyBy }) => [from, hot, to, readyBy]);
  const marks = [
    ...inside.filter((at) => at < serving),
    serving,
    ...(now > day.begins && now < serving ? [now] : []),
  ];
  const scale = dayScale([...shown.map(({ from }) => from), serving], marks, now, places.line);
  const y = (moment: number) => TOP + scale.y(moment);
  const rows = rowsOf(shown, y, places.line, { key: open, takes: PANEL }, batch.id);
  // The words may run on below the serving: it stands under the last of them.
  const foot = Math.max(y(serving), (rows.at(-1)?.label ?? 0) + places.line);
  // Of pots that are left out nothing lies before it.
  const first = Math.min(serving, ...shown.map(({ from }) => from), ...pots.map(({ from }) => from));
  const names = new Map(loaded.batches.map(({ id, name }) => [id, name]));
  const said = new Map(cooks.map(({ id, name }) => [id, name]));
  const at = (px: number) => scale.at(px - TOP);
  const style = {
    '--words': `${places.words}px`,
    '--lanes': `${places.lanes}px`,
    '--line': `${places.line}px`,
  };
  return (
    <div className={css.day} style={{ height: foot + 40, ...style }} data-day>
      <DayHead
        pots={pots}
        places={places}
        cooks={named && laneCount > 0 ? cooks : []}
        lines={todo}
        now={now}
        wall={wall}
        rests={rests.length}
        rested={rested}
        onRests={() => setRested(!rested)}
        {...(mineAlone || everyPot ? { everyPot, onEveryPot: () => setEveryPot(!everyPot) } : {})}
      />
      {hoursOf(first, serving, wall, y, now).map(({ at: hour, words, bold }) => (
        <div key={hour} className={bold ? clsx(css.hour, css.isDay) : css.hour} style={{ top: y(hour) }}>
          <span>{words}</span>
        </div>
      ))}
      {now > first && now < serving && (
        <div className={css.now} style={{ top: y(now) }}>
          <span>{wall.clock(now)}</span>
        </div>
      )}
      <PotBands
        pots={pots}
        rows={rows}
        rests={rests}
        y={y}
        foot={foot}
        now={now}
        zone={zone}
        places={places}
      />
      {day.free.map(({ from, to }) =>
        from >= first && y(to) - Math.max(y(from) + places.line, 0) >= FREE_ROOM ? (
          <p key={from} className={css.free} style={{ top: (y(from) + places.line + y(to)) / 2 - 12 }}>
            free, {wall.clock(from)} to {wall.clock(to)}
          </p>
        ) : null,
      )}
      <ol className={css.dayLines} aria-label="The day, in order">
        {rows.map((row) => (
          <LineRow
            key={keyOf(row.line)}
            row={row}
            height={y(row.line.to) - row.top}
            lane={laneCount === 0 ? undefined : Math.min(laneCount - 1, lanes.get(row.line) ?? 0)}
            places={places}
            past={row.line.to <= now}
            who={(row.line.who ?? []).flatMap((id) => said.get(id) ?? []).join(', ')}
            isNamed={named && laneCount > 0 && !places.narrow}
            pot={
              !mineAlone && names.size > 1 && row.line.batch !== undefined
                ? names.get(row.line.batch)
                : undefined
            }
            zone={zone}
            at={at}
            open={open === keyOf(row.line)}
            onToggle={() => setOpen(open === keyOf(row.line) ? undefined : keyOf(row.line))}
          />
        ))}
      </ol>
      <ServeLine day={day} top={foot} at={at} />
    </div>
  );
}

/** The lines of tasks whose start was written, at that start. */
const movedTo = (lines: DayPlan['lines'], pins: Day['pins'] = {}): DayPlan['lines'] =>
  lines.map((line) => {
    const by = (pins[line.task] ?? line.begins) - line.begins;
    return by === 0 ? line : { ...line, from: line.from + by, to: line.to + by, begins: line.begins + by };
  });
