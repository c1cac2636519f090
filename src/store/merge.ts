import { sameKept } from '@/core/meal/index.ts';

/**
 * What stands after a change is made that was thought of on other ground: where `now` still is as it was `from`, it
 * becomes what it was to become, `to`; where somebody else has changed it since, theirs stands. Goes into objects by
 * key and into lists whose members have an id by that id. With nobody else it is exactly `to`.
 */
export function merged(from: unknown, to: unknown, now: unknown): unknown {
  if (sameKept(now, from)) return to;
  if (sameKept(from, to)) return now;
  if (isObject(from) && isObject(to) && isObject(now)) return mergedKeys(from, to, now);
  if (hasIds(from) && hasIds(to) && hasIds(now)) return mergedList(from, to, now);
  return now;
}

type Loose = Readonly<Record<string, unknown>>;
type WithId = Loose & { readonly id: string };

const isObject = (value: unknown): value is Loose =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const hasIds = (value: unknown): value is readonly WithId[] =>
  Array.isArray(value) && value.every((one) => isObject(one) && typeof one.id === 'string');

function mergedKeys(from: Loose, to: Loose, now: Loose): Loose {
  const keys = new Set([...Object.keys(now), ...Object.keys(to)]);
  const entries = [...keys].map((key) => [key, merged(from[key], to[key], now[key])] as const);
  return Object.fromEntries(entries.filter(([, value]) => value !== undefined));
}

function mergedList(from: readonly WithId[], to: readonly WithId[], now: readonly WithId[]): unknown[] {
  const of = (list: readonly WithId[], id: string) => list.find((one) => one.id === id);
  const stays = now.map((one) => merged(of(from, one.id), of(to, one.id), one));
  // What the change brings is put where it would have stood.
  for (const [at, one] of to.entries())
    if (!of(now, one.id) && !of(from, one.id)) stays.splice(Math.min(at, stays.length), 0, one);
  return stays.filter((one) => one !== undefined);
}
