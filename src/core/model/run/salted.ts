import { mainOf, saltShareOf, takenBy, type LiquidMass, type LiquidPlan } from '../../broth/index.ts';
import { massOf } from '../../ledger/index.ts';
import { type LiquidStep, MAIN } from '../../work/index.ts';
import { MEAT_TARGET, saltWanted, type Low } from '../../pot/index.ts';
import { keptFor } from '../kept.ts';
import type { BatchPlan } from '../plan/plan.ts';
import { nominalBatch } from './run.ts';

/**
 * What salt the strength wants, and that much of it where nobody has typed any: one look back from the
 * finished liquid and from each low on the way, and one more where something is boiled down.
 */
export const salted = (plan: BatchPlan): BatchPlan => kept(plan, [], () => salt(plan));

const kept = keptFor<BatchPlan>();

function salt(plan: BatchPlan): BatchPlan {
  const { liquid } = plan;
  if (!liquid) return plan;
  const { mass } = nominalBatch({ ...plan, liquid: { ...liquid, saltG: 0 } });
  // Of a pot that boils dry nobody can say how salty it ends; the warning stands in its place.
  if (mass.liquid.dry || mass.liquid.nearDry)
    return plan.batch.salt?.lo === undefined ? { ...plan, liquid: { ...liquid, saltG: 0 } } : plan;
  const { pool: finished } = mainOf(mass.liquid);
  const reduction = waterOff(liquid, mass.liquid, MAIN);
  const apart = mass.liquid.liquids.reduce((sum, { id, pool }) => sum + (id === MAIN ? 0 : pool.water), 0);
  const apartOff = takenBy(liquid, mass.liquid, 'reduction').water - reduction;
  const stirredIn = takenBy(liquid, mass.liquid, 'stirredIn').water;
  const taken =
    takenBy(liquid, mass.liquid, 'skimOnWay', 'scum', 'comeOut', 'strained', 'skim').water -
    takenBy(liquid, mass.liquid, 'vegetablesBack').water;
  const base = massOf(finished) - finished.fat - finished.salt;
  const waterG = Math.max(
    0,
    finished.water + apart + apartOff + taken + mass.fromMeat.meatWater + reduction - stirredIn,
  );
  // Boiling down after the sieve strengthens what is left: before it a low may be as strong as that.
  const stronger = finished.water > 0 ? (finished.water + reduction) / finished.water : 1;
  const target = plan.brothTarget;
  const saltWantedG = saltWanted(
    target,
    base,
    finished.water + reduction,
    { waterG, saltG: saltOf(liquid.items) },
    lowsOf(liquid, waterG, mass.liquid.steam, stronger),
    {
      grams: mass.lots.reduce((sum, lot) => sum + lot.flesh, 0),
      waterG: mass.fromMeat.meatWater,
      target: plan.batch.strength?.meat ?? MEAT_TARGET,
    },
  );
  const wanted = forEach(
    { ...plan, liquid: { ...liquid, saltG: Math.max(0, saltWantedG) } },
    saltWantedG,
    target,
  );
  const saltG = plan.batch.salt?.lo === undefined ? Math.max(0, wanted) : liquid.saltG;
  return { ...plan, liquid: { ...liquid, saltG, saltWantedG: wanted } };
}

/** Water that boiling one liquid down takes off it, g. */
const waterOff = ({ steps }: LiquidPlan, { taken }: LiquidMass, of: string): number =>
  steps.reduce(
    (sum, step, i) => sum + (step.what === 'boil down' && step.of === of ? (taken[i]?.water ?? 0) : 0),
    0,
  );

const concentrates: ReadonlySet<LiquidStep['what']> = new Set(['set apart', 'boil down']);

/**
 * Salt with which no liquid ends stronger than is wanted, g, by looking once more: a part that is boiled down further than the rest
 * has the say, and with a liquid goes the water that the meat gave back for its salt.
 */
function forEach(plan: BatchPlan, saltG: number, target: number): number {
  if (!plan.liquid || !plan.liquid.steps.some(({ what }) => concentrates.has(what))) return saltG;
  const { mass } = nominalBatch(plan);
  const strongest = Math.max(...mass.liquid.liquids.filter(({ ml }) => ml > 0).map(saltShareOf), 0);
  if (!(strongest > target)) return saltG;
  const all = Math.max(0, saltG) + saltOf(plan.liquid.items);
  return saltG - all * (1 - target / strongest);
}

const saltOf = (items: LiquidPlan['items']) =>
  items.reduce((sum, item) => sum + item.grams * item.perGram.salt, 0);

/** The water and the salt in the pot just before each thing that goes in later. */
function lowsOf(liquid: LiquidPlan, waterG: number, steam: number, stronger: number): Low[] {
  const minutes = liquid.minutesFixed + liquid.minutesOpen;
  return liquid.items
    .filter(({ at }) => at > 0)
    .map(({ at }) => {
      const later = liquid.items.filter((item) => item.at >= at);
      const water = later.reduce((sum, item) => sum + item.grams * item.perGram.water, 0);
      const toBoilOff = minutes > 0 ? steam * (1 - at / minutes) : 0;
      return {
        waterG: Math.max(0, waterG - water + toBoilOff) * stronger,
        saltG: saltOf(liquid.items.filter((item) => item.at < at)),
      };
    });
}
