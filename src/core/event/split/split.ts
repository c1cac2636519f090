import type { OpenedMeal } from '../../model/index.ts';
import type { LpSolver } from '../../plates/index.ts';
import { splitOnce } from './once.ts';
import type { Split, SplitAsk } from './types.ts';
import { waysOut } from './ways.ts';

/**
 * Deals a batch's meat over the vessels and days of its kitchen: what each vessel takes at its line, ovens and burners by their
 * room, the cold by its shelves (cooked pots lie there overnight), whole pieces where pieces were counted; vessels that
 * another pot uses that day are not free. The whole deal is one integer programme, proved or with what the solver has. Each
 * pot is then filled by the meal's own rule, and dealt less where that finds it too full.
 * @returns undefined where the batch has no meat
 */
export function split(meal: OpenedMeal, ask: SplitAsk, solver?: LpSolver): Split | undefined {
  const found = splitOnce(meal, ask, solver);
  if (!found || found.outsideG < 1) return found;
  return { ...found, ways: waysOut(meal, ask, found, solver) };
}
