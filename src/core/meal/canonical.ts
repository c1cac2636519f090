/** The same with its keys sorted, so that what is the same is the same to the byte. */
export function sorted(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(sorted);
  if (typeof value !== 'object' || value === null) return value;
  const entries = Object.entries(value).filter(([, v]) => v !== undefined);
  return Object.fromEntries(entries.sort(([a], [b]) => (a < b ? -1 : 1)).map(([k, v]) => [k, sorted(v)]));
}

/** A value as one line of JSON: what is the same is the same to the byte. */
export const canonical = (value: unknown): string => JSON.stringify(sorted(value));
