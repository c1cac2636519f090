/**
 * The value at a place of a column.
 * @throws if there is none: a wrong place must not turn into a plausible nought
 */
export function valueAt(column: ArrayLike<number>, place: number): number {
  const value = column[place];
  if (value === undefined) throw new RangeError(`There is no value at ${place} of ${column.length}.`);
  return value;
}
