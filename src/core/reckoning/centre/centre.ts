import { benchFlows } from '../../bench/index.ts';
import { centreOfLiquid, liquidFlows, type LiquidPlan, type LiquidWeighed } from '../../broth/index.ts';
import {
  amountOf,
  carrying,
  flow,
  flowKey,
  ledgerFlow,
  massOf,
  nothing,
  times,
  type Flow,
  type LedgerFlow,
  type Material,
} from '../../ledger/index.ts';
import { keptFlows } from '../../keep/index.ts';
import { centreOfLot, lotFlows, type LotWeighed } from '../../meat/index.ts';
import {
  centreOfServing,
  emptyServed,
  plateFlows,
  serve,
  type Served,
  type Source,
} from '../../plates/index.ts';
import { BROTH_TARGET, MEAT_TARGET, saltWanted, type Low } from '../../pot/index.ts';
import type { Input } from '../input.ts';
import type { BatchPlan, MealPlan } from '../plan/plan.ts';
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

/**
 * What salt the strength wants, and that much of it where nobody has typed any: one look back from the
 * finished liquid and from each low on the way, no iteration.
 */
function salted(plan: BatchPlan): BatchPlan {
  const { liquid } = plan;
  if (!liquid) return plan;
  const { mass } = atCentre({ ...plan, liquid: { ...liquid, saltG: 0 } });
  const { finished, strained, skim, lifted, waySkim, scum, reduction, steam } = mass.liquid;
  const base = massOf(finished) - finished.fat - finished.salt;
  const taken = strained.water + skim.water + lifted.water + waySkim.water + scum.water;
  const waterG = finished.water + taken + mass.fromMeat.meatWater + reduction;
  const salt = (items: LiquidPlan['items']) =>
    items.reduce((sum, item) => sum + item.grams * item.perGram.salt, 0);
  const minutes = liquid.minutesFixed + liquid.minutesOpen;
  // Boiling down after the sieve strengthens what is left: before it a low may be as strong as that.
  const stronger = finished.water > 0 ? (finished.water + reduction) / finished.water : 1;
  const lows = liquid.items
    .filter(({ at }) => at > 0)
    .map(({ at }): Low => {
      const later = liquid.items.filter((item) => item.at >= at);
      const water = later.reduce((sum, item) => sum + item.grams * item.perGram.water, 0);
      const toBoilOff = minutes > 0 ? steam * (1 - at / minutes) : 0;
      return {
        waterG: Math.max(0, waterG - water + toBoilOff) * stronger,
        saltG: salt(liquid.items.filter((item) => item.at < at)),
      };
    });
  const target = plan.batch.strength?.liquid ?? BROTH_TARGET;
  const saltWantedG = saltWanted(
    target,
    base,
    finished.water + reduction,
    { waterG, saltG: salt(liquid.items) },
    lows,
  );
  const saltG = plan.batch.salt?.lo === undefined ? Math.max(0, saltWantedG) : liquid.saltG;
  return { ...plan, liquid: { ...liquid, saltG, saltWantedG } };
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
      flows.push(
        ...own.flatMap((one) => byVessel(one, i, plan)),
        ...benchFlows(lot, lotMass, cooked, plan.id),
      );
      shred.push({ batch: plan.id, lot: lot.id, grams: lotMass.shred, ml: 0, per: cooked.flesh });
    }
    if (!plan.liquid) {
      flows.push(...unreckoned(flows, plan.id));
      continue;
    }
    const { flows: own, per } = liquidFlows(plan.liquid, mass.liquid, plan.id, lotShares({ plan, mass }));
    flows.push(...own, ...panFatFlows(plan));
    liquid.push({ batch: plan.id, grams: mass.liquid.grams, ml: mass.liquid.ml, per });
  }
  const served = emptyServed(mealPlan.tickets.length);
  const ml = liquid.reduce((sum, source) => sum + source.ml, 0);
  const grams = shred.reduce((sum, source) => sum + source.grams, 0);
  serve(mealPlan.tickets, grams, ml, centreOfServing(mealPlan.tickets.length), served);
  const targets = new Map(plans.map(({ id, batch }) => [id, batch.strength?.meat ?? MEAT_TARGET] as const));
  const plated = plateFlows(mealPlan.tickets, served, shred, liquid, targets);
  flows.push(...plated.flows, ...keptFlows(shred, liquid, plated.meatShare, plated.liquidShare));
  return { batches, served, flows };
}

/** What goes into the pot of a lot, by vessel where there are several. */
function byVessel(one: Flow, lot: number, { vessels }: BatchPlan): Flow[] {
  if (one.material !== 'into the pot' || vessels.length < 2) return [one];
  return vessels.flatMap(({ vessel, shares }) => {
    const share = shares[lot] ?? 0;
    return share > 0 ? [{ ...one, vessel: vessel.id, amount: times(one.amount, share) }] : [];
  });
}

/** The lots and their shares of the meat: what they take up of a marinade. */
function lotShares({ plan, mass }: CentreBatch): { id: string; share: number }[] {
  const all = mass.lots.reduce((sum, lot) => sum + lot.boneless, 0);
  return plan.lots.map(({ id }, i) => ({
    id,
    share: all > 0 ? (mass.lots[i]?.boneless ?? 0) / all : 1 / plan.lots.length,
  }));
}

/** Fat into the pan, and from there into the pot, the jar or the bin. */
function panFatFlows({ id: batch, batch: { panFat }, sear: { fatG } }: BatchPlan): Flow[] {
  const fat = amountOf({ fat: fatG });
  const to = { 'in the pot': 'liquid', kept: 'fat jar', 'poured off': 'bin' } as const;
  return carrying([
    flow('cupboard', 'pan', 'pan fat', 'pot', { batch }, fat),
    flow('pan', to[panFat?.then ?? 'in the pot'], 'pan fat', 'pot', { batch }, fat),
  ]);
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
