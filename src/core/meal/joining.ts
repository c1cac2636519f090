import { canonical } from './canonical.ts';
import { candidates, joinedValues, type Held, type Values } from './both.ts';
import { sameKept } from './sameKept.ts';

/** Kept once it has happened: a copy that has it tells the other, which has only not heard of it. */
const HAPPENS: ReadonlySet<string> = new Set(['lidOn', 'closed', 'put', 'cools', 'guessG']);
/** Lists whose order is the work: what both have added to one has no order. */
const ORDERED: ReadonlySet<string> = new Set(['cook', 'after', 'layers']);
/** Lists whose order nobody has chosen. */
const LOOSE: ReadonlySet<string> = new Set(['entries', 'pots', 'merged']);
/** Lists of ids or of keys. */
const OF_WORDS: ReadonlySet<string> = new Set(['batches', 'dismissed', 'merged']);

type Loose = Readonly<Record<string, unknown>>;
const isObject = (value: unknown): value is Loose =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** The id of one in a list; undefined where it has none. */
const idIn = (list: string, one: unknown): string | undefined => {
  if (typeof one === 'string') return OF_WORDS.has(list) ? one : undefined;
  return isObject(one) && typeof one['id'] === 'string' ? one['id'] : undefined;
};

/** What was written as one is not taken apart: an amount as it was typed, a moment at its place. */
const isWhole = (value: Loose): boolean => 'text' in value || 'local' in value;

/** Fields that mean something only together: an amount and what it is measured in. */
const PAIRS = [
  ['amount', 'measure'],
  ['salt', 'saltIn'],
] as const;
const pairKey = (pair: readonly string[]): string => pair.join('+');

/** An object with its pairs as one field each. */
function folded(value: Loose): Loose {
  const out: Record<string, unknown> = { ...value };
  for (const pair of PAIRS) {
    const [first, second] = pair;
    if (out[first] === undefined || out[second] === undefined) continue;
    out[pairKey(pair)] = { text: '', [first]: out[first], [second]: out[second] };
    out[first] = undefined;
    out[second] = undefined;
  }
  return out;
}

function unfolded(value: Loose): Loose {
  const out: Record<string, unknown> = { ...value };
  for (const pair of PAIRS) {
    const both = out[pairKey(pair)];
    if (!isObject(both)) continue;
    out[pairKey(pair)] = undefined;
    for (const key of pair) out[key] = both[key];
  }
  return Object.fromEntries(Object.entries(out).filter(([, one]) => one !== undefined));
}

/** What is found where two copies are joined. */
export interface Findings {
  /** The paths, by ids, of what is said otherwise: a field holds both there. */
  readonly otherwise: Set<string>;
  /** And of what cannot hold both: an order that nobody has said. */
  readonly stuck: Set<string>;
  /** What goes, since the other took it away. */
  readonly taken: Set<string>;
  /** The paths of what only one of them has changed. */
  readonly changed: { readonly here: Set<string>; readonly there: Set<string> };
  /** Every field that holds more than one value once they are joined. */
  readonly both: Held[];
}

interface Sides {
  readonly gone: ReadonlySet<string>;
  /** What each copy holds of several values, by where. */
  readonly here: Values;
  readonly there: Values;
  /** The version that both were taken from, where it is known: what of it only one has changed is not asked. */
  readonly base: { readonly root: unknown; readonly held: Values } | undefined;
}

/** The value at a place of a copy: down by keys, and in a list by ids. */
const valueAt = (root: unknown, at: readonly string[]): unknown => withValueAt(root, at).before;

/** A copy with another value at a place, and what was there; null takes it out. Where there is no such place all stays as it is. */
export function withValueAt(
  root: unknown,
  at: readonly string[],
  value?: unknown,
): { readonly before: unknown; readonly after: unknown } {
  const [step, ...rest] = at;
  if (step === undefined) return { before: root, after: value ?? undefined };
  if (Array.isArray(root)) {
    const all = root as readonly unknown[];
    const i = all.findIndex((one) => isObject(one) && one['id'] === step);
    if (i < 0) return { before: undefined, after: root };
    const { before, after } = withValueAt(all[i], rest, value);
    return { before, after: all.with(i, after) };
  }
  if (!isObject(root)) return { before: undefined, after: root };
  const inOne = folded(root);
  const { before, after } = withValueAt(inOne[step], rest, value);
  return { before, after: unfolded({ ...inOne, [step]: after }) };
}

/** Joins objects by their keys and lists by the ids in them. */
export function joining(
  { gone, here, there, base }: Sides,
  { otherwise, stuck, taken, changed, both }: Findings,
) {
  const several = new Set([...here.keys(), ...there.keys(), ...(base?.held.keys() ?? [])]);
  const isHeldIn = (at: string) => [...several].some((one) => one === at || one.startsWith(`${at}\n`));
  /** A field that is not taken apart: what one alone has changed holds, and what both have holds both. */
  const field = (a: unknown, b: unknown, path: string, at: readonly string[]): unknown => {
    const where = at.join('\n');
    const known = base && candidates(base.held, where, valueAt(base.root, at));
    const [mine, its] = [candidates(here, where, a), candidates(there, where, b)];
    const values = joinedValues(mine, its, known);
    if (!sameKept(values, mine)) changed.there.add(path);
    if (!sameKept(values, its)) changed.here.add(path);
    const [first] = values;
    if (values.length > 1) {
      otherwise.add(path);
      both.push({ at: [...at], values: values.map((one) => JSON.parse(one) as unknown) });
    }
    const value: unknown = first === undefined ? null : JSON.parse(first);
    return value === null ? undefined : value;
  };
  const keys = (one: Loose, other: Loose, path: string, at: readonly string[]): Loose => {
    const [a, b] = [folded(one), folded(other)];
    return unfolded(
      Object.fromEntries(
        [...new Set([...Object.keys(a), ...Object.keys(b)])]
          .filter((key) => key !== 'both')
          .map((key) => [key, value(key, a[key], b[key], path, [...at, key])] as const),
      ),
    );
  };
  const value = (key: string, a: unknown, b: unknown, path: string, at: readonly string[]): unknown => {
    const same = sameKept(a, b) && !isHeldIn(at.join('\n'));
    if (same && !Array.isArray(a)) return a;
    const isThings = (one: unknown): one is readonly unknown[] =>
      Array.isArray(one) && one.every((each) => idIn(key, each) !== undefined);
    const [mine, its] = [a ?? (isThings(b) ? [] : a), b ?? (isThings(a) ? [] : b)];
    if (isThings(mine) && isThings(its)) return list(key, mine, its, path, at);
    if (same) return a;
    if ((a === undefined || b === undefined) && HAPPENS.has(key)) return a ?? b;
    return isObject(a) && isObject(b) && !isWhole(a) && !isWhole(b)
      ? keys(a, b, path, at)
      : field(a, b, path, at);
  };
  /** Whose order of what both have holds: either’s where it is one, else that of the one who has changed it. */
  const orderOf = (
    mine: readonly string[],
    theirs: readonly string[],
    at: readonly string[],
  ): 'either' | 'mine' | 'theirs' | 'nobody’s' => {
    if (sameKept(mine, theirs)) return 'either';
    const before = base && valueAt(base.root, at);
    if (!Array.isArray(before)) return 'nobody’s';
    const [has, key] = [new Set(mine), at.at(-1) ?? ''];
    const was = before.map((one) => idIn(key, one) ?? '').filter((id) => has.has(id));
    if (sameKept(mine, was)) return 'theirs';
    return sameKept(theirs, was) ? 'mine' : 'nobody’s';
  };
  const list = (
    key: string,
    a: readonly unknown[],
    b: readonly unknown[],
    path: string,
    at: readonly string[],
  ): unknown => {
    const within = path === '' ? '' : `${path}/`;
    const stands = (one: unknown) => !gone.has(within + (idIn(key, one) ?? ''));
    const byId = (all: readonly unknown[]) =>
      new Map(all.filter(stands).map((one) => [idIn(key, one) ?? '', one] as const));
    const [mine, its] = [byId(a), byId(b)];
    for (const one of a) if (!stands(one)) taken.add(within + (idIn(key, one) ?? ''));
    const shared = [...mine.keys()].filter((id) => its.has(id));
    const theirs = [...its.keys()].filter((id) => mine.has(id));
    const ordered = LOOSE.has(key) ? 'either' : orderOf(shared, theirs, at);
    if (ordered === 'nobody’s') {
      stuck.add(path);
      return a;
    }
    const hasMore = its.size > shared.length && mine.size === shared.length;
    const isTheirs = ordered === 'theirs' || (ordered === 'either' && hasMore);
    const [more, less] = isTheirs ? [its, mine] : [mine, its];
    if (less.size > shared.length && ORDERED.has(key)) {
      stuck.add(path);
      return a;
    }
    const ids = [...more.keys(), ...[...less.keys()].filter((id) => !more.has(id))];
    return ids.map((id) => {
      const [one, other] = [mine.get(id), its.get(id)];
      if (!isObject(one) || !isObject(other)) return one ?? other;
      // A reading is one and the same wherever it is; what a clock was off by may have been seen at one alone.
      if (key === 'entries') return canonical(one) < canonical(other) ? one : other;
      return keys(one, other, within + id, [...at, id]);
    });
  };
  return (a: Loose, b: Loose): Loose => keys(a, b, '', []);
}
