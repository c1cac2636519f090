/**
 * A value as it is now, made of the parts of what it was before wherever those are equal: what crosses a border comes as a copy,
 * and what hangs on a part that has not changed must not be worked out again.
 * @param now plain data
 */
export function shared<T>(before: unknown, now: T): T {
  if (Object.is(before, now)) return now;
  if (!isPlain(before) || !isPlain(now) || Array.isArray(before) !== Array.isArray(now)) return now;
  const keys = Object.keys(now);
  let same = keys.length === Object.keys(before).length;
  const parts: Record<string, unknown> = {};
  for (const key of keys) {
    parts[key] = shared(before[key], now[key]);
    if (!Object.is(parts[key], before[key]) || !(key in before)) same = false;
  }
  // Equal to the last part it is what it was before.
  if (same) return before as T;
  return (Array.isArray(now) ? Object.values(parts) : parts) as T;
}

const isPlain = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null;
