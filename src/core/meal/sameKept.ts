/**
 * Whether two rows are kept as the same: a field that is undefined is none. Parts that are one object are not looked into, so that
 * a key costs what it changes.
 */
export function sameKept(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true;
  if (!isObject(a) || !isObject(b) || Array.isArray(a) !== Array.isArray(b)) return false;
  for (const key of Object.keys(a)) if (!sameKept(a[key], b[key])) return false;
  for (const key of Object.keys(b)) if (b[key] !== undefined && a[key] === undefined) return false;
  return true;
}

const isObject = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null;
