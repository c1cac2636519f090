import { MINUTE_MS } from '@/core/quantity/index.ts';
import { useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { DayPlan } from '@/core/answers/index.ts';
import { momentOf, wallTimeOf } from '@/core/clock/index.ts';
import { useOpenMeal } from '../../../open/MealContext.ts';
import { editMeal } from '../../../open/edits/index.ts';
import { useWall } from '../../../open/useWall.ts';
import css from './day.module.scss';

interface Props {
  readonly day: DayPlan;
  readonly top: number;
  readonly at: (px: number) => number;
}

const STEP = 5;

/** Serving, at the foot of the day: it is dragged, or moved with the arrows, and all hangs from it. */
export function ServeLine({ day, top, at }: Props) {
  const { loaded } = useOpenMeal();
  const [pulled, setPulled] = useState<number>();
  // How far below the line it was taken hold of, px: the line goes with the hand, and does not jump to it.
  const [grip, setGrip] = useState(0);
  const { serving, zone } = day;
  const wall = useWall(zone);
  /** From where it stands in the store: two presses may come before the plan has answered one. */
  const set = (moment: (now: number) => number) => {
    editMeal(
      loaded.meal.id,
      'the serving time',
      ({ day: before, ...meal }) => {
        const { forward: _, ...kept } = before ?? {};
        const stands = (meal.serving && momentOf(meal.serving)) ?? serving;
        return { ...meal, day: kept, serving: wallTimeOf(moment(stands), zone) };
      },
      'serving',
    );
  };
  const keys = (event: KeyboardEvent) => {
    const by = event.key === 'ArrowUp' ? -STEP : event.key === 'ArrowDown' ? STEP : 0;
    if (by === 0) return;
    event.preventDefault();
    set((stands) => stands + by * MINUTE_MS);
  };
  const pull = (event: PointerEvent<HTMLElement>) => {
    if (event.buttons !== 1) return;
    const box = event.currentTarget.closest('[data-day]')?.getBoundingClientRect();
    if (box) setPulled(Math.round(at(event.clientY - box.top - grip) / STEP / MINUTE_MS) * STEP * MINUTE_MS);
  };
  const shown = pulled ?? serving;
  return (
    <div className={css.serveLine} style={{ top }}>
      <button
        type="button"
        className={css.serveAt}
        aria-label={`Serving at ${wall.clock(shown)}; arrows move it by five minutes`}
        onKeyDown={keys}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          const box = event.currentTarget.closest('[data-day]')?.getBoundingClientRect();
          setGrip(box ? event.clientY - box.top - top : 0);
        }}
        onPointerMove={pull}
        onPointerUp={() => {
          if (pulled !== undefined) set(() => pulled);
          setPulled(undefined);
        }}
        onPointerCancel={() => {
          setPulled(undefined);
        }}
      >
        <span className="num">{wall.clock(shown)}</span> <b>served</b>
      </button>
      <span className={css.readyBy}>
        ready <b className="num">{Math.round(100 * day.chance)} in 100</b>
      </span>
    </div>
  );
}
