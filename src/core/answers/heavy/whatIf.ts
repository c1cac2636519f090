import { costs, reckon } from '../../reckoning/index.ts';
import { type WhatIf, withWhatIf } from '../../meal/index.ts';
import { drawsOf, openMeal, type OpenedMeal } from '../../model/index.ts';
import type { Range } from '../../quantity/index.ts';
import { figureOf, priced } from '../../shop/index.ts';

/** What a plan comes to, as two plans are compared by. */
export interface PlanFigures {
  readonly shredG: Range;
  readonly brothMl: Range | null;
  readonly fatG: Range | null;
  /** Minutes from the hot pot. */
  readonly readyMin: Range | null;
  /** Of the batch, in the currency; null without a price. */
  readonly cost: number | null;
  /** The chance of enough for all plates; null without any. */
  readonly enough: number | null;
}

export interface WhatIfAsk {
  readonly batch: string;
  readonly change: WhatIf;
}

/** Two plans of one batch side by side: as it is, and with a change. Undefined if there is no such batch. */
export function whatIf(
  meal: OpenedMeal,
  { batch: id, change }: WhatIfAsk,
): { readonly asIs: PlanFigures; readonly other: PlanFigures } | undefined {
  const { input } = meal;
  if (!input.batches.some((batch) => batch.id === id)) return undefined;
  const batches = input.batches.map((batch) => (batch.id === id ? withWhatIf(batch, change) : batch));
  return { asIs: figuresOf(meal, id), other: figuresOf(openMeal({ ...input, batches }), id) };
}

function figuresOf(meal: OpenedMeal, id: string): PlanFigures {
  const { batches, meal: all } = reckon(meal, drawsOf(meal));
  const i = meal.input.batches.findIndex((batch) => batch.id === id);
  const [figures, batch] = [batches[i], priced(meal.input.batches)[i]];
  if (!figures || !batch) throw new Error(`There is no batch “${id}”.`);
  const cost = costs(batch, figures, all, meal.input.kitchen);
  return {
    shredG: figures.meat.shredG,
    brothMl: figures.liquid.brothMl ?? figures.liquid.sauceMl,
    fatG: figures.liquid.skimG,
    readyMin: figures.ready.min,
    cost: cost && figureOf(cost.batch),
    enough: all.enough,
  };
}
