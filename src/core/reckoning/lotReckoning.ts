import type { Readiness } from '../tender/index.ts';
import { cookedWater, type KnownCut, type LotMass } from '../meat/index.ts';
import type { NominalBatch } from '../model/index.ts';
import type { Range } from '../quantity/index.ts';

export interface LotReckoning {
  readonly lot: string;
  readonly cut: string;
  readonly name: string;
  readonly source: string;
  /** Which of its cut's figures are estimates. */
  readonly estimates: readonly string[];
  /** g at the nominal: what the lot becomes. */
  readonly rawG: number;
  readonly trimG: number;
  /** Meat and bone on the board, trimmed. */
  readonly boardG: number;
  readonly boneG: number;
  /** As it comes out, lighter by the fat and the juice it gave. */
  readonly boneOutG: number;
  readonly juiceG: number;
  readonly fatG: number;
  readonly airG: number;
  readonly pickingsG: number;
  /** Not tender when a written time ends: it is chopped, or goes back. */
  readonly unpulledG: number;
  readonly shredG: number;
  /** When it is tender, min from a hot pot; null for bones and where nobody knows. */
  readonly tenderMin: Range | null;
  /** The last fork found it tender. */
  readonly found?: boolean;
}

/** What became of each lot of a batch. */
export const lotsOf = ({ plan, mass }: NominalBatch): readonly LotReckoning[] =>
  plan.lots.flatMap(({ id }, i) => {
    const [m, cut] = [mass.lots[i], plan.cuts[i]];
    if (!m || !cut) return [];
    // For the salt that it takes up of its pot it gives as much water.
    const salt = plan.liquid ? mass.liquid.saltOfMeatWater * cookedWater(m) : 0;
    return [lotReckoning(id, cut, m, plan.ready, salt)];
  });

/** What became of a lot of this cut, as a drawing of it and its words need it. */
export const lotReckoning = (
  lot: string,
  cut: KnownCut,
  m: LotMass,
  ready?: Readiness,
  saltTakenUp = 0,
): LotReckoning => ({
  lot,
  cut: cut.id,
  name: cut.name,
  source: cut.source,
  estimates: cut.estimates,
  rawG: m.raw,
  trimG: m.trim,
  boardG: m.intoPot,
  boneG: m.rawBone,
  boneOutG: m.bone,
  juiceG: m.juice + saltTakenUp,
  fatG: m.renderedFat,
  airG: m.airLoss,
  pickingsG: m.pickings,
  unpulledG: m.unpulled,
  shredG: m.shred,
  ...timesOf(lot, ready),
});

function timesOf(lot: string, ready: Readiness | undefined) {
  const one = ready?.lots.find(({ id }) => id === lot);
  if (!ready || !one) return { tenderMin: null };
  const { mid, p10 = mid, p50 = mid, p90 = mid } = one.tender;
  const from = ready.potFrom;
  return {
    tenderMin: { mid: mid - from, p10: p10 - from, p50: p50 - from, p90: p90 - from },
    found: one.found,
  };
}
