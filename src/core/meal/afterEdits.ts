import type { Quantity } from '../quantity/index.ts';
import { liquidOf, traitsOf } from '../work/index.ts';
import { isChilled, skimWay } from './after.ts';
import type { AfterStep, Batch, Skim } from './schema.ts';

/** A step of a part of the liquid may bear the usual name already. */
function freeId(name: string, after: readonly AfterStep[]): string {
  let id = name;
  for (let n = 2; after.some((step) => step.id === id); n += 1) id = `${name} ${String(n)}`;
  return id;
}

/** The list with a step on the pot's liquid in it, changed where it is there, or out of it. */
function withStep<W extends AfterStep['what']>(
  after: readonly AfterStep[],
  what: W,
  changes: Omit<Extract<AfterStep, { readonly what: W }>, 'id' | 'what'> | undefined,
): AfterStep[] {
  const at = after.findIndex((step) => step.what === what && liquidOf(step) === undefined);
  const before = after[at];
  if (changes === undefined) return after.filter((_, i) => i !== at);
  if (before) return after.map((step, i) => (i === at ? { ...before, ...changes } : step));
  const found = (traitsOf(what).behind ?? []).map((other) =>
    after.findLastIndex((step) => step.what === other),
  );
  const place = found.find((i) => i >= 0) ?? -1;
  // What the compiler knows of each kind it does not know of all of them.
  const added = { id: freeId(what, after), what, ...changes } as AfterStep;
  return [...after.slice(0, place + 1), added, ...after.slice(place + 1)];
}

/** Chopped with a knife in place of pulled: what is not tender enough to pull goes into the bowl too. */
export const withChopped = (batch: Batch): Batch => ({
  ...batch,
  after: batch.after.map((step) => (step.what === 'pull' ? { ...step, tool: 'knife' } : step)),
});

/** Strained, or with its vegetables. */
export const withStrain = (batch: Batch, strain: boolean): Batch => ({
  ...batch,
  after: withStep(
    batch.after.filter((step) => step.what !== 'vegetables back' || step.liquid !== undefined),
    'strain',
    strain ? {} : undefined,
  ),
});

/** Skimmed another way; a pot that is chilled stays so, whichever way that is. */
export const withSkim = (batch: Batch, skim: Skim): Batch => ({
  ...batch,
  ...(isChilled(batch) && { chilled: true as const }),
  after: withStep(batch.after, 'skim', skim === 'leave' ? undefined : { way: skim }),
});

/** Cooked the day before and chilled, or not. Out of the cold the fat lifts off as a cap; without it, it is spooned off hot. */
export function withChilling(batch: Batch, chills: boolean): Batch {
  const { chilled: _, ...rest } = batch;
  if (chills) return { ...withSkim(rest, skimWay(rest) === 'hot' ? 'chill' : skimWay(rest)), chilled: true };
  const { chilled: __, ...warm } = withSkim(rest, skimWay(rest) === 'chill' ? 'hot' : skimWay(rest));
  return warm;
}

/** Boiled down so far; an empty text: not at all. */
export const withBoilDown = (batch: Batch, to: Quantity): Batch => ({
  ...batch,
  after: withStep(batch.after, 'boil down', to.text === '' ? undefined : { to }),
});
