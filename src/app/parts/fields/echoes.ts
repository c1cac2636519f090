/** After this a value that was sent is no longer awaited: the store has skipped it, ms. */
const PATIENCE = 5_000;

interface Sent<T> {
  readonly value: T;
  readonly at: number;
}

/**
 * Values that were sent to the store and not heard of yet. On a loaded machine an earlier one comes
 * back while later ones are on their way: it is our own echo, and not somebody else's change.
 */
export type Awaited<T> = readonly Sent<T>[];

/** One more on its way; one that is already there brings no echo. */
export function send<T>(awaited: Awaited<T>, stored: T, value: T, at: number): Awaited<T> {
  const last = awaited.length > 0 ? awaited.at(-1)?.value : stored;
  return Object.is(last, value) ? awaited : [...awaited, { value, at }];
}

/** What the store says: our own echo, with what is still awaited after it, or news. */
export function hear<T>(
  awaited: Awaited<T>,
  stored: T,
  at: number,
): { readonly news: boolean; readonly awaited: Awaited<T> } {
  const fresh = awaited.filter((sent) => at - sent.at < PATIENCE);
  const found = fresh.findIndex(({ value }) => Object.is(value, stored));
  return found < 0 ? { news: true, awaited: [] } : { news: false, awaited: fresh.slice(found + 1) };
}
