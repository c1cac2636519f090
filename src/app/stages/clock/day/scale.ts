/** Where a moment lies down the picture, and which moment lies there. */
export interface Scale {
  readonly height: number;
  readonly y: (moment: number) => number;
  readonly at: (y: number) => number;
}

/** px a line of words needs, where nothing else is said. */
export const LINE = 18;
const PER_MINUTE = 0.8;
/** Longer than this nothing begins: paper is saved. */
const LONG = 60;
const PER_LONG_MINUTE = 0.22;
const MOST = 130;
const OVER = 0.2;

function lengthOf(minutes: number): number {
  if (minutes <= LONG) return minutes * PER_MINUTE;
  return Math.min(MOST, LONG * PER_MINUTE + (minutes - LONG) * PER_LONG_MINUTE);
}

/**
 * The day's scale: time runs evenly between two beginnings, faster where for long nothing begins, slower where
 * so much does that its words would stand on one another.
 * @param begins when each line begins
 * @param marks other moments that must lie inside
 * @param now what is over takes little paper
 * @param line what a line of words needs, px
 */
export function dayScale(
  begins: readonly number[],
  marks: readonly number[],
  now = -Infinity,
  line = LINE,
): Scale {
  const counts = new Map<number, number>();
  for (const at of begins) counts.set(at, (counts.get(at) ?? 0) + 1);
  for (const at of marks) counts.set(at, counts.get(at) ?? 0);
  const knots = [...counts.keys()].sort((a, b) => a - b);
  const ys = [0];
  // Words of an earlier beginning may still hang into this stretch.
  let below = 0;
  for (let i = 1; i < knots.length; i += 1) {
    const from = knots[i - 1] ?? 0;
    below += line * (counts.get(from) ?? 0);
    const over = (knots[i] ?? 0) <= now ? OVER : 1;
    const wanted = over * lengthOf(((knots[i] ?? 0) - from) / MINUTE_MS);
    const length = (counts.get(knots[i] ?? 0) ?? 0) > 0 ? Math.max(below, wanted) : wanted;
    below = Math.max(0, below - length);
    ys.push((ys[i - 1] ?? 0) + length);
  }
  const between = (xs: readonly number[], fs: readonly number[], x: number) => {
    const last = xs.length - 1;
    if (last < 1) return fs[0] ?? 0;
    let i = xs.findIndex((knot) => knot > x);
    i = i < 0 ? last : Math.max(1, i);
    const [x0 = 0, x1 = 0, f0 = 0, f1 = 0] = [xs[i - 1], xs[i], fs[i - 1], fs[i]];
    return x1 > x0 ? f0 + ((f1 - f0) * (x - x0)) / (x1 - x0) : f0;
  };
  const y = (moment: number) => between(knots, ys, moment);
  const last = knots.at(-1) ?? 0;
  return {
    height: y(last) + below,
    y,
    at: (at) => between(ys, knots, at),
  };
}
import { MINUTE_MS } from '@/core/quantity/index.ts';
