import { useRef, type KeyboardEvent, type PointerEvent, type RefObject } from 'react';
import css from './figures.module.scss';

interface Props {
  /** The row of plates itself: where the hand is in it says how many. */
  readonly row: RefObject<HTMLElement | null>;
  readonly name: string;
  readonly count: number;
  /** Plates of the dishes before it, and how many plates one drawn plate stands for. */
  readonly before: number;
  readonly each: number;
  readonly onCount: (count: number) => void;
}

const MOST = 20_000;

/** A handle after the last plate: pulled along the row it takes plates off the order, or adds them. */
export function LastPlate({ row, name, count, before, each, onCount }: Props) {
  const last = useRef<number>(undefined);
  const set = (next: number) => {
    const whole = Math.min(MOST, Math.max(1, Math.round(next)));
    if (whole === last.current) return;
    last.current = whole;
    onCount(whole);
  };
  const move = (event: PointerEvent<HTMLSpanElement>) => {
    const box = row.current;
    const plate = box?.querySelector('[data-plate]')?.getBoundingClientRect();
    if (!box || !plate || last.current === undefined) return;
    const from = box.getBoundingClientRect();
    const style = getComputedStyle(box);
    const wide = plate.width + parseFloat(style.columnGap);
    const high = plate.height + parseFloat(style.rowGap);
    const inRow = Math.max(1, Math.floor((from.width + parseFloat(style.columnGap)) / wide));
    const line = Math.max(0, Math.floor((event.clientY - plate.top) / high));
    const place = Math.min(inRow, Math.max(0, Math.round((event.clientX - from.left) / wide)));
    set((line * inRow + place) * each - before);
  };
  const press = (event: KeyboardEvent) => {
    const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1, PageUp: 10, PageDown: -10 }[
      event.key
    ];
    if (by === undefined) return;
    event.preventDefault();
    last.current = count;
    set(count + by);
  };
  return (
    <span
      className={css.lastPlate}
      role="slider"
      tabIndex={0}
      aria-label={`The last plate: ${name}`}
      aria-valuemin={1}
      aria-valuemax={MOST}
      aria-valuenow={count}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        last.current = count;
      }}
      onPointerMove={move}
      onPointerUp={() => {
        last.current = undefined;
      }}
      onPointerCancel={() => {
        last.current = undefined;
      }}
      onKeyDown={press}
    />
  );
}
