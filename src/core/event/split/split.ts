import { standingEntries } from '../../meal/index.ts';
import type { Input, OpenedMeal } from '../../model/index.ts';
import type { LpSolver } from '../../plates/index.ts';
import { splitOnce } from './once.ts';
import type { Split, SplitAsk } from './types.ts';
import { waysOut } from './ways.ts';

/**
 * Deals the meat of batches over the vessels and days of the kitchens, together: what each vessel takes at its line, ovens and
 * burners by their room, the cold by its shelves (cooked pots lie there overnight), whole pieces where pieces were counted;
 * what a pot that is not dealt uses that day is not free, nor is a vessel that no oven is high enough for. The whole deal is one
 * integer programme, proved or with what the solver has. Each pot is then filled by the meal's own rule, and dealt less where
 * that finds it too full.
 * @returns undefined where none of the batches has meat
 */
export function split(meal: OpenedMeal, ask: SplitAsk, solver?: LpSolver): Split | undefined {
  const found = splitOnce(meal, ask, solver);
  return found && withWays(meal, ask, found, solver);
}

/** What has no place in a deal has ways out. */
export const withWays = <S extends Split>(meal: OpenedMeal, ask: SplitAsk, found: S, solver?: LpSolver): S =>
  found.outsideG < 1 ? found : { ...found, ways: waysOut(meal, ask, found, solver) };

/** The batches whose meat may be dealt: of none of them anything was weighed, looked at or ticked. */
export function mayBeDealt({ batches, entries }: Pick<Input, 'batches' | 'entries'>): readonly string[] {
  const begun = new Set(standingEntries(entries).map(({ batch }) => batch));
  return batches.filter(({ id, lots }) => lots.length > 0 && !begun.has(id)).map(({ id }) => id);
}
