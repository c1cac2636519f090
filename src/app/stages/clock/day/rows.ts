import type { DayPlan } from '@/core/answers/index.ts';

type Line = DayPlan['lines'][number];

/** A line of the day, and where it stands: its moment, and the middle of its words, px. */
export interface DayRow {
  readonly line: Line;
  readonly top: number;
  readonly label: number;
  /** What the open pot wants first. */
  readonly isNext: boolean;
}

export const keyOf = ({ task, key }: Line): string => `${task} ${key}`;

/** Each line with where it begins and where its words stand: those that begin together under one another. */
export function rowsOf(
  lines: readonly Line[],
  y: (moment: number) => number,
  line: number,
  open: { readonly key: string | undefined; readonly takes: number },
  batch: string,
): readonly DayRow[] {
  let below = 0;
  const next = lines.find((one) => one.batch === batch);
  return lines.map((one) => {
    const top = y(one.from);
    const label = Math.max(top, below);
    // What is opened pushes the words after it down, and covers none of them.
    below = label + line + (keyOf(one) === open.key ? open.takes : 0);
    return { line: one, top, label, isNext: one === next };
  });
}

/** Side by side what runs at the same time, each bar in the first lane that is free. */
export function lanesOf(lines: readonly Line[]): ReadonlyMap<Line, number> {
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
