import clsx from 'clsx';
import { useState, type CSSProperties, type PointerEvent } from 'react';
import { MINUTE_MS } from '@/core/quantity/index.ts';
import css from './day.module.scss';

/** Times move by this with the keys and under the hand, min. */
export const STEP = 5;

interface Props {
  /** Nobody's hands are wanted. */
  readonly waits: boolean;
  readonly style: CSSProperties;
  /** The moment at a place down the picture. */
  readonly at: (px: number) => number;
  /** Where it is pulled to; undefined once it is let go. */
  readonly onPull: (moment: number | undefined) => void;
  readonly onPut: (moment: number) => void;
}

/** A bar as long as hands are wanted: pulled to another time, its task begins there. */
export function Bar({ waits, style, at, onPull, onPut }: Props) {
  const [pulled, setPulled] = useState<number>();
  const pullTo = (moment: number | undefined) => {
    setPulled(moment);
    onPull(moment);
  };
  const pull = (event: PointerEvent<HTMLElement>) => {
    if (event.buttons !== 1) return;
    const box = event.currentTarget.closest('[data-day]')?.getBoundingClientRect();
    if (!box) return;
    pullTo(Math.round(at(event.clientY - box.top) / STEP / MINUTE_MS) * STEP * MINUTE_MS);
  };
  return (
    <span
      className={clsx(css.bar, waits && css.isWaiting)}
      style={style}
      aria-hidden="true"
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
      }}
      onPointerMove={pull}
      onPointerUp={() => {
        // The line is a part of its task: the task's start moves by as much.
        if (pulled !== undefined) onPut(pulled);
        pullTo(undefined);
      }}
      onPointerCancel={() => pullTo(undefined)}
    />
  );
}
