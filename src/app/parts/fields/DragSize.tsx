import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import css from './fields.module.scss';

interface Props {
  readonly label: string;
  /** What it stands at, in SI, and in words. */
  readonly value: number;
  readonly words: string;
  readonly max: number;
  /** What an arrow key moves it by; Page keys move ten times as far. */
  readonly step: number;
  /** Where the edge is, of the width of the drawing that it lies over. */
  readonly at: number;
  /** What the whole width of the drawing stands for, in SI. */
  readonly across: number;
  readonly onDrag: (value: number) => void;
}

/** A store that is written for each px would fall behind the hand, ms. */
const EVERY = 60;

/** The edge of a drawing that can be pulled: with a pointer, or with the arrow keys as a slider. */
export function DragSize({ label, value, words, max, step, at, across, onDrag }: Props) {
  const from = useRef<{ x: number; value: number; perPx: number; at: number; last: number }>(undefined);
  const settle = (next: number) => {
    onDrag(Math.min(max, Math.max(step, Math.round(next / step) * step)));
  };
  const down = (event: PointerEvent<HTMLSpanElement>) => {
    event.currentTarget.setPointerCapture(event.pointerId);
    // A drawing is shrunk to fit a narrow page.
    const width = event.currentTarget.parentElement?.clientWidth ?? 1;
    from.current = { x: event.clientX, value, perPx: across / width, at: 0, last: value };
  };
  const move = (event: PointerEvent) => {
    const start = from.current;
    if (!start) return;
    start.last = start.value + (event.clientX - start.x) * start.perPx;
    if (event.timeStamp - start.at < EVERY) return;
    start.at = event.timeStamp;
    settle(start.last);
  };
  const up = () => {
    if (from.current && from.current.last !== from.current.value) settle(from.current.last);
    from.current = undefined;
  };
  const press = (event: KeyboardEvent) => {
    const moves: Readonly<Record<string, number>> = {
      ArrowRight: step,
      ArrowUp: step,
      ArrowLeft: -step,
      ArrowDown: -step,
      PageUp: 10 * step,
      PageDown: -10 * step,
    };
    const by = moves[event.key];
    if (by === undefined) return;
    event.preventDefault();
    settle(value + by);
  };
  return (
    <span
      className={css.dragSize}
      style={{ left: `${100 * at}%` }}
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-valuemin={step}
      aria-valuemax={max}
      aria-valuenow={Math.round(value)}
      aria-valuetext={words}
      onPointerDown={down}
      onPointerMove={move}
      onPointerUp={up}
      onPointerCancel={up}
      onKeyDown={press}
    />
  );
}
