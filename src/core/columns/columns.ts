/**
 * The value at a place of a column.
 * @throws if there is none: a wrong place must not turn into a plausible nought
 */
export function valueAt(column: Float64Array, place: number): number {
  const value = column[place];
  if (value === undefined) throw new RangeError(`There is no value at ${place} of ${column.length}.`);
  return value;
}

/**
 * The same of a column of whole numbers. The engine makes quick code of each where it meets columns of one kind.
 * @throws if there is none
 */
export function wholeAt(column: Int32Array | Int16Array | Uint8Array, place: number): number {
  const value = column[place];
  if (value === undefined) throw new RangeError(`There is no value at ${place} of ${column.length}.`);
  return value;
}

/**
 * What stands at a place of a list.
 * @throws if there is nothing
 */
export function entryAt<T>(list: readonly T[], place: number): T {
  const entry = list[place];
  if (entry === undefined) throw new RangeError(`There is nothing at ${place} of ${list.length}.`);
  return entry;
}

/**
 * The value between two places of a column, along a straight line: before the first it is the first, beyond the last it
 * goes on as at its end.
 * @throws if there is none
 */
export function valueBetween(column: Float64Array, place: number): number {
  const last = column.length - 1;
  if (last < 1) return valueAt(column, 0);
  const at = Math.max(0, place);
  const i = Math.min(Math.floor(at), last - 1);
  const low = valueAt(column, i);
  return low + (valueAt(column, i + 1) - low) * (at - i);
}
