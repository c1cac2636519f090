import { boilsDownTo, isStrained } from '../meal/index.ts';
import type { NominalBatch, Problem } from '../model/index.ts';
import { midpoint } from '../quantity/index.ts';

/**
 * A sauce that keeps its vegetables cannot be boiled down to less than they are: what was asked is refused with what
 * there is of them.
 */
export function reducedTooFar({ plan }: NominalBatch): Problem[] {
  const { batch, liquid } = plan;
  const askedMl = midpoint(boilsDownTo(batch));
  if (isStrained(batch) || !liquid || askedMl === undefined) return [];
  const solidsMl = liquid.items.reduce(
    (sum, { poured, fate, grams, density }) => sum + (!poured && fate !== 'comes out' ? grams / density : 0),
    0,
  );
  if (askedMl >= solidsMl) return [];
  const says = { what: 'reduced too far', text: boilsDownTo(batch)?.text ?? '', askedMl, solidsMl } as const;
  return [{ batch: plan.id, stage: 'broth', says }];
}
