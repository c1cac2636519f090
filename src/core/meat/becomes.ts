import type { KnownCut } from './cut.ts';
import { centreOfLot, cookLot, emptyLotMass, nothingWeighed, type LotMass } from './lot.ts';
import { pickedShare } from './picking.ts';
import { trimPlan } from './trim.ts';

/** What so much of a cut becomes, the usual way: fat left on, membrane and big lumps picked out, g. */
export function becomes(cut: KnownCut, rawG: number): LotMass {
  const out = emptyLotMass();
  cookLot(
    {
      id: cut.id,
      cut: cut.id,
      rawG,
      rawSpread: 0,
      boneShare: cut.boneShare,
      trim: trimPlan('none', cut.separableFat),
      flesh: cut.flesh,
      pickShare: pickedShare('membrane', cut.leanShare),
      airShare: 0,
      weighed: nothingWeighed(),
    },
    centreOfLot,
    out,
  );
  return out;
}
