import type { Ticket } from '../../order/index.ts';
import type { BatchPlan } from '../plan/plan.ts';
import { bowlG } from '../plan/stretch.ts';
import { type BatchDraw, nominalBatch } from './run.ts';

/** What is dressed holds of its own weight of shred at most: more was weighed with it in its pot (estimate). */
const MOST = 2;

/**
 * The tickets with what the shred really holds, where dressed meat was weighed: what it weighs above the bowl it came
 * from, of that. It is one figure for all dishes, and nobody guesses at it any more.
 */
export function dressedTickets(
  tickets: readonly Ticket[],
  plans: readonly BatchPlan[],
  centre: readonly BatchDraw[],
): readonly Ticket[] {
  let inBowls = 0;
  let dressedG = 0;
  for (const [i, plan] of plans.entries()) {
    if (plan.dressedG === undefined) continue;
    const { mass } = nominalBatch(plan, centre[i]);
    inBowls += bowlG({ plan, mass });
    dressedG += plan.dressedG;
  }
  if (!(inBowls > 0)) return tickets;
  const held = Math.min(MOST, Math.max(0, dressedG / inBowls - 1));
  return tickets.map((ticket) => ({ ...ticket, held, heldKnown: true as const }));
}
