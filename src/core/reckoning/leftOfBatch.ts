import { type Amount, amountOfFlows, type LedgerId, massOf, times } from '../ledger/index.ts';
import type { OpenedMeal } from '../model/index.ts';
import { mlOf } from '../broth/index.ts';
import { forPlates, type ShareOut } from '../plates/index.ts';

/** What of a batch goes to no plate. */
export interface LeftOfBatch {
  readonly shred: Amount;
  readonly liquid: Amount;
}

/**
 * What is left of a batch once its plates are filled: by the share-out where there is one, as it is shown at the plates; until
 * it is worked out by the core's own rule.
 */
export function leftOfBatch(
  { nominal }: OpenedMeal,
  batchId: string,
  shares: Pick<ShareOut, 'leftBy'> | undefined,
): LeftOfBatch {
  const sum = (...ids: readonly LedgerId[]): Amount => amountOfFlows(nominal.flows, batchId, ids);
  const found = shares?.leftBy.find(({ batch }) => batch === batchId);
  const of = nominal.batches.find(({ plan }) => plan.id === batchId);
  if (!found || !of) return { shred: sum('keptShred'), liquid: sum('keptLiquid') };
  const [shred, liquid] = [sum('dressedShred', 'keptShred'), sum('servedHeld', 'servedLiquid', 'keptLiquid')];
  // What is for another day no share-out has seen.
  const later = 1 - forPlates(of.plan.batch);
  const part = (left: number, all: number) => (all > 0 ? Math.min(1, later + left / all) : 0);
  return {
    shred: times(shred, part(found.shredG, massOf(shred))),
    liquid: times(liquid, part(found.liquidMl, of.plan.liquid ? mlOf(of.mass.liquid) : 0)),
  };
}
