import type { Batch } from '../../meal/index.ts';
import { minutesOf } from '../../clock/index.ts';
import { type ItemPlan, planItems, takenUpShare } from '../../pot/index.ts';
import { ingredientsById, type OfBatch } from '../input.ts';
import { fillVessels, type VesselPlan } from './vessels.ts';

/** The pot as it is filled before the lid, and the pour that was solved for it. */
export function filledWith(
  batch: Batch,
  vessels: readonly VesselPlan[],
  lengths: readonly number[],
  rawG: number,
  input: OfBatch,
) {
  const items = planItems(batch, ingredientsById(input), {
    rawG,
    vessels: vessels.map(({ fill, share }) => ({ toLineMl: fill.toLineMl, share })),
    minutesOf: (moment) => minutesOf(moment, lengths),
    marinadeTaken: takenUpShare(batch) * rawG,
  });
  const early = items.filter(({ at }) => at <= 0);
  const solved = early.find((item) => item.role === 'liquid' && item.solved && !item.marinade);
  const ml = (some: readonly ItemPlan[]) => some.reduce((sum, item) => sum + item.grams / item.density, 0);
  return {
    items,
    filled: fillVessels(vessels, ml(early.filter((item) => item !== solved)), solved && ml([solved])),
    solved: solved && { item: solved.id, ml: ml([solved]) },
  };
}
