import { alcoholLeft } from '../../clock/index.ts';
import { massOf, setLess, clearPool, setTimes } from '../../ledger/index.ts';
import { isWeighed } from '../../meat/index.ts';
import {
  mainOf,
  steamOf,
  type FromMeat,
  type LiquidDraw,
  type LiquidMass,
  type LiquidPlan,
} from '../liquid.ts';
import { heldWater } from '../../work/index.ts';

/** So little of the free water left is nearly dry (estimate). */
const NEARLY = 0.1;

/** The braise: alcohol and steam off, never more than the free water; a weighed pot says how much. */
export function boil(plan: LiquidPlan, meat: FromMeat, draw: Readonly<LiquidDraw>, out: LiquidMass): void {
  const { pool, solids, comesOut, solidsG, comesOutG } = mainOf(out);
  const minutes = plan.minutesOpen * draw.minutes;
  boilOffAlcohol(plan, plan.minutesFixed + minutes, out);
  // What the solids hold is not free to boil off while they hold it.
  const strained = out.strains ? heldWater(solidsG, draw.held, massOf(solids)) : 0;
  const lifted = heldWater(comesOutG, draw.held, massOf(comesOut));
  const free = Math.max(0, pool.water - strained - lifted);
  const { weighed } = plan;
  const wanted = isWeighed(weighed.steam)
    ? weighed.steam
    : isWeighed(weighed.pot)
      ? Math.max(0, meat.inPot + massOf(pool) - weighed.pot)
      : (plan.steamFixed + steamOf(plan.steamOpen, minutes)) * draw.steam;
  out.steam = Math.min(free, wanted);
  const weighs = isWeighed(weighed.pot) || isWeighed(weighed.steam);
  out.lacked = weighs ? 0 : Math.max(0, wanted - free);
  out.dry = out.lacked > 0;
  out.nearDry = !weighs && free - out.steam < NEARLY * free;
  pool.water -= out.steam;
  out.potG = meat.inPot + massOf(pool);
  settlePot(weighed.pot - meat.inPot, out);
}

/** Each item's alcohol by how long it has been in. */
function boilOffAlcohol({ alcohol }: LiquidPlan, minutes: number, out: LiquidMass): void {
  const { pool } = mainOf(out);
  let there = 0;
  let left = 0;
  for (const { grams, at } of alcohol) {
    there += grams;
    left += grams * alcoholLeft(Math.max(0, minutes - at));
  }
  out.alcoholOff = there > 0 ? pool.alcohol * (1 - left / there) : 0;
  pool.alcohol -= out.alcoholOff;
}

/** What a weighed pot says against the balance, once all the steam there can be has been taken off. */
function settlePot(weighedLiquid: number, out: LiquidMass): void {
  const { pool, solids, comesOut } = mainOf(out);
  const { potMissing } = out;
  clearPool(potMissing);
  out.potFound = 0;
  if (!isWeighed(weighedLiquid)) return;
  const over = weighedLiquid - massOf(pool);
  out.potFound = Math.max(0, over);
  pool.water += out.potFound;
  const share = over < 0 ? Math.min(1, -over / massOf(pool)) : 0;
  setTimes(potMissing, pool, share);
  setLess(pool, pool, potMissing);
  // Of what is missing, the solids are missing too.
  setTimes(solids, solids, 1 - share);
  setTimes(comesOut, comesOut, 1 - share);
}
