import { type LedgerFlow, massOf } from '../ledger/index.ts';

/** What was weighed and does not balance. */
export interface Unaccounted {
  readonly flow: LedgerFlow;
  /** g, and its share of what went into its batch. */
  readonly grams: number;
  readonly share: number;
}

/** Missing and found, largest first, with their share of what went into their batch. */
export function unaccountedOf(ledger: readonly LedgerFlow[]): readonly Unaccounted[] {
  const into = new Map<string, number>();
  for (const flow of ledger) {
    if (flow.from === 'shop' || flow.from === 'cupboard') {
      into.set(flow.batch, (into.get(flow.batch) ?? 0) + massOf(flow.now));
    }
  }
  return ledger
    .filter((flow) => flow.id === 'missing' || flow.id === 'found')
    .map((flow) => ({
      flow,
      grams: massOf(flow.now),
      share: massOf(flow.now) / (into.get(flow.batch) ?? Infinity),
    }))
    .filter(({ grams }) => grams > 0)
    .sort((a, b) => b.grams - a.grams);
}
