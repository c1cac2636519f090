import { type Amount, emptyPool, setPlus } from './amount.ts';
import type { Flow, LedgerId } from './flow.ts';

const known = new WeakMap<readonly Flow[], ReadonlyMap<string, readonly Flow[]>>();
const NONE: readonly Flow[] = [];

/** The flows of one batch; looked through once, however many are asked for. */
export function flowsOfBatch(flows: readonly Flow[], batch: string): readonly Flow[] {
  let byBatch = known.get(flows);
  if (!byBatch) {
    const found = new Map<string, Flow[]>();
    for (const flow of flows) {
      const same = found.get(flow.batch);
      if (same) same.push(flow);
      else found.set(flow.batch, [flow]);
    }
    byBatch = found;
    known.set(flows, byBatch);
  }
  return byBatch.get(batch) ?? NONE;
}

/** All that some flows of a batch carry. */
export function amountOfFlows(flows: readonly Flow[], batch: string, ids: readonly LedgerId[]): Amount {
  const all = emptyPool();
  for (const { id, amount } of flowsOfBatch(flows, batch)) if (ids.includes(id)) setPlus(all, all, amount, 1);
  return all;
}
