/**
 * Whether two sets of props say the same. What comes from the store or from a reckoning is a new
 * object each time, so objects are held against each other by what they hold; functions are not looked at.
 */
export function sameContent<T extends object>(before: T, after: T): boolean {
  return Object.entries(after).every(([key, value]) => {
    const old: unknown = before[key as keyof T];
    if (Object.is(old, value)) return true;
    return typeof value === 'object' && JSON.stringify(old) === JSON.stringify(value);
  });
}
