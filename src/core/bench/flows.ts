import { massOf, times, type Flow } from '../ledger/index.ts';
import { settle } from '../ledger/index.ts';
import { boneOnBench, type LotMass, type LotPlan } from '../meat/index.ts';
import type { CookedLot } from '../meat/index.ts';

/** What the bench makes of one lot's cooked meat: bone and pickings out, shred into the bowl. */
export function benchFlows(plan: LotPlan, mass: LotMass, cooked: CookedLot, batch: string): Flow[] {
  const base = { batch, lot: plan.id } as const;
  const weighed = !Number.isNaN(plan.weighed.cooked);
  const bone = boneOnBench(plan, mass);
  const boneIn = weighed ? Math.min(plan.weighed.cooked, bone) : mass.boneOut;
  const flows: Flow[] = [
    { ...base, from: 'bench', to: 'bin', material: 'bone', stage: 'bench', amount: times(cooked.bone, bone) },
    {
      ...base,
      from: 'bench',
      to: 'bin',
      material: 'pickings',
      stage: 'bench',
      amount: times(cooked.flesh, mass.pickings),
    },
    {
      ...base,
      from: 'bench',
      to: 'bowl',
      material: 'shred',
      stage: 'bench',
      amount: times(cooked.flesh, mass.shred),
    },
    ...settle(base, 'bench', 'bench', 'bone', cooked.bone, boneIn - bone),
    ...settle(base, 'bench', 'bench', 'meat', cooked.flesh, mass.bench - mass.pickings - mass.shred),
  ];
  return flows.filter((flow) => massOf(flow.amount) > 0);
}
