import clsx from 'clsx';
import { useState } from 'react';
import type { DayPlan } from '@/core/answers/index.ts';
import { useOpenMeal } from '../../../open/MealContext.ts';
import { useWall } from '../../../open/useWall.ts';
import { useCooks } from '../useCooks.ts';
import { DayHead } from './DayHead.tsx';
import { hoursOf } from './hours.ts';
import { LineRow } from './LineRow.tsx';
import { PotBands } from './PotBands.tsx';
import { keyOf } from './rows.ts';
import { ServeLine } from './ServeLine.tsx';
import { useDayLayout } from './useDayLayout.ts';
import css from './day.module.scss';

/** A stretch in which nobody is wanted is told where there is room for the words, px. */
const FREE_ROOM = 46;

interface Props {
  readonly day: DayPlan;
  readonly now: number;
  /** It is the day before what was changed last. */
  readonly isOld: boolean;
}

/** The day running down to serving: the pots as bands, what is done level with its knot, and whose hands do it. */
export function DayPicture({ day, now, isOld }: Props) {
  const { loaded } = useOpenMeal();
  const [open, setOpen] = useState<string>();
  const [rested, setRested] = useState(false);
  const [everyPot, setEveryPot] = useState(false);
  const { zone, serving } = day;
  const wall = useWall(zone);
  const cooks = useCooks();
  const layout = useDayLayout(day, { now, isOld, open, rested, everyPot });
  const { todo, rests, hands, mineAlone, pots, places, rows, y, at, foot, first } = layout;
  const isNamed = hands.named && hands.count > 0;
  const names = new Map(loaded.batches.map(({ id, name }) => [id, name]));
  const said = new Map(cooks.map(({ id, name }) => [id, name]));
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
        cooks={isNamed ? cooks : []}
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
      {day.free
        .filter(({ from, to }) => from >= first && y(to) - y(from) - places.line >= FREE_ROOM)
        .map(({ from, to }) => (
          <p key={from} className={css.free} style={{ top: (y(from) + y(to)) / 2 - 12 }}>
            free, {wall.clock(from)} to {wall.clock(to)}
          </p>
        ))}
      <ol className={css.dayLines} aria-label="The day, in order">
        {rows.map((row) => (
          <LineRow
            key={keyOf(row.line)}
            row={row}
            height={y(row.line.to) - row.top}
            lane={hands.laneOf(row.line)}
            places={places}
            past={row.line.to <= now}
            who={(row.line.who ?? []).flatMap((id) => said.get(id) ?? []).join(', ')}
            isNamed={isNamed && !places.narrow}
            pot={mineAlone || names.size < 2 ? undefined : names.get(row.line.batch ?? '')}
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
