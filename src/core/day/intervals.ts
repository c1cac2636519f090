import { MINUTE_MS } from '../quantity/index.ts';
import type { Line, Interval } from './line.ts';

/** What is nearer than this is one stretch; a shorter break is none, min. */
const NEAR = 10;
const BREAK = 30;

/** When somebody must be there: lines that want hands, near ones as one. */
export function mergeIntervals(lines: readonly Line[]): readonly Interval[] {
  const found: { from: number; to: number }[] = [];
  for (const { from, to } of lines.toSorted((a, b) => a.from - b.from)) {
    const last = found.at(-1);
    if (last && from - last.to <= NEAR * MINUTE_MS) last.to = Math.max(last.to, to);
    else found.push({ from, to });
  }
  return found;
}

/** The breaks between them that are worth the name. */
export const gaps = (here: readonly Interval[]): readonly Interval[] =>
  here.flatMap(({ to: from }, i) => {
    const next = here[i + 1];
    return next && next.from - from >= BREAK * MINUTE_MS ? [{ from, to: next.from }] : [];
  });
