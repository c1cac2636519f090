import {
  cookLiquid,
  emptyLiquidMass,
  type FromMeat,
  type LiquidDraw,
  type LiquidMass,
} from '../../broth/index.ts';
import { BONE_GIVES, cookLot, emptyLotMass, type LotDraw, type LotMass } from '../../meat/index.ts';
import type { BatchPlan } from '../plan/plan.ts';

/** What became of a batch: filled anew by each run, so that thousands of draws make no garbage. */
export interface BatchMass {
  readonly lots: readonly LotMass[];
  readonly fromMeat: FromMeat;
  readonly liquid: LiquidMass;
}

export function emptyBatchMass(plan: BatchPlan): BatchMass {
  return {
    lots: plan.lots.map(emptyLotMass),
    fromMeat: { juiceWater: 0, juiceAsh: 0, protein: 0, fat: 0, meatWater: 0, inPot: 0 },
    liquid: emptyLiquidMass(),
  };
}

/** Water in a lot's cooked meat before salt takes some of its place, g. */
export function cookedWater(lot: LotMass): number {
  return Math.max(
    0,
    lot.cooked - lot.protein * lot.boneless - lot.keptFat - (lot.ash * lot.boneless - lot.juiceAsh),
  );
}

/**
 * One forward run of a batch: every lot to shred, then their juice and fat into the liquid.
 * The centre and each draw are this same function with other multipliers.
 */
export function runBatch(
  plan: BatchPlan,
  lotDraws: readonly Readonly<LotDraw>[],
  liquidDraw: Readonly<LiquidDraw>,
  out: BatchMass,
): void {
  const sum = out.fromMeat;
  sum.juiceWater = sum.juiceAsh = sum.protein = sum.fat = sum.meatWater = sum.inPot = 0;
  for (let i = 0; i < plan.lots.length; i += 1) {
    const lot = plan.lots[i];
    const draw = lotDraws[i];
    const mass = out.lots[i];
    if (!lot || !draw || !mass) continue;
    cookLot(lot, draw, mass);
    sum.juiceWater += mass.juiceWater + BONE_GIVES.water * mass.boneLoss;
    sum.juiceAsh += mass.juiceAsh;
    sum.protein += BONE_GIVES.protein * mass.boneLoss;
    sum.fat += mass.rendered + BONE_GIVES.fat * mass.boneLoss;
    sum.meatWater += cookedWater(mass);
    sum.inPot += mass.cooked + mass.boneOut;
  }
  if (plan.liquid) cookLiquid(plan.liquid, sum, liquidDraw, out.liquid);
}
