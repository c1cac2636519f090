import { valueAt } from '../../columns/index.ts';
import { type Amount, nothing, plus, times } from '../../ledger/index.ts';
import type { OpenedMeal } from '../openMeal.ts';

/** Less alcohol than this in a serving is none, g: a ripe banana or a slice of rye has more (estimate). */
export const NO_ALCOHOL = 0.1;

/** What comes out of the pots onto a plate. */
const SERVED: ReadonlySet<string> = new Set(['servedMeat', 'servedHeld', 'servedSalt', 'servedLiquid']);

/**
 * What one serving of a ticket holds of what comes out of the pots, g: the flows to its plates over those that are filled;
 * nothing where none is.
 * @param t the ticket by its place in the plan
 */
export function oneServing({ nominal, plan }: Pick<OpenedMeal, 'nominal' | 'plan'>, t: number): Amount {
  const filled = valueAt(nominal.served.filled, t);
  if (!(filled > 0)) return nothing;
  const id = plan.tickets[t]?.id;
  const all = nominal.flows
    .filter((flow) => flow.dish === id && SERVED.has(flow.id))
    .reduce((sum, { amount }) => plus(sum, amount), nothing);
  return times(all, 1 / filled);
}
