import { massOf, type LedgerFlow, type Material } from '../../ledger/index.ts';

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
export interface Strands {
  readonly raw: StrandPart;
  readonly trim: StrandPart;
  readonly air: StrandPart;
  readonly juice: StrandPart;
  readonly fat: StrandPart;
  readonly bone: StrandPart;
  readonly pickings: StrandPart;
  readonly shred: StrandPart;
  readonly pour: StrandPart;
  readonly items: StrandPart;
  readonly steam: StrandPart;
  readonly alcohol: StrandPart;
  readonly strained: StrandPart;
  readonly skim: StrandPart;
  readonly liquid: StrandPart;
  readonly held: StrandPart;
  readonly keptShred: StrandPart;
  readonly keptLiquid: StrandPart;
  readonly missing: StrandPart;
  readonly found: StrandPart;
  readonly dishes: readonly DishPart[];
}

function sum(flows: readonly LedgerFlow[], wanted: (flow: LedgerFlow) => boolean): StrandPart {
  const parts = flows.filter(wanted);
  return {
    grams: parts.reduce((total, flow) => total + massOf(flow.now), 0),
    planned: parts.reduce((total, flow) => total + massOf(flow.planned), 0),
    weighed: parts.length > 0 && parts.every((flow) => flow.weighed || massOf(flow.now) === 0),
  };
}

const known = new WeakMap<readonly LedgerFlow[], Map<string, Strands>>();

/** The strands of a batch; asked again of the same ledger, the same answer. */
export function strandsOf(ledger: readonly LedgerFlow[], batchId: string): Strands {
  const ofLedger = known.get(ledger) ?? new Map<string, Strands>();
  known.set(ledger, ofLedger);
  const found = ofLedger.get(batchId) ?? summed(ledger, batchId);
  ofLedger.set(batchId, found);
  return found;
}

function summed(ledger: readonly LedgerFlow[], batchId: string): Strands {
  const flows = ledger.filter((flow) => flow.batch === batchId);
  const of = (...materials: readonly Material[]) =>
    sum(
      flows,
      (flow) => materials.includes(flow.material) && flow.dish === undefined && flow.from !== 'liquid',
    );
  const out = (...materials: readonly Material[]) =>
    sum(
      flows,
      (flow) => materials.includes(flow.material) && flow.from === 'liquid' && flow.to !== 'unreckoned',
    );
  const dishes = [...new Set(flows.flatMap((flow) => flow.dish ?? []))];
  return {
    raw: of('raw'),
    trim: of('trim'),
    air: of('air loss'),
    juice: of('juice'),
    fat: of('rendered fat'),
    bone: of('bone'),
    pickings: of('pickings'),
    shred: of('shred'),
    // What stood with the meat first is poured all the same.
    pour: of('pour', 'given back'),
    items: sum(
      flows,
      ({ material, to }) => (material === 'item' || material === 'pan fat') && to === 'liquid',
    ),
    steam: out('steam', 'reduction'),
    alcohol: out('alcohol'),
    strained: out('strained', 'come out', 'scum'),
    skim: out('skim', 'skim on the way'),
    liquid: out('liquid'),
    held: sum(flows, (flow) => flow.material === 'held' && flow.to === 'dressed'),
    keptShred: of('kept shred'),
    keptLiquid: of('kept liquid'),
    missing: sum(flows, (flow) => flow.material === 'missing'),
    found: sum(flows, (flow) => flow.material === 'found'),
    dishes: dishes.map((dish) => ({
      dish,
      meat: sum(flows, (flow) => flow.dish === dish && flow.material === 'meat'),
      liquid: sum(flows, (flow) => flow.dish === dish && flow.material === 'liquid'),
    })),
  };
}
