import { massOf, clearPool } from '../ledger/index.ts';
import { isWeighed } from '../meat/index.ts';
import { type Liquid, type LiquidStep, MAIN, volumeOf } from '../work/index.ts';
import { type FromMeat, type LiquidDraw, type LiquidMass, type LiquidPlan, readingOfStep } from './liquid.ts';
import { boil } from './steps/boil.ts';
import { pour } from './steps/pour.ts';

/**
 * Carries a batch's liquids from the jug to broth or sauce: filled, boiled, then every step of the plan in its
 * order. Everything poured and put in, juice and fat received = vapour + strained out + skimmed + finished
 * liquids, whatever the steps are.
 */
export function cookLiquid(
  plan: LiquidPlan,
  meat: FromMeat,
  draw: Readonly<LiquidDraw>,
  out: LiquidMass,
): void {
  clear(plan, out);
  pour(plan, meat, draw, out);
  boil(plan, meat, draw, out);
  for (let i = 0; i < out.steps.length; i += 1) {
    const at = out.steps[i];
    if (!at) continue;
    const { step, liquid, taken, reading, run } = at;
    clearPool(taken);
    const weighed = reading === undefined ? NaN : plan.weighed[reading];
    run(step, { plan, meat, draw, out, liquid, taken, weighed });
  }
  weighJugs(plan, out);
}

/** Nothing of the draw before may be left standing. */
function clear({ solids, blended }: LiquidPlan, out: LiquidMass): void {
  clearPool(out.strainer.pool);
  clearPool(out.strainer.dry);
  out.saltOfMeatWater = 0;
  out.solids = massOf(solids) + massOf(blended);
  for (const liquid of out.liquids) {
    clearPool(liquid.pool);
    clearPool(liquid.solids);
    clearPool(liquid.comesOut);
    liquid.solidsG = liquid.comesOutG = liquid.thickG = liquid.gelatinShare = 0;
    liquid.strained = false;
  }
}

/** What was weighed of a step, g; NaN if nobody did. */
export function weighedOf({ steps, weighed }: LiquidPlan, step: LiquidStep): number {
  const reading = readingOfStep(steps, step);
  return reading === undefined ? NaN : weighed[reading];
}

/** Each liquid as it is finished, as it was weighed where it was. */
function weighJugs({ weighed, jugs }: LiquidPlan, out: LiquidMass): void {
  for (const liquid of out.liquids) {
    const { pool, strained } = liquid;
    const grams = massOf(pool);
    const apart = jugs?.get(liquid.id);
    const reading = liquid.id === MAIN ? weighed.liquid : (apart?.grams ?? NaN);
    const readMl = liquid.id === MAIN ? weighed.liquidMl : (apart?.ml ?? NaN);
    const ml = volumeOf(grams - pool.fat, pool.fat, strained);
    // Read as a volume it is that volume; its weight follows from what it is made of.
    const scale = isWeighed(readMl) ? readMl / ml : isWeighed(reading) ? reading / grams : 1;
    if (grams > 0) {
      liquid.grams = grams * scale;
      liquid.ml = ml * scale;
    } else {
      liquid.grams = isWeighed(reading) ? reading : 0;
      liquid.ml = isWeighed(readMl) ? readMl : volumeOf(liquid.grams, 0, strained);
    }
    liquid.madeG = liquid.grams;
    if (liquid.id === MAIN) lessGone(liquid, orNone(weighed.drunk) + orNone(weighed.pouredAway));
  }
}

const orNone = (grams: number): number => (isWeighed(grams) ? grams : 0);

/** A ladle that was drunk, or what was poured away. */
function lessGone(liquid: Liquid, goneG: number): void {
  if (goneG <= 0) return;
  const stays = liquid.madeG > 0 ? Math.max(0, 1 - goneG / liquid.madeG) : 0;
  liquid.grams *= stays;
  liquid.ml *= stays;
}
