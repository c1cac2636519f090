import type { Logged } from './digest.ts';

/** By what the log is put in order. */
export const orders = [
  'latest first',
  'oldest first',
  'best yield',
  'worst yield',
  'most liked',
  'most meat',
] as const;
export type LogOrder = (typeof orders)[number];

/** Shred of what was bought, all cuts together; undefined where nothing was weighed. */
export function yieldOf({ cuts, weighed }: Logged): number | undefined {
  const rawG = cuts.reduce((sum, one) => sum + one.rawG, 0);
  return weighed && rawG > 0 ? cuts.reduce((sum, one) => sum + one.shredG, 0) / rawG : undefined;
}

/** What does not add up of its weighings, missing and found together, g. */
export const unaccountedG = ({ unaccounted }: Logged): number =>
  unaccounted.reduce((sum, { grams }) => sum + Math.abs(grams), 0);

/** Raw weight of all its meat, g. */
export const rawOf = ({ cuts }: Logged): number => cuts.reduce((sum, one) => sum + one.rawG, 0);

/** A batch that is over: closed, weighed, or served by now. What still stands on the heat is in no log. */
export const isPast = ({ closed, weighed, at }: Logged, now: number): boolean =>
  closed !== undefined || weighed || at <= now;

const words = new WeakMap<Logged, string>();

/** What a search looks through: meal, pot, cuts, heat, vessel, dishes, notes, the verdict and the date. */
function wordsOf(digest: Logged): string {
  const known = words.get(digest);
  if (known !== undefined) return known;
  const { name, pot, cuts, heat, vessel, dishes, notes, closed, at } = digest;
  const date = new Date(at).toISOString().slice(0, 10);
  const said = [
    name,
    pot,
    ...cuts.map((one) => one.name),
    heat,
    vessel,
    ...dishes,
    notes,
    closed?.verdict,
    date,
  ]
    .join(' ')
    .toLowerCase();
  words.set(digest, said);
  return said;
}

/** A bound on the yield, as it is typed in a search: ">40 %", "<38%". */
const BOUND = /^([<>])(\d+(?:[.,]\d+)?)%?$/;

/** The batches in which every word occurs; "<38%" and ">40%" are bounds on the yield. */
export function searched(digests: readonly Logged[], text: string): readonly Logged[] {
  const wanted = text
    .trim()
    .toLowerCase()
    .replace(/([<>])\s+/g, '$1')
    .replace(/\s+%/g, '%')
    .split(/\s+/)
    .filter((word) => word !== '');
  if (wanted.length === 0) return digests;
  const bounds = wanted.flatMap((word) => {
    const [, side, value] = BOUND.exec(word) ?? [];
    return value === undefined
      ? []
      : [{ word, above: side === '>', share: Number(value.replace(',', '.')) / 100 }];
  });
  const plain = wanted.filter((word) => !bounds.some((bound) => bound.word === word));
  return digests.filter((digest) => {
    const share = yieldOf(digest);
    return (
      bounds.every(({ above, share: at }) => share !== undefined && (above ? share > at : share < at)) &&
      (plain.length === 0 || plain.every((word) => wordsOf(digest).includes(word)))
    );
  });
}

/** The batches in an order; what has no figure for it comes last. */
export function ordered(digests: readonly Logged[], order: LogOrder): readonly Logged[] {
  const by: Readonly<Record<LogOrder, (digest: Logged) => number | undefined>> = {
    'latest first': ({ at }) => at,
    'oldest first': ({ at }) => -at,
    'best yield': yieldOf,
    'worst yield': (digest) => {
      const share = yieldOf(digest);
      return share === undefined ? undefined : -share;
    },
    'most liked': ({ closed }) => closed?.rating,
    'most meat': rawOf,
  };
  const key = by[order];
  return digests
    .map((digest) => ({ digest, value: key(digest) ?? -Infinity }))
    .sort((a, b) => b.value - a.value || b.digest.at - a.digest.at)
    .map(({ digest }) => digest);
}
