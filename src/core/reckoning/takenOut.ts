import { MINUTE_MS } from '../quantity/index.ts';
import type { LotReckoning } from './lotReckoning.ts';

/** Lots tender within so many minutes of each other come out together (estimate). */
const TOGETHER = 10;

/** The lots in the order in which they are tender; none where they come out together. */
export function takenOut(lots: readonly Pick<LotReckoning, 'lot' | 'name' | 'tenderMin'>[]): readonly {
  readonly lot: string;
  readonly name: string;
  readonly tenderMin: NonNullable<LotReckoning['tenderMin']>;
}[] {
  const inOrder = lots
    .flatMap(({ lot, name, tenderMin }) => (tenderMin ? [{ lot, name, tenderMin }] : []))
    .sort((a, b) => a.tenderMin.mid - b.tenderMin.mid);
  const [first, last] = [inOrder[0], inOrder.at(-1)];
  return first && last && last.tenderMin.mid - first.tenderMin.mid >= TOGETHER ? inOrder : [];
}

/** The lot that goes too far first: until when it is still good, min from a hot pot and as a moment if its lid is on. */
export function stillGood(
  lots: readonly Pick<LotReckoning, 'name' | 'goodUntilMin' | 'goes'>[],
  lidOn: number | undefined,
):
  | { readonly name: string; readonly goes: string; readonly afterMin: number; readonly at?: number }
  | undefined {
  const known = lots.flatMap(({ name, goodUntilMin: afterMin, goes }) =>
    afterMin === undefined || goes === undefined ? [] : [{ name, goes, afterMin }],
  );
  const first = known.toSorted((a, b) => a.afterMin - b.afterMin)[0];
  return first && { ...first, ...(lidOn !== undefined && { at: lidOn + first.afterMin * MINUTE_MS }) };
}
