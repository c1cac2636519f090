import { weighedIn } from '../../meat/index.ts';
import {
  batchReadings,
  flowKey,
  ledgerFlow,
  lotReadings,
  nothing,
  readingNameOf,
  type Flow,
  type LedgerFlow,
} from '../../ledger/index.ts';
import type { BatchPlan } from '../plan/plan.ts';

/** Whether a reading stands behind a flow: it bears the flow's name. */
function wasWeighed({ id, batch, lot: lotId, liquid }: Flow, plans: readonly BatchPlan[]): boolean {
  if (id === 'missing' || id === 'found') return false;
  const name = readingNameOf(id);
  const plan = plans.find((one) => one.id === batch);
  const lot = plan?.lots.find((one) => one.id === lotId);
  const ofLot = lotReadings.find((reading) => reading === name);
  if (lot) return ofLot !== undefined && weighedIn(lot.weighed, ofLot) !== undefined;
  if (liquid !== undefined && id === 'liquid') return plan?.liquid?.jugs?.has(liquid) === true;
  const ofBatch = batchReadings.find((reading) => reading === name);
  return ofBatch !== undefined && weighedIn(plan?.liquid?.weighed, ofBatch) !== undefined;
}

/** The planned and the present flows side by side: one ledger. */
export function ledgerOf(
  planned: readonly Flow[],
  now: readonly Flow[],
  plans: readonly BatchPlan[],
): readonly LedgerFlow[] {
  if (planned === now) return now.map((f) => ledgerFlow(f, f.amount, f.amount, false));
  const ledger = new Map<string, LedgerFlow>();
  for (const f of planned) ledger.set(flowKey(f), ledgerFlow(f, f.amount, nothing, false));
  for (const f of now) {
    const before = ledger.get(flowKey(f))?.planned ?? nothing;
    ledger.set(flowKey(f), ledgerFlow(f, before, f.amount, wasWeighed(f, plans)));
  }
  return [...ledger.values()];
}
