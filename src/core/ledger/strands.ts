import { massOf } from './amount.ts';
import type { LedgerFlow } from './flow.ts';
import { strandOf, strandParts, type StrandPartName } from './flows.ts';

/** A part of a strand: grams now and as planned, and whether a cook weighed it. */
export interface StrandPart {
  readonly grams: number;
  readonly planned: number;
  readonly weighed: boolean;
}

export interface DishPart {
  readonly dish: string;
  readonly meat: StrandPart;
  readonly liquid: StrandPart;
}

/** The two strands of one batch, summed over its lots from the ledger: what a drawing of them needs. */
export type Strands = Readonly<Record<StrandPartName, StrandPart>> & { readonly dishes: readonly DishPart[] };

const partOf = (flows: readonly LedgerFlow[]): StrandPart => ({
  grams: flows.reduce((total, flow) => total + massOf(flow.now), 0),
  planned: flows.reduce((total, flow) => total + massOf(flow.planned), 0),
  weighed: flows.length > 0 && flows.every((flow) => flow.weighed || massOf(flow.now) === 0),
});

const known = new WeakMap<readonly LedgerFlow[], Map<string, Strands>>();

/** The strands of a batch; asked again of the same ledger, the same answer. */
export function strandsOf(ledger: readonly LedgerFlow[], batchId: string): Strands {
  const ofLedger = known.get(ledger) ?? new Map<string, Strands>();
  known.set(ledger, ofLedger);
  const found = ofLedger.get(batchId) ?? summed(ledger, batchId);
  ofLedger.set(batchId, found);
  return found;
}

const nameOf = ({ id }: LedgerFlow): StrandPartName | undefined =>
  id === 'missing' || id === 'found' ? id : strandOf(id);

function summed(ledger: readonly LedgerFlow[], batchId: string): Strands {
  const byPart = new Map<StrandPartName, LedgerFlow[]>();
  for (const flow of ledger) {
    const name = flow.batch === batchId ? nameOf(flow) : undefined;
    if (name === undefined) continue;
    const same = byPart.get(name);
    if (same) same.push(flow);
    else byPart.set(name, [flow]);
  }
  const flowsOf = (name: StrandPartName) => byPart.get(name) ?? [];
  const names = Object.keys(strandParts) as StrandPartName[];
  const parts = Object.fromEntries(names.map((name) => [name, partOf(flowsOf(name))])) as Record<
    StrandPartName,
    StrandPart
  >;
  const ofDish = (name: StrandPartName, dish: string) =>
    partOf(flowsOf(name).filter((flow) => flow.dish === dish));
  const dishes = new Set(
    ledger.flatMap(({ batch, dish }) => (batch === batchId && dish !== undefined ? [dish] : [])),
  );
  return {
    ...parts,
    dishes: [...dishes].map((dish) => ({
      dish,
      meat: ofDish('served', dish),
      liquid: ofDish('ladled', dish),
    })),
  };
}
