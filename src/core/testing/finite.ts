/** The first figure of an answer that is none, with its place; what is not known is null, never infinite. */
export function unfinite(value: unknown, path = ''): string | undefined {
  if (typeof value === 'number') return Number.isFinite(value) ? undefined : `${path} is ${value}`;
  if (typeof value !== 'object' || value === null || ArrayBuffer.isView(value)) return undefined;
  for (const [key, part] of Object.entries(value)) {
    const found = unfinite(part, `${path}.${key}`);
    if (found !== undefined) return found;
  }
  return undefined;
}
