import { liquidOf, traitsOf } from '../work/index.ts';
import type { AfterStep, Batch } from './schema.ts';

interface Stirred {
  /** Of the new step. */
  readonly id: string;
  readonly what: 'salt' | 'thicken';
  /** Absent: the pot's own. */
  readonly liquid: string | undefined;
  readonly grams: number;
}

/** The batch with so much stirred into one of its liquids, before it goes to the meat. */
export function withStirredIn(batch: Batch, { id, what, liquid, grams }: Stirred): Batch {
  const { after } = batch;
  const found = after.findIndex((step) => traitsOf(step.what).last === true);
  const place = found < 0 ? after.length : found;
  const g = Math.round(10 * grams) / 10;
  const put = {
    id,
    amount: { text: `${String(g)} g`, lo: g, hi: g },
    measure: 'mass',
    ...(liquid !== undefined && { liquid }),
  } as const;
  const step: AfterStep = what === 'thicken' ? { ...put, what, with: 'starch' } : { ...put, what };
  return { ...batch, after: [...after.slice(0, place), step, ...after.slice(place)] };
}

/** The batch with a part of its liquid set apart under a name, after it is skimmed. */
export function withSetApart(batch: Batch, id: string, as: string, ml: number, dish?: string): Batch {
  const { after } = batch;
  const skimmed = after.findLastIndex(
    ({ what }) => what === 'skim' || what === 'strain' || what === 'take out',
  );
  const place = skimmed + 1;
  const step: AfterStep = {
    id,
    what: 'set apart',
    as,
    amount: { text: `${String(Math.round(ml))} ml`, lo: ml, hi: ml },
    measure: 'volume',
    ...(dish !== undefined && { dish }),
  };
  return { ...batch, after: [...after.slice(0, place), step, ...after.slice(place)] };
}

/** The batch with a liquid of it not boiled down. */
export function withoutReduction(batch: Batch, liquid: string | undefined): Batch {
  const after = batch.after.filter((step) => step.what !== 'boil down' || liquidOf(step) !== liquid);
  return { ...batch, after };
}

/** The batch with a liquid of it boiled down so far: by the step that does so, or a new one. */
export function withReduced(
  batch: Batch,
  id: string,
  { liquid, ml, text }: { readonly liquid: string | undefined; readonly ml: number; readonly text: string },
): Batch {
  const { after } = batch;
  const to = { text, lo: ml, hi: ml };
  const there = after.findIndex((step) => step.what === 'boil down' && liquidOf(step) === liquid);
  if (there >= 0)
    return {
      ...batch,
      after: after.map((step, i) => (i === there && step.what === 'boil down' ? { ...step, to } : step)),
    };
  const found = after.findIndex((step) => traitsOf(step.what).last === true);
  const place = found < 0 ? after.length : found;
  const step: AfterStep = {
    id,
    what: 'boil down',
    to,
    ...(liquid !== undefined && { liquid }),
  };
  return { ...batch, after: [...after.slice(0, place), step, ...after.slice(place)] };
}
