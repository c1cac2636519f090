import { entryAt } from '../../columns/index.ts';
import type { Vessel } from '../../meal/index.ts';
import { brimMl } from '../vessel/shape.ts';

/** One lot on its way into the vessels. */
export interface ToDeal {
  readonly ml: number;
  /** When it is tender: what is alike goes together. */
  readonly minutes: number;
  /** Where the cook put it: shares by vessel. */
  readonly placed?: ReadonlyMap<string, number> | undefined;
}

/** A lot of which so much would go into one vessel goes there whole, if that is not much fuller for it. */
const WHOLE = 0.65;
const FULLER = 1.15;

/**
 * Deals lots to vessels: in the order in which they are tender, so that tender-alike lots lie
 * together, and to each vessel in proportion to what it holds. A lot is shared only where it lies
 * well across two. What the cook has placed stays where it is.
 * @returns for each lot its share in each vessel; the shares of a lot sum to one
 */
export function deal(lots: readonly ToDeal[], vessels: readonly Vessel[]): readonly (readonly number[])[] {
  const none = vessels.map(() => 0);
  if (vessels.length <= 1) return lots.map(() => vessels.map(() => 1));
  const shares: number[][] = lots.map(({ placed }) => {
    const typed = vessels.map(({ id }) => placed?.get(id) ?? 0);
    const sum = typed.reduce((a, b) => a + b, 0);
    return sum > 0 ? typed.map((share) => share / sum) : [...none];
  });
  const isPlaced = (i: number) => shares[i]?.some((share) => share > 0) ?? false;
  const total = lots.reduce((sum, lot) => sum + lot.ml, 0);
  const brim = vessels.reduce((sum, vessel) => sum + brimMl(vessel), 0);
  const room = vessels.map((vessel, v) => {
    const taken = lots.reduce((sum, lot, i) => sum + lot.ml * entryAt(entryAt(shares, i), v), 0);
    return Math.max(0, (total * brimMl(vessel)) / brim - taken);
  });
  const open = lots
    .map((lot, i) => ({ ...lot, i }))
    .filter(({ i }) => !isPlaced(i))
    .sort((a, b) => b.minutes - a.minutes || b.ml - a.ml);
  const openMl = open.reduce((sum, { ml }) => sum + ml, 0);
  const roomMl = room.reduce((sum, ml) => sum + ml, 0);
  const ends = room.map((_, v) =>
    roomMl > 0 ? (openMl * room.slice(0, v + 1).reduce((a, b) => a + b, 0)) / roomMl : openMl,
  );
  const taken = vessels.map(() => 0);
  let from = 0;
  for (const { i, ml } of open) {
    const to = from + ml;
    const across = ends.map((end, v) =>
      Math.max(0, Math.min(to, end) - Math.max(from, v === 0 ? 0 : entryAt(ends, v - 1))),
    );
    const sum = across.reduce((a, b) => a + b, 0);
    const part = across.map((x) => (sum > 0 ? x / sum : 1 / vessels.length));
    const most = Math.max(...part);
    const into = part.indexOf(most);
    const fits = entryAt(taken, into) + ml <= FULLER * entryAt(room, into);
    const whole = open.length >= vessels.length && most >= WHOLE && fits;
    shares[i] = whole ? part.map((_, v) => Number(v === into)) : part;
    for (const [v, share] of (shares[i] ?? []).entries()) taken[v] = entryAt(taken, v) + share * ml;
    from = to;
  }
  return shares;
}
