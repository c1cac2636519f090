import type { Vessel } from '../../meal/index.ts';
import { pieceOf, searPlan, type SearPlan } from '../../pot/index.ts';
import { type OpenedMeal, searedAs, toSear } from '../../model/index.ts';

/** How a batch is browned, and in what. */
export interface Searing extends SearPlan {
  readonly pan: Vessel;
  readonly names: Readonly<Record<string, string>>;
  /** How many sides of a lot's pieces are browned, and minutes a side. */
  readonly browning: Readonly<Record<string, { readonly sides: number; readonly minutes: number }>>;
}

/** The batch laid out in its pan, panful by panful; null if it goes in raw or nothing is bought. */
export function searing({ now }: OpenedMeal, { batch }: { readonly batch: string }): Searing | null {
  const plan = now.find(({ id }) => id === batch);
  const pan = plan?.sear.pan;
  if (!plan || !pan || !plan.batch.sear) return null;
  const typed = plan.lots.flatMap(({ id }) => plan.batch.lots.filter((lot) => lot.id === id));
  const names = Object.fromEntries(plan.lots.map((lot, i) => [lot.id, plan.cuts[i]?.name ?? '']));
  const lots = toSear(plan.lots, typed, plan.batch);
  const written = searedAs(plan.batch);
  const browning = Object.fromEntries(
    lots.map(({ lot, size }) => {
      const { sides, minutes } = pieceOf[size];
      return [lot, { sides, minutes: written.minutes ?? minutes }];
    }),
  );
  return { ...searPlan(lots, pan, plan.batch.mixPans, written), pan, names, browning };
}
