import { components, massOf, nothing, plus, type Amount } from './amount.ts';
import { nodeOf, type Flow } from './flow.ts';
import { isOutside } from './places.ts';

export interface Imbalance {
  readonly node: string;
  /** In less out, g of each component. */
  readonly left: Amount;
}

/**
 * What stands at each inside node after all flows have passed: nought everywhere if the ledger
 * closes. The braise is over, so nothing may stand in a pot, on a board or in a bowl.
 */
export function balance(flows: readonly Flow[]): readonly Imbalance[] {
  const left = new Map<string, Amount>();
  for (const flow of flows) {
    if (!isOutside(flow.from)) {
      const node = nodeOf(flow, 'from');
      left.set(node, plus(left.get(node) ?? nothing, flow.amount, -1));
    }
    if (!isOutside(flow.to)) {
      const node = nodeOf(flow, 'to');
      left.set(node, plus(left.get(node) ?? nothing, flow.amount));
    }
  }
  return [...left].map(([node, amount]) => ({ node, left: amount }));
}

/** Everything that came in from outside, g. */
export function massIn(flows: readonly Flow[]): number {
  return flows.reduce((sum, flow) => (isOutside(flow.from) ? sum + massOf(flow.amount) : sum), 0);
}

/**
 * Throws where the ledger does not close to 1e-9 of the mass that went in, or a flow is negative.
 * It cannot, by construction: this is what the property tests lean on.
 */
export function mustClose(flows: readonly Flow[]): void {
  const tolerance = 1e-9 * Math.max(1, massIn(flows));
  for (const flow of flows) {
    for (const component of components) {
      if (!(flow.amount[component] >= 0)) {
        throw new Error(`${flow.id} ${flow.from} to ${flow.to}: ${component} is ${flow.amount[component]} g`);
      }
    }
  }
  for (const { node, left } of balance(flows)) {
    for (const component of components) {
      if (Math.abs(left[component]) > tolerance)
        throw new Error(`${node} keeps ${left[component]} g of ${component}`);
    }
  }
}
