import { useState, type ReactNode } from 'react';
import css from './plates.module.scss';

interface Props {
  readonly label: string;
  readonly value: number;
  /** The value in words. */
  readonly says: string;
  readonly most: number;
  /** One step by key and by hand; with Shift it is `fine`. */
  readonly step: number;
  readonly fine: number;
  readonly onPull: (value: number) => void;
  /** Held where it is, or let go of: the key l. */
  readonly onHold: () => void;
  readonly children: ReactNode;
}

/** Less of its height than this is a tap, not a pull. */
const TAP = 0.02;
/** Its whole height pulls so many times the most. */
const REACH = 1.6;

/** A figure in a drawing that is pulled up and down: by its height with the hand, by steps with the keys. */
export function Pull({ label, value, says, most, step, fine, onPull, onHold, children }: Props) {
  const [from, setFrom] = useState<{ readonly y: number; readonly value: number }>();
  const pull = (to: number) => onPull(Math.max(fine, to));
  return (
    <div
      className={css.grip}
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-valuenow={Math.round(value)}
      aria-valuemin={0}
      aria-valuemax={Math.max(Math.round(most), Math.round(value))}
      aria-valuetext={says}
      onKeyDown={(event) => {
        const by = event.shiftKey ? fine : step;
        if (event.key === 'ArrowUp') pull(Math.round(value) + by);
        else if (event.key === 'ArrowDown') pull(Math.round(value) - by);
        else if (event.key === 'l') onHold();
        else return;
        event.preventDefault();
      }}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        setFrom({ y: event.clientY, value });
      }}
      onPointerMove={(event) => {
        if (!from) return;
        const moved = (from.y - event.clientY) / Math.max(1, event.currentTarget.clientHeight);
        if (Math.abs(moved) < TAP) return;
        pull(Math.round((from.value + moved * REACH * most) / step) * step);
      }}
      onPointerUp={() => setFrom(undefined)}
      onPointerCancel={() => setFrom(undefined)}
    >
      {children}
    </div>
  );
}
