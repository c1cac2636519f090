import { runLot } from '../../bench/index.ts';
import {
  cookLiquid,
  emptyLiquidMass,
  nominalLiquid,
  type FromMeat,
  type LiquidDraw,
  type LiquidMass,
} from '../../broth/index.ts';
import {
  BONE_GIVES,
  cookedWater,
  emptyLotMass,
  nominalLot,
  type LotDraw,
  type LotMass,
} from '../../meat/index.ts';
import { keptFor } from '../kept.ts';
import type { BatchPlan } from '../plan/plan.ts';

/** What of the lots is told of the batch as one figure, g. */
type SummedOverLots = 'raw' | 'trim' | 'rawBone' | 'boneOut' | 'bench' | 'pickings' | 'unpulled' | 'shred';

/** What became of a batch: filled anew by each run, so that thousands of draws make no garbage. */
export interface BatchMass {
  readonly lots: readonly LotMass[];
  /** Over all lots. */
  readonly sums: Record<SummedOverLots, number>;
  readonly fromMeat: FromMeat;
  readonly liquid: LiquidMass;
}

export function emptyBatchMass(plan: BatchPlan): BatchMass {
  return {
    lots: plan.lots.map(emptyLotMass),
    sums: { raw: 0, trim: 0, rawBone: 0, boneOut: 0, bench: 0, pickings: 0, unpulled: 0, shred: 0 },
    fromMeat: { juiceWater: 0, juiceAsh: 0, protein: 0, fat: 0, meatWater: 0, inPot: 0 },
    liquid: emptyLiquidMass(plan.liquid?.steps ?? []),
  };
}

/**
 * One forward run of a batch: every lot to shred, then their juice and fat into the liquid.
 * The nominal run and each draw are this same function with other multipliers.
 */
export function runBatch(
  plan: BatchPlan,
  lotDraws: readonly Readonly<LotDraw>[],
  liquidDraw: Readonly<LiquidDraw>,
  out: BatchMass,
): void {
  const { sums, fromMeat: sum } = out;
  sums.raw = sums.trim = sums.rawBone = sums.boneOut = sums.bench = 0;
  sums.pickings = sums.unpulled = sums.shred = 0;
  sum.juiceWater = sum.juiceAsh = sum.protein = sum.fat = sum.meatWater = sum.inPot = 0;
  for (let i = 0; i < plan.lots.length; i += 1) {
    const lot = plan.lots[i];
    const draw = lotDraws[i];
    const mass = out.lots[i];
    if (!lot || !draw || !mass) continue;
    runLot(lot, draw, mass);
    sums.raw += mass.raw;
    sums.trim += mass.trim;
    sums.rawBone += mass.rawBone;
    sums.boneOut += mass.boneOut;
    sums.bench += mass.bench;
    sums.pickings += mass.pickings;
    sums.unpulled += mass.unpulled;
    sums.shred += mass.shred;
    sum.juiceWater += mass.juiceWater + BONE_GIVES.water * mass.boneLoss;
    sum.juiceAsh += mass.juiceAsh;
    sum.protein += mass.gelatin + BONE_GIVES.protein * mass.boneLoss;
    sum.fat += mass.rendered + BONE_GIVES.fat * mass.boneLoss;
    sum.meatWater += cookedWater(mass);
    sum.inPot += mass.flesh + mass.boneOut;
  }
  if (plan.liquid) cookLiquid(plan.liquid, sum, liquidDraw, out.liquid);
}

/** The multipliers of a batch: one set for each lot, one for the liquid. */
export interface BatchDraw {
  readonly lots: readonly LotDraw[];
  readonly liquid: LiquidDraw;
}

export interface NominalBatch {
  readonly plan: BatchPlan;
  readonly mass: BatchMass;
}

/** A batch with every multiplier at one, or at the middle of what its weighings leave possible. */
export function nominalBatch(plan: BatchPlan, centre?: BatchDraw): NominalBatch {
  const at = centre ? [centre.liquid, ...centre.lots].flatMap((draw) => Object.values({ ...draw })) : [];
  return runs(plan, at, () => runAt(plan, centre));
}

const runs = keptFor<NominalBatch>();

function runAt(plan: BatchPlan, centre: BatchDraw | undefined): NominalBatch {
  const mass = emptyBatchMass(plan);
  const draws = centre?.lots ?? plan.lots.map(() => nominalLot);
  runBatch(plan, draws, centre?.liquid ?? nominalLiquid, mass);
  return { plan, mass };
}
