/**
 * Where a condition that only ever turns from true to false turns: halves [low, high] until the two are no further
 * apart than `fine`. With a `fine` of one the halves are whole numbers.
 * @returns the last place known to hold, and the first known not to
 * @example bisect((x) => x * x < 2, 0, 2, 1e-9)[0] // 1.41421356
 */
export function bisect(
  holds: (at: number) => boolean,
  low: number,
  high: number,
  fine: number,
): readonly [number, number] {
  let [from, to] = [low, high];
  while (to - from > fine) {
    const half = fine >= 1 ? Math.floor((from + to) / 2) : (from + to) / 2;
    if (holds(half)) from = half;
    else to = half;
  }
  return [from, to];
}
