/**
 * Keeps the last thing made for each object, while all else that it hangs on is the same: a key in one pot then leaves the
 * others as they are. What is made must be left as it is by everybody.
 * @returns a function that gives what was made for an object, or makes it anew where something it hangs on is another
 */
export function keptFor<V>(): (of: object, hangsOn: readonly unknown[], make: () => V) => V {
  const kept = new WeakMap<object, { readonly hangsOn: readonly unknown[]; readonly made: V }>();
  return (of, hangsOn, make) => {
    const known = kept.get(of);
    if (
      known?.hangsOn.length === hangsOn.length &&
      known.hangsOn.every((one, i) => Object.is(one, hangsOn[i]))
    )
      return known.made;
    const made = make();
    kept.set(of, { hangsOn, made });
    return made;
  };
}

/** Works something out when it is first asked for, and then knows it. */
export function once<T>(work: () => T): () => T {
  let known: { readonly value: T } | undefined;
  return () => (known ??= { value: work() }).value;
}
