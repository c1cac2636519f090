import { flow, settle, times, type Flow, type Owner } from '../ledger/index.ts';
import { isWeighed, pickedShare, picksAll, type CookedLot, type LotDraw, type LotMass, type LotPlan } from '../meat/index.ts';

/** The lot on the bench: bones out, pickings off (s of the cooked boneless weight), and what is left is shred. */
export function pickLot(plan: LotPlan, draw: Readonly<LotDraw>, out: LotMass): void {
  const { weighed } = plan;
  out.pickings = isWeighed(weighed.pickings)
    ? weighed.pickings
    : out.bench * picked(plan, draw, out);
  out.shred = isWeighed(weighed.shred) ? weighed.shred : Math.max(0, out.bench - out.pickings);
}

function picked({ pick }: LotPlan, draw: Readonly<LotDraw>, { trimmedCooked }: LotMass): number {
  return picksAll(pick) ? 1 : Math.min(0.95, pickedShare(pick, trimmedCooked) * draw.pickings);
}

/** What the bench makes of one lot's cooked meat: bone and pickings out, shred into the bowl. */
export function pickFlows(mass: LotMass, { flesh, bone }: CookedLot, owner: Owner): Flow[] {
  return [
    flow('bone', owner, times(bone, mass.bone)),
    flow('pickings', owner, times(flesh, mass.pickings)),
    flow('shred', owner, times(flesh, mass.shred)),
    ...settle(owner, 'bench', 'bench', 'bone', bone, mass.boneOnBench - mass.bone),
    ...settle(owner, 'bench', 'bench', 'meat', flesh, mass.bench - mass.pickings - mass.shred),
  ];
}
