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
