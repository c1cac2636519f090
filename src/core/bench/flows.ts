import { carrying, flow, settle, times, type Flow } from '../ledger/index.ts';
import { boneOnBench, type CookedLot, type LotMass, type LotPlan } from '../meat/index.ts';

/** What the bench makes of one lot's cooked meat: bone and pickings out, shred into the bowl. */
export function benchFlows(plan: LotPlan, mass: LotMass, cooked: CookedLot, batch: string): Flow[] {
  const base = { batch, lot: plan.id } as const;
  const weighed = !Number.isNaN(plan.weighed.cooked);
  const bone = boneOnBench(plan, mass);
  const boneIn = weighed ? Math.min(plan.weighed.cooked, bone) : mass.boneOut;
  const flows: Flow[] = [
    flow('bench', 'bin', 'bone', 'bench', base, times(cooked.bone, bone)),
    flow('bench', 'bin', 'pickings', 'bench', base, times(cooked.flesh, mass.pickings)),
    flow('bench', 'bowl', 'shred', 'bench', base, times(cooked.flesh, mass.shred)),
    ...settle(base, 'bench', 'bench', 'bone', cooked.bone, boneIn - bone),
    ...settle(base, 'bench', 'bench', 'meat', cooked.flesh, mass.bench - mass.pickings - mass.shred),
  ];
  return carrying(flows);
}
