import type { Stage } from './stages.ts';
import { massOf, type Amount } from './amount.ts';
import { flows, type FlowId } from './flows.ts';
import type { Place } from './places.ts';

/** Whose flow it is: a batch's, and of it a lot's, an item's or a dish's. */
export interface Owner {
  readonly batch: string;
  readonly lot?: string | undefined;
  readonly item?: string | undefined;
  readonly dish?: string | undefined;
  readonly vessel?: string | undefined;
  /** The other place that a plate goes to. */
  readonly parcel?: string | undefined;
  /** Of the batch's liquids the one that it leaves, and the one that it joins; absent: the main one. */
  readonly liquid?: string | undefined;
  readonly into?: string | undefined;
  /** The step after the lid that moved it, since each step may be repeated. */
  readonly step?: string | undefined;
}

/** What a weighing leaves over is a flow too: of no row, since it may arise anywhere. */
export type LedgerId = FlowId | 'missing' | 'found';

interface Route extends Owner {
  readonly id: LedgerId;
  readonly from: Place;
  readonly to: Place;
  readonly stage: Stage;
}

/** Grams on their way from one place to another. */
export interface Flow extends Route {
  readonly amount: Amount;
}

/** A flow as the ledger keeps it: what was planned beside what it is now, weighed or not. */
export interface LedgerFlow extends Route {
  readonly planned: Amount;
  readonly now: Amount;
  /** A cook weighed it: `now` is that reading. */
  readonly weighed: boolean;
}

/** Made in one place, so that all flows have one shape and thousands of them are cheap. */
function routed(
  id: LedgerId,
  from: Place,
  to: Place,
  stage: Stage,
  { batch, lot, item, dish, vessel, parcel, liquid, into, step }: Owner,
  amount: Amount,
): Flow {
  return { id, from, to, stage, batch, lot, item, dish, vessel, parcel, liquid, into, step, amount };
}

/** A flow of the table. */
export function flow(id: FlowId, owner: Owner, amount: Amount): Flow {
  const { from, to, stage } = flows[id];
  return routed(id, from, to, stage, owner, amount);
}

/** What is missing at a place, or was found there. */
export const unaccountedFlow = (
  id: 'missing' | 'found',
  place: Place,
  stage: Stage,
  owner: Owner,
  amount: Amount,
): Flow =>
  id === 'missing'
    ? routed(id, place, 'unaccounted', stage, owner, amount)
    : routed(id, 'unaccounted', place, stage, owner, amount);

/** The flows that carry anything. */
export const carrying = (some: readonly Flow[]): Flow[] => some.filter(({ amount }) => massOf(amount) > 0);

/** A flow in the ledger: its plan beside what it is now. */
export function ledgerFlow(
  { id, from, to, stage, batch, lot, item, dish, vessel, parcel, liquid, into, step }: Flow,
  planned: Amount,
  now: Amount,
  weighed: boolean,
): LedgerFlow {
  // oxfmt-ignore
  return { id, from, to, stage, batch, lot, item, dish, vessel, parcel, liquid, into, step, planned, now, weighed };
}

/** Flows of one lot stand at places of its own; liquid and jug are a batch's, dressed a dish's. */
function ownerAt(route: Route, end: 'from' | 'to'): string {
  switch (route[end]) {
    case 'board':
    case 'meat':
    case 'bench':
    case 'bowl':
      return route.lot ?? '';
    case 'aside':
      return route.item ?? '';
    case 'dressed':
    case 'plates':
      return route.dish ?? '';
    case 'liquid':
      return (end === 'to' ? (route.into ?? route.liquid) : route.liquid) ?? '';
    case 'jug':
      return route.liquid ?? '';
    default:
      return '';
  }
}

/** The place's full name: a node of the ledger. */
export function nodeOf(route: Route, end: 'from' | 'to'): string {
  const place = route[end];
  return [place, place === 'dressed' ? '' : route.batch, ownerAt(route, end)].join('|');
}

/** What tells one flow from another: the planned and the weighed ledger meet on it. */
export const flowKey = (r: Route): string =>
  `${r.id}|${r.from}|${r.to}|${r.batch}|${r.lot ?? ''}|${r.item ?? ''}|${r.dish ?? ''}|${r.vessel ?? ''}|${r.parcel ?? ''}|${r.liquid ?? ''}|${r.into ?? ''}|${r.step ?? ''}`;
