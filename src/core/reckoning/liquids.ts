import { isStrained } from '../meal/index.ts';
import { saltShareOf, saltyWays, type SaltyWays, type Thicken, thickenTo } from '../broth/index.ts';
import { isStep, MAIN, type Thickness, thicknessOf, thicks, type Liquid } from '../work/index.ts';
import { massOf } from '../ledger/index.ts';
import type { Drawn, NominalBatch } from '../model/index.ts';
import { PROPOSED_MOST, saltAtDressing } from '../pot/index.ts';
import { type Range, rangeOf } from '../quantity/index.ts';

/** One of a batch's finished liquids, and what it still wants. */
export interface LiquidReckoning {
  /** The name that it was set apart under; the pot's own is "pot". */
  readonly id: string;
  readonly says: string;
  readonly ml: Range;
  readonly grams: number;
  readonly saltPct: Range;
  readonly fatG: number;
  readonly waterG: number;
  /** Without its fat, and what of that is salt, g. */
  readonly baseG: number;
  readonly saltG: number;
  readonly thickness: Thickness;
  /** Salt to its strength, g; nought where it needs none. */
  readonly saltToAddG: number;
  readonly target: number;
  /** Stronger than is wanted by more than a taste. */
  readonly tooSalty: boolean;
  /** What to do where it is too salty. */
  readonly salty: SaltyWays;
  /** What would make it as thick as each word. */
  readonly thicken: readonly Thicken[];
}

/** Nobody tastes what is nearer to the strength that is wanted (estimate). */
const NEAR_ENOUGH = 0.95;

/** Nobody tastes less than this above the strength that is wanted, relative (estimate). */
const TOO_STRONG = 1.1;

/** The finished liquids of a batch, the pot's own first; none where no time is known or it boils dry. */
export function liquidsOf(
  { plan, mass }: NominalBatch,
  drawn: Drawn | undefined,
): readonly LiquidReckoning[] {
  if (!plan.liquid || mass.liquid.dry) return [];
  const columns = drawn?.liquids.get(plan.id);
  const target = Math.min(plan.brothTarget, PROPOSED_MOST);
  const none = new Float64Array(0);
  return mass.liquid.liquids.flatMap((liquid, i) => {
    if (!(liquid.ml > 0)) return [];
    const strength = saltShareOf(liquid);
    const { pool } = liquid;
    const salty = { baseG: massOf(pool) - pool.fat, saltG: pool.salt };
    const thickness = thicknessOf(liquid);
    // What is tossed through the meat alone is no broth: it is as strong as it is meant to be.
    const tossed =
      liquid.id !== MAIN &&
      plan.batch.after.filter(isStep('dress')).some((step) => step.liquid === liquid.id);
    const thin = { ml: liquid.ml, waterG: pool.water, thickness };
    return [
      {
        id: liquid.id,
        says: saysOf(liquid, isStrained(plan.batch)),
        ml: rangeOf(liquid.ml, columns?.[i]?.ml ?? none),
        grams: liquid.grams,
        saltPct: rangeOf(100 * strength, columns?.[i]?.saltPct ?? none),
        fatG: pool.fat,
        waterG: pool.water,
        ...salty,
        thickness,
        target,
        tooSalty: !tossed && strength > TOO_STRONG * target,
        saltToAddG:
          tossed || mass.liquid.nearDry || strength >= NEAR_ENOUGH * target
            ? 0
            : saltAtDressing(target, salty.baseG, salty.saltG),
        salty: saltyWays(salty, target, 0),
        thicken: thicks.map((to) => thickenTo(thin, to)),
      },
    ];
  });
}

const saysOf = ({ id }: Liquid, strained: boolean) => (id !== MAIN ? id : strained ? 'broth' : 'sauce');
