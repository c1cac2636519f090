import type { Stage } from '../batch/stages.ts';
import { massOf, type Amount } from './amount.ts';

/**
 * Where grams can be. Aside is what is done to an item beside the pot: peeled, soaked, boiled down, blended. Outside only gives or only takes; at every place inside what comes in goes out
 * again. What no stage can carry further yet (no time is known for the pot) is unreckoned.
 */
export const outside = [
  'shop',
  'cupboard',
  'air',
  'bin',
  'fat jar',
  'shelf',
  'plates',
  'unaccounted',
  'unreckoned',
] as const;
export const inside = ['board', 'aside', 'pan', 'meat', 'liquid', 'bench', 'bowl', 'jug', 'dressed'] as const;
export type Place = (typeof outside)[number] | (typeof inside)[number];

/** What a cook calls the stuff that flows. */
export type Material =
  | 'raw'
  | 'trim'
  | 'into the pot'
  | 'bought'
  | 'thrown away'
  | 'boiled down'
  | 'taken up'
  | 'given back'
  | 'pan fat'
  | 'pour'
  | 'item'
  | 'salt'
  | 'air loss'
  | 'juice'
  | 'rendered fat'
  | 'salt taken up'
  | 'steam'
  | 'alcohol'
  | 'cooked'
  | 'bone'
  | 'pickings'
  | 'shred'
  | 'lifted'
  | 'returned'
  | 'come out'
  | 'skim on the way'
  | 'scum'
  | 'strained'
  | 'skim'
  | 'reduction'
  | 'liquid'
  | 'held'
  | 'meat'
  | 'kept shred'
  | 'kept liquid'
  | 'missing'
  | 'found';

/** Whose flow it is: a batch's, and of it a lot's, an item's or a dish's. */
export interface Owner {
  readonly batch: string;
  readonly lot?: string | undefined;
  readonly item?: string | undefined;
  readonly dish?: string | undefined;
  readonly vessel?: string | undefined;
}

interface Way extends Owner {
  readonly from: Place;
  readonly to: Place;
  readonly material: Material;
  readonly stage: Stage;
}

/** Grams of one material on its way from one place to another. */
export interface Flow extends Way {
  readonly amount: Amount;
}

/** A flow as the ledger keeps it: what was planned beside what it is now, weighed or not. */
export interface LedgerFlow extends Way {
  readonly planned: Amount;
  readonly now: Amount;
  /** A cook weighed it: `now` is that reading. */
  readonly weighed: boolean;
}

/** A flow. Made in one place, so that all have one shape and thousands of them are cheap. */
export function flow(
  from: Place,
  to: Place,
  material: Material,
  stage: Stage,
  { batch, lot, item, dish, vessel }: Owner,
  amount: Amount,
): Flow {
  return { from, to, material, stage, batch, lot, item, dish, vessel, amount };
}

/** The flows that carry anything. */
export const carrying = (flows: readonly Flow[]): Flow[] => flows.filter(({ amount }) => massOf(amount) > 0);

/** A flow in the ledger: its plan beside what it is now. */
export function ledgerFlow(
  { from, to, material, stage, batch, lot, item, dish, vessel }: Way,
  planned: Amount,
  now: Amount,
  weighed: boolean,
): LedgerFlow {
  return { from, to, material, stage, batch, lot, item, dish, vessel, planned, now, weighed };
}

/** Flows of one lot stand at places of its own; liquid and jug are a batch's, dressed a dish's. */
function owner(flow: Way, place: Place): string {
  if (place === 'board' || place === 'meat' || place === 'bench' || place === 'bowl') return flow.lot ?? '';
  if (place === 'aside') return flow.item ?? '';
  if (place === 'dressed') return flow.dish ?? '';
  return '';
}

/** The place's full name: a node of the ledger. */
export function nodeOf(flow: Way, end: 'from' | 'to'): string {
  const place = flow[end];
  const batch = place === 'dressed' ? '' : flow.batch;
  return [place, batch, owner(flow, place)].join('|');
}

/** What tells one flow from another: the planned and the weighed ledger meet on it. */
export function flowKey(flow: Way): string {
  return [flow.from, flow.to, flow.material, flow.batch, flow.lot, flow.item, flow.dish, flow.vessel].join(
    '|',
  );
}

export const isOutside = (place: Place): boolean => (outside as readonly Place[]).includes(place);
