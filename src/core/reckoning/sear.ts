import type { Vessel } from '../batch/schema.ts';
import { searPlan, type SearPlan } from '../pot/index.ts';
import { centreOf, plansOf } from './centre.ts';
import type { Input } from './input.ts';
import { planMeal } from './plan.ts';

/** How a batch is browned, and in what. */
export interface Searing extends SearPlan {
  readonly pan: Vessel;
  readonly names: Readonly<Record<string, string>>;
}

/** What may be seared in: pans first, then pots and trays; a slow cooker's insert cracks on a burner. */
export const pansOf = ({ kitchen }: Pick<Input, 'kitchen'>): readonly Vessel[] =>
  kitchen.vessels
    .filter(({ kind }) => kind !== 'slow cooker')
    .toSorted((a, b) => Number(b.kind === 'pan') - Number(a.kind === 'pan') || b.widthCm - a.widthCm);

/** The batch laid out in its pan, panful by panful; null if it goes in raw or nothing is bought. */
export function searing(input: Input, batchId: string): Searing | null {
  const mealPlan = planMeal(input);
  const { now } = plansOf(mealPlan, input);
  const at = centreOf(mealPlan, now).batches.find(({ plan }) => plan.id === batchId);
  const pans = pansOf(input);
  const pan = pans.find(({ id }) => id === at?.plan.batch.pan) ?? pans[0];
  if (!at || !pan || !at.plan.batch.sear) return null;
  const { plan, mass } = at;
  const lots = plan.lots.flatMap((lot, i) => {
    const typed = plan.batch.lots.find(({ id }) => id === lot.id);
    const m = mass.lots[i];
    if (!typed || !m) return [];
    const grams = m.boneless + m.rawBone;
    const size = typed.pieces?.size ?? plan.batch.size;
    // "2 × 800 g" are two pieces only as long as they stay whole.
    const count = typed.pieces?.count ?? (size === 'whole' ? typed.weight.count : undefined);
    return [{ lot: lot.id, size, grams, count }];
  });
  const names = Object.fromEntries(plan.lots.map((lot, i) => [lot.id, plan.cuts[i]?.name ?? '']));
  return { ...searPlan(lots, pan), pan, names };
}
