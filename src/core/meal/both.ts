import { canonical } from './canonical.ts';

/** A field that copies say otherwise holds what each says, until somebody chooses. */
export interface Held {
  /** Where: down by keys, and in a list by ids. */
  readonly at: readonly string[];
  /** Null: nothing is written there. */
  readonly values: readonly unknown[];
}

/** Several values of a field, as texts that are the same where they are the same, by where. */
export type Values = ReadonlyMap<string, readonly string[]>;

export const valuesOf = (held: readonly Held[] | undefined): Values =>
  new Map((held ?? []).map(({ at, values }) => [at.join('\n'), values.map(canonical).toSorted()]));

/** What a copy says of a field: one value, or several that nobody has chosen between; one that was written since is alone. */
export function candidates(held: Values, where: string, now: unknown): readonly string[] {
  const written = canonical(now ?? null);
  const several = held.get(where);
  return several?.includes(written) === true ? several : [written];
}

const same = (a: readonly string[], b: readonly string[]): boolean =>
  a.length === b.length && a.every((one, i) => one === b[i]);

/**
 * What two copies say together: where only one has changed it since the version that both were taken from, what that one says; else all
 * that either says, but for what it was before. The order of copies and of times does not matter.
 */
export function joinedValues(
  a: readonly string[],
  b: readonly string[],
  base: readonly string[] | undefined,
): readonly string[] {
  if (same(a, b) || (base && same(b, base))) return a;
  if (base && same(a, base)) return b;
  const before = new Set(base);
  const [inA, inB] = [new Set(a), new Set(b)];
  const all = [...new Set([...a, ...b])].filter((one) => (inA.has(one) && inB.has(one)) || !before.has(one));
  return (all.length > 0 ? all : a).toSorted();
}
