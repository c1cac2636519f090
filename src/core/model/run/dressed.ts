import type { Batch } from '../../meal/index.ts';
import type { Ticket } from '../../order/index.ts';
import { midpoint } from '../../quantity/index.ts';
import { BROTH, isStep } from '../../work/index.ts';
import type { BatchPlan } from '../plan/plan.ts';
import { bowlG } from '../plan/stretch.ts';
import { type BatchDraw, nominalBatch } from './run.ts';

/** What dressed meat holds of its own weight of shred at most: more was weighed with it in its pot (estimate). */
const MOST = 2;

/** How much is tossed through the meat of a batch, as it is written, g; undefined where no amount is. */
function tossedG({ after }: Pick<Batch, 'after'>): number | undefined {
  const written = after.filter(isStep('dress')).flatMap(({ amount, measure }) => {
    const middle = midpoint(amount);
    return middle === undefined ? [] : [measure === 'mass' ? middle : middle * BROTH];
  });
  return written.length === 0 ? undefined : written.reduce((sum, grams) => sum + grams, 0);
}

/** Whether what its shred holds follows from a weighing of it, or from what is tossed through it. */
export const isDressed = ({ dressedG, batch }: BatchPlan): boolean =>
  dressedG !== undefined || tossedG(batch) !== undefined;

/**
 * The tickets with what the shred really holds, where dressed meat was weighed: what it weighs above the bowl it came
 * from, of that; or, until it is, where it is written how much is tossed through it. It is one figure for all dishes, and
 * nobody guesses at it any more.
 */
export function dressedTickets(
  tickets: readonly Ticket[],
  plans: readonly BatchPlan[],
  centre: readonly BatchDraw[],
): readonly Ticket[] {
  let inBowls = 0;
  let dressedG = 0;
  for (const [i, plan] of plans.entries()) {
    if (!isDressed(plan)) continue;
    const { mass } = nominalBatch(plan, centre[i]);
    const bowl = bowlG({ plan, mass });
    inBowls += bowl;
    dressedG += plan.dressedG ?? bowl + (tossedG(plan.batch) ?? 0);
  }
  if (!(inBowls > 0)) return tickets;
  const held = Math.min(MOST, Math.max(0, dressedG / inBowls - 1));
  return tickets.map((ticket) => ({ ...ticket, held, heldKnown: true as const }));
}
