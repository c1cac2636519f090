import { standingEntries } from '../batch/entries.ts';
import type { Entry } from '../batch/schema.ts';
import { BROTH, gramsOfVolume, type LiquidWeighed } from '../broth/index.ts';
import type { LotMass, LotPlan, LotWeighed } from '../meat/index.ts';
import { middle } from '../quantity/index.ts';
import type { Input } from './input.ts';
import type { BatchPlan } from './plan.ts';

type LotFlow = keyof LotWeighed;
const lotFlows: readonly LotFlow[] = ['raw', 'board', 'trim', 'cooked', 'bone', 'pickings', 'shred'];
const isLotFlow = (flow: string): flow is LotFlow => (lotFlows as readonly string[]).includes(flow);

/** What a plan says a weighed sum is made of, by lot, g. */
const plannedOf: Readonly<Record<LotFlow, (mass: LotMass) => number>> = {
  raw: (m) => m.raw,
  board: (m) => m.boneless + m.rawBone,
  trim: (m) => m.trim,
  cooked: (m) => m.cooked + m.boneOut,
  bone: (m) => m.boneOut,
  pickings: (m) => m.pickings,
  shred: (m) => m.shred,
};

/** The reading in grams; a hot volume by the density of water at its temperature. */
function gramsOf(entry: Entry): number | undefined {
  const value = entry.value && middle(entry.value);
  if (value === null || value === undefined) return undefined;
  return entry.measure === 'volume' ? gramsOfVolume(value, BROTH, entry.celsius) : value;
}

/**
 * The plan of a batch with what was weighed in it. A weighed sum is dealt to the lots in proportion
 * to the plan, less the lots that were weighed by themselves; if the plan has none of it (bones of
 * boneless lots), by raw weight.
 */
export function withWeighed(plan: BatchPlan, planned: readonly LotMass[], input: Input): BatchPlan {
  const entries = standingEntries(input.entries).filter((entry) => entry.batch === plan.id);
  if (entries.length === 0) return plan;
  const byLot = plan.lots.map((lot) => ({ ...lot.weighed }));
  const liquid: LiquidWeighed | undefined = plan.liquid && { ...plan.liquid.weighed };
  const sums: { flow: LotFlow; grams: number }[] = [];

  for (const entry of entries) {
    const grams = gramsOf(entry);
    if (grams === undefined) continue;
    const { measures } = entry;
    if (measures.what === 'stock') {
      const tare = input.kitchen.vessels.find((v) => v.id === measures.vessel)?.tareG;
      if (liquid && tare !== undefined) liquid.pot = Math.max(0, grams - tare);
    } else if (measures.what === 'flow' && isLotFlow(measures.flow)) {
      const at = plan.lots.findIndex((lot) => lot.id === measures.lot);
      const weighed = byLot[at];
      if (weighed) weighed[measures.flow] = grams;
    } else if (isLotFlow(measures.flow)) {
      sums.push({ flow: measures.flow, grams });
    } else if (liquid) {
      liquid[measures.flow] = grams;
    }
  }
  for (const { flow, grams } of sums) deal(flow, grams, byLot, planned, plan.lots);
  return {
    ...plan,
    lots: plan.lots.map((lot, at) => ({ ...lot, weighed: byLot[at] ?? lot.weighed })),
    liquid: plan.liquid && liquid && { ...plan.liquid, weighed: liquid },
  };
}

function deal(
  flow: LotFlow,
  grams: number,
  byLot: readonly LotWeighed[],
  planned: readonly LotMass[],
  lots: readonly LotPlan[],
): void {
  const open = byLot.flatMap((weighed, at) => (Number.isNaN(weighed[flow]) ? [at] : []));
  const own = byLot.reduce((sum, weighed) => sum + (Number.isNaN(weighed[flow]) ? 0 : weighed[flow]), 0);
  const rest = Math.max(0, grams - own);
  const share = (at: number, by: 'plan' | 'raw') => {
    const mass = planned[at];
    return by === 'plan' && mass ? plannedOf[flow](mass) : (lots[at]?.rawG ?? 0);
  };
  const by = open.some((at) => share(at, 'plan') > 0) ? 'plan' : 'raw';
  const total = open.reduce((sum, at) => sum + share(at, by), 0);
  for (const at of open) {
    const weighed = byLot[at];
    if (weighed && total > 0) weighed[flow] = (rest * share(at, by)) / total;
  }
}
