import {
  emptyLotMass,
  nominalLot,
  nothingWeighed,
  cookedFat,
  cookedShare,
  pickPlan,
  trimPlan,
  type KnownCut,
  type LotMass,
} from '../meat/index.ts';
import { runLot } from './lotRun.ts';

/** What so much of a cut becomes, the usual way: fat left on, membrane and big lumps picked out, g. */
export function becomes(cut: KnownCut, rawG: number): LotMass {
  const out = emptyLotMass();
  runLot(
    {
      id: cut.id,
      cut: cut.id,
      rawG,
      rawSpread: 0,
      boneShare: cut.boneShare,
      trim: trimPlan('none', cut.separableFat),
      flesh: cut.flesh,
      wholeY: cookedShare(cut.flesh).y,
      gelatinShare: cut.gelatinShare,
      pick: pickPlan('membrane', cut.leanShare),
      leanFat: cut.leanFat * cookedFat(cut.flesh),
      picks: 1,
      chops: false,
      onBone: false,
      airShare: 0,
      lowHeatY: 0,
      doneness: NaN,
      weighed: nothingWeighed(),
    },
    nominalLot,
    out,
  );
  return out;
}
