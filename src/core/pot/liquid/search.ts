/**
 * Names that hold every word that was typed, at the start of a word of theirs; what begins with the
 * first word comes first, then the shorter name, then the order of the list.
 */
export function searchNames<T extends { readonly name: string }>(
  list: readonly T[],
  typed: string,
  most: number,
): readonly T[] {
  const words = typed
    .toLowerCase()
    .split(/[^\p{L}\p{N}%]+/u)
    .filter(Boolean);
  const [first] = words;
  if (first === undefined) return [];
  const starts = words.map((word) => new RegExp(`(^|[^\\p{L}])${word}`, 'iu'));
  return list
    .filter(({ name }) => starts.every((start) => start.test(name)))
    .map((one, at) => ({ one, at, begins: one.name.toLowerCase().startsWith(first) }))
    .sort(
      (a, b) => Number(b.begins) - Number(a.begins) || a.one.name.length - b.one.name.length || a.at - b.at,
    )
    .slice(0, most)
    .map(({ one }) => one);
}
