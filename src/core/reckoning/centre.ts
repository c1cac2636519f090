import { benchFlows } from '../bench/index.ts';
import { centreOfLiquid, liquidFlows, type LiquidWeighed } from '../broth/index.ts';
import {
  flow,
  flowKey,
  ledgerFlow,
  massOf,
  nothing,
  type Flow,
  type LedgerFlow,
  type Material,
} from '../ledger/index.ts';
import { keptFlows } from '../keep/index.ts';
import { centreOfLot, lotFlows, type LotWeighed } from '../meat/index.ts';
import {
  centreOfServing,
  emptyServed,
  plateFlows,
  serve,
  type Served,
  type Source,
} from '../plates/index.ts';
import { BROTH_TARGET, saltToAdd } from '../pot/index.ts';
import type { Input } from './input.ts';
import type { BatchPlan, MealPlan } from './plan.ts';
import { emptyBatchMass, runBatch, type BatchMass } from './run.ts';
import { withWeighed } from './weighed.ts';

export interface CentreBatch {
  readonly plan: BatchPlan;
  readonly mass: BatchMass;
}

/** The central reckoning: no spread, every node closed. */
export interface Centre {
  readonly batches: readonly CentreBatch[];
  readonly served: Served;
  readonly flows: readonly Flow[];
}

function atCentre(plan: BatchPlan): CentreBatch {
  const mass = emptyBatchMass(plan);
  runBatch(
    plan,
    plan.lots.map(() => centreOfLot),
    centreOfLiquid,
    mass,
  );
  return { plan, mass };
}

/** Salt that nobody has typed: one look back from the finished liquid, no iteration. */
function salted(plan: BatchPlan): BatchPlan {
  if (!plan.liquid || plan.batch.salt?.lo !== undefined) return plan;
  const { mass } = atCentre(plan);
  const { finished, strained, skim } = mass.liquid;
  const base = massOf(finished) - finished.fat - finished.salt;
  const water = finished.water + strained.water + skim.water + mass.fromMeat.meatWater;
  const already = plan.liquid.items.reduce((sum, item) => sum + item.grams * item.perGram.salt, 0);
  // Boiling down after the sieve strengthens what is left: the target is met before it.
  const beforeReduction = base > 0 ? base + mass.liquid.reduction : 0;
  const target = beforeReduction > 0 ? (BROTH_TARGET * base) / beforeReduction : BROTH_TARGET;
  const saltG = saltToAdd(
    target,
    beforeReduction,
    finished.water + mass.liquid.reduction,
    water + mass.liquid.reduction,
    already,
  );
  return { ...plan, liquid: { ...plan.liquid, saltG } };
}

/** The plan with its salt, before and after what was weighed. */
export function plansOf(mealPlan: MealPlan, input: Input): { planned: BatchPlan[]; now: BatchPlan[] } {
  const planned = mealPlan.batches.map(salted);
  const weighed = (plan: BatchPlan) => withWeighed(plan, atCentre(plan).mass.lots, input);
  const now = input.entries.length === 0 ? planned : planned.map(weighed);
  return { planned, now };
}

/** Runs the whole meal once at the centre and writes its flows. */
export function centreOf(mealPlan: MealPlan, plans: readonly BatchPlan[]): Centre {
  const batches = plans.map(atCentre);
  const flows: Flow[] = [];
  const shred: Source[] = [];
  const liquid: Source[] = [];
  for (const { plan, mass } of batches) {
    for (const [i, lot] of plan.lots.entries()) {
      const lotMass = mass.lots[i];
      if (!lotMass) continue;
      const { flows: own, cooked } = lotFlows(
        lot,
        lotMass,
        plan.id,
        plan.liquid ? mass.liquid.saltOfMeatWater : 0,
      );
      flows.push(...own, ...benchFlows(lot, lotMass, cooked, plan.id));
      shred.push({ batch: plan.id, lot: lot.id, grams: lotMass.shred, ml: 0, per: cooked.flesh });
    }
    if (!plan.liquid) {
      flows.push(...unreckoned(flows, plan.id));
      continue;
    }
    const { flows: own, per } = liquidFlows(plan.liquid, mass.liquid, plan.id);
    flows.push(...own);
    liquid.push({ batch: plan.id, grams: mass.liquid.grams, ml: mass.liquid.ml, per });
  }
  const served = emptyServed(mealPlan.tickets.length);
  const ml = liquid.reduce((sum, source) => sum + source.ml, 0);
  const grams = shred.reduce((sum, source) => sum + source.grams, 0);
  serve(mealPlan.tickets, grams, ml, centreOfServing(mealPlan.tickets.length), served);
  const plated = plateFlows(mealPlan.tickets, served, shred, liquid);
  flows.push(...plated.flows, ...keptFlows(shred, liquid, plated.meatShare, plated.liquidShare));
  return { batches, served, flows };
}

/** Without a time for the pot nobody can say what becomes of the juice: it stands where it is. */
function unreckoned(flows: readonly Flow[], batch: string): Flow[] {
  return flows
    .filter((juice) => juice.batch === batch && juice.to === 'liquid')
    .map((juice) => flow('liquid', 'unreckoned', juice.material, 'clock', juice, juice.amount));
}

/** Which reading stands behind a flow of this material, by lot and by batch. */
const lotReading: Partial<Record<Material, keyof LotWeighed>> = {
  raw: 'raw',
  trim: 'trim',
  cooked: 'cooked',
  bone: 'bone',
  pickings: 'pickings',
  shred: 'shred',
};
const batchReading: Partial<Record<Material, keyof LiquidWeighed>> = {
  pour: 'pour',
  steam: 'steam',
  strained: 'strained',
  skim: 'skim',
  liquid: 'liquid',
};

function wasWeighed(flow: Flow, plans: readonly BatchPlan[]): boolean {
  if (flow.dish !== undefined) return false;
  const plan = plans.find(({ id }) => id === flow.batch);
  const lot = plan?.lots.find(({ id }) => id === flow.lot);
  const ofLot = lotReading[flow.material];
  if (lot) return ofLot !== undefined && !Number.isNaN(lot.weighed[ofLot]);
  const ofBatch = batchReading[flow.material];
  return ofBatch !== undefined && plan?.liquid !== undefined && !Number.isNaN(plan.liquid.weighed[ofBatch]);
}

/** The planned and the present flows side by side: one ledger. */
export function ledgerOf(
  planned: readonly Flow[],
  now: readonly Flow[],
  plans: readonly BatchPlan[],
): readonly LedgerFlow[] {
  if (planned === now) return now.map((f) => ledgerFlow(f, f.amount, f.amount, false));
  const ledger = new Map<string, LedgerFlow>();
  for (const f of planned) ledger.set(flowKey(f), ledgerFlow(f, f.amount, nothing, false));
  for (const f of now) {
    const before = ledger.get(flowKey(f))?.planned ?? nothing;
    ledger.set(flowKey(f), ledgerFlow(f, before, f.amount, wasWeighed(f, plans)));
  }
  return [...ledger.values()];
}
