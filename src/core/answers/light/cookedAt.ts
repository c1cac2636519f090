import { momentOf } from '../../clock/index.ts';
import { standingEntries } from '../../meal/index.ts';
import type { OpenedMeal } from '../../model/index.ts';
import { refsIn } from '../../pot/index.ts';
import { MINUTE_MS } from '../../quantity/index.ts';

/** What is weighed of a batch once it is cooked. */
const AFTER_THE_POT: ReadonlySet<string> = new Set([
  'cooked',
  'bone',
  'pickings',
  'shred',
  'again',
  'dressed',
  'liquid',
]);

/**
 * When a batch was cooked, epoch ms: its days count from then, whenever it is boxed. It is the first that says so: what was
 * weighed on the bench, a cooling that was begun, its being closed; else when its time in the pot was over, or when it was
 * served. What came into it off the shelf is older, and its day stands for the mixture (FDA Food Code 2022, 3-501.17 (D),
 * from memory).
 * @param now epoch ms
 * @returns undefined where it is not cooked yet, as far as anybody has said
 */
export function cookedAt({ input, nominal }: OpenedMeal, batchId: string, now: number): number | undefined {
  const batch = input.batches.find(({ id }) => id === batchId);
  if (!batch) return undefined;
  const seen = [
    ...standingEntries(input.entries)
      .filter(
        ({ batch: of, measures }) => of === batchId && 'flow' in measures && AFTER_THE_POT.has(measures.flow),
      )
      .map(({ at }) => at),
    ...(batch.cools ?? []).map(({ start }) => start),
    ...(batch.closed ? [batch.closed.at] : []),
  ];
  const plan = nominal.batches.find(({ plan: one }) => one.id === batchId)?.plan;
  const minutes = plan?.lengths.reduce((sum, n) => sum + n, 0) ?? 0;
  const served = input.meal.serving && momentOf(input.meal.serving);
  const foretold = [
    ...(batch.lidOn === undefined ? [] : [batch.lidOn + minutes * MINUTE_MS]),
    ...(served === undefined ? [] : [served]),
  ].filter((at) => at <= now);
  const cooked =
    seen.length > 0 ? Math.min(...seen) : foretold.length > 0 ? Math.min(...foretold) : undefined;
  if (cooked === undefined) return undefined;
  const refs = new Set(refsIn(batch));
  const older = (input.kitchen.ingredients ?? []).flatMap(({ id, made }) =>
    made !== undefined && refs.has(id) ? [made] : [],
  );
  return Math.min(cooked, ...older);
}
