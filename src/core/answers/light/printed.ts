import type { DishAllergens, From } from '../../model/index.ts';
import type { Reckoning } from '../../reckoning/index.ts';
import type { CoolingNow } from '../heavy/cooling.ts';
import type { Shares } from '../heavy/shares.ts';
import type { Shelvable } from './shelved.ts';

/** Where it comes from: the thing, and of a pot the pot. */
const said = ({ name, pot }: From) => ({ name, pot: pot ?? null });

/** A reckoning as `slow-spoon reckon` prints it: documented in docs/batch-file.md. */
export function printed(
  { meal, batches, unaccounted, draws }: Reckoning,
  shared?: Shares,
  cools: readonly CoolingNow[] = [],
  allergens: readonly DishAllergens[] = [],
  shelf: readonly Shelvable[] = [],
) {
  return {
    batches: batches.map(({ id, meat, liquid, liquids, ready, salt }) => ({
      id,
      meat,
      liquid,
      liquids: liquids.map(({ id: of, says, ml, saltPct, fatG, thickness, saltToAddG }) => ({
        id: of,
        says,
        ml,
        saltPct,
        fatG,
        thickness,
        saltToAddG,
      })),
      ready: { firstCheckMin: ready.firstCheckMin, min: ready.min, chance: ready.written?.chance ?? null },
      salt: salt && { nowG: salt.nowG, atDressingG: salt.atDressingG, toLiquidG: salt.toLiquidG },
    })),
    meal: {
      servings: meal.servings.map(({ name, count, meatG, liquidMl, heldMl }) => ({
        dish: name,
        count,
        meatG,
        liquidMl,
        heldMl,
      })),
      enough: meal.enough,
      shortFirst: meal.shortFirst,
      plates: meal.plates,
      more: meal.more,
      moreMl: meal.moreMl,
      leftG: meal.leftG,
      leftMl: meal.leftMl,
      shares:
        shared?.dishes.map(({ name, servings, of, meatG, liquidMl, scoop, ladle }) => ({
          dish: name,
          servings,
          of,
          meatG,
          liquidMl,
          scoop: scoop ? { name: scoop.name, times: scoop.times } : null,
          ladle: ladle ? { name: ladle.name, times: ladle.times } : null,
        })) ?? null,
      left: shared?.left ?? null,
      proved: shared?.proved ?? null,
      booked: meal.booked.map(({ name, servings, meatG, liquidMl }) => ({
        dish: name,
        servings,
        meatG,
        liquidMl,
      })),
      allergens: allergens.map(({ name, contains, notKnown }) => ({
        dish: name,
        contains: contains.map(({ what, from }) => ({ what, from: from.map(said) })),
        notKnown: notKnown.map(said),
      })),
    },
    unaccounted: unaccounted.map(({ flow, grams, share }) => ({
      batch: flow.batch,
      ...(flow.lot !== undefined && { lot: flow.lot }),
      material: flow.id,
      of: flow.item,
      stage: flow.stage,
      grams,
      share,
    })),
    cooling: cools.map(({ batch, what, to21H, to5H }) => ({
      batch,
      what,
      hoursTo21C: to21H,
      hoursTo5C: to5H,
    })),
    shelf: shelf.map(({ batch, what, name, grams, ml }) => ({
      batch: batch ?? null,
      what,
      name,
      grams,
      ml: ml ?? null,
    })),
    draws,
  };
}
