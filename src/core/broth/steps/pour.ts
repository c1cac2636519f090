import { massOf, setPlus, setTimes } from '../../ledger/index.ts';
import { isWeighed } from '../../meat/index.ts';
import { dissolvedProtein } from '../../work/index.ts';
import { mainOf, type FromMeat, type LiquidDraw, type LiquidMass, type LiquidPlan } from '../liquid.ts';

/** Fills the pot: what is poured and put in, the pan's fat, the salt, and what the meat gives while it cooks. */
export function pour(plan: LiquidPlan, meat: FromMeat, draw: Readonly<LiquidDraw>, out: LiquidMass): void {
  const main = mainOf(out);
  const { pool } = main;
  const planned = massOf(plan.poured);
  const weighed = plan.weighed.pour;
  out.pourFactor = isWeighed(weighed) ? (planned > 1e-6 ? weighed / planned : 0) : draw.poured;
  out.pour = planned * out.pourFactor;
  out.pouredMl = plan.pouredMl * out.pourFactor + plan.soakingMl;
  setPlus(pool, plan.solids, plan.poured, out.pourFactor);
  setPlus(pool, pool, plan.soaking, 1);
  setPlus(pool, pool, plan.blended, 1);
  setPlus(pool, pool, plan.lifted, 1);
  pool.water += meat.juiceWater;
  pool.ash += meat.juiceAsh;
  pool.protein += meat.protein;
  pool.fat += meat.fat;
  pool.fat += plan.panFatG;
  out.saltG = plan.saltG * draw.salt;
  pool.salt += out.saltG;
  // What rendered is no part of what a sieve holds any more.
  main.solidsG = massOf(plan.solids) - (plan.solids.fat - plan.dry.fat);
  main.comesOutG = massOf(plan.lifted) - (plan.lifted.fat - plan.liftedDry.fat);
  main.thickG = plan.thickG;
  setTimes(main.comesOut, plan.liftedDry, 1);
  // What no sieve will ever take is part of the sauce.
  setTimes(main.solids, plan.dry, out.strains ? 1 : 0);
  const dissolved = dissolvedProtein(main);
  const gelatin = meat.protein + plan.gelatinG * out.pourFactor;
  main.gelatinShare = dissolved > 0 ? Math.min(1, gelatin / dissolved) : 0;
}
