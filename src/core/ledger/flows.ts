import type { Stage } from './stages.ts';
import type { Place } from './places.ts';

/** What a flow or a part of a strand is made of, as it is drawn: each has its colour, its pattern and its name. */
export const materials = ['meat', 'bone', 'fat', 'broth', 'steam', 'solids', 'pickings', 'served'] as const;
export type Material = (typeof materials)[number];

interface StrandPartRow {
  readonly material: Material;
  readonly words: string;
  /** Where the log shows what the meat, or the liquid, of a batch became. */
  readonly became: 'meat' | 'liquid' | 'none';
}

/** The parts of the two strands, in the order of the work: what the picture and its table show. */
export const strandParts = {
  raw: { material: 'meat', words: 'bought', became: 'none' },
  trim: { material: 'fat', words: 'trimmed off', became: 'meat' },
  air: { material: 'steam', words: 'to the air before the pot', became: 'meat' },
  juice: { material: 'broth', words: 'juice to the liquid', became: 'meat' },
  fat: { material: 'fat', words: 'rendered fat to the liquid', became: 'meat' },
  bone: { material: 'bone', words: 'bone out', became: 'meat' },
  pickings: { material: 'pickings', words: 'picked out', became: 'meat' },
  unpulled: { material: 'meat', words: 'will not pull yet', became: 'meat' },
  shred: { material: 'meat', words: 'shred', became: 'meat' },
  again: { material: 'meat', words: 'pulled later', became: 'none' },
  foundLate: { material: 'meat', words: 'found late', became: 'none' },
  onBone: { material: 'bone', words: 'bone to the plates', became: 'none' },
  eaten: { material: 'served', words: 'eaten by the cook', became: 'none' },
  thrown: { material: 'pickings', words: 'thrown away', became: 'none' },
  stretch: { material: 'solids', words: 'stretched with', became: 'none' },
  pour: { material: 'broth', words: 'poured in', became: 'liquid' },
  items: { material: 'solids', words: 'vegetables and what else went in', became: 'liquid' },
  steam: { material: 'steam', words: 'steam', became: 'liquid' },
  alcohol: { material: 'steam', words: 'alcohol, off with the steam', became: 'liquid' },
  strained: { material: 'solids', words: 'strained out, with the liquid it holds', became: 'liquid' },
  skim: { material: 'fat', words: 'skimmed off', became: 'liquid' },
  liquid: { material: 'broth', words: 'finished liquid', became: 'liquid' },
  held: { material: 'broth', words: 'held by the shred', became: 'none' },
  served: { material: 'served', words: 'to the plates', became: 'none' },
  ladled: { material: 'broth', words: 'ladled onto the plates', became: 'none' },
  keptShred: { material: 'meat', words: 'shred kept', became: 'none' },
  keptLiquid: { material: 'broth', words: 'liquid kept', became: 'none' },
  missing: { material: 'pickings', words: 'missing', became: 'meat' },
  found: { material: 'pickings', words: 'found', became: 'meat' },
} as const satisfies Readonly<Record<string, StrandPartRow>>;
export type StrandPartName = keyof typeof strandParts;

interface FlowRow {
  readonly from: Place;
  readonly to: Place;
  readonly stage: Stage;
  /** Whose it is: each lot's, the batch's, an item's in the pot, or a plate's. */
  readonly of: 'lot' | 'batch' | 'item' | 'plate';
  /** A cook can put it on a scale; its reading bears the flow's name. */
  readonly weighable?: true;
  /** Each reading is of another mouthful or piece: they add up, where else the later counts. */
  readonly adds?: true;
  /** It is weighed with another flow, under that one's name. */
  readonly weighedAs?: 'pour';
  readonly strand?: StrandPartName;
}

/**
 * Every flow of the ledger, once: where it goes, when, whose it is, whether it can be weighed, and which part of
 * the strands it belongs to. What an entry may measure, the reading maps, the sums of the strands and the columns
 * of the draws follow from these rows by their types; a new loss is a row here and a line in the kernel of its step.
 */
export const flows = {
  raw: { from: 'shop', to: 'board', stage: 'meat', of: 'lot', weighable: true, strand: 'raw' },
  trim: { from: 'board', to: 'bin', stage: 'meat', of: 'lot', weighable: true, strand: 'trim' },
  intoPot: { from: 'board', to: 'meat', stage: 'pot', of: 'lot' },
  airLoss: { from: 'meat', to: 'air', stage: 'pot', of: 'lot', strand: 'air' },
  saltTakenUp: { from: 'liquid', to: 'meat', stage: 'clock', of: 'lot' },
  juice: { from: 'meat', to: 'liquid', stage: 'meat', of: 'lot', strand: 'juice' },
  renderedFat: { from: 'meat', to: 'liquid', stage: 'meat', of: 'lot', strand: 'fat' },
  cooked: { from: 'meat', to: 'bench', stage: 'bench', of: 'lot', weighable: true },
  bone: { from: 'bench', to: 'bin', stage: 'bench', of: 'lot', weighable: true, strand: 'bone' },
  pickings: { from: 'bench', to: 'bin', stage: 'bench', of: 'lot', weighable: true, strand: 'pickings' },
  boneServed: { from: 'bench', to: 'table', stage: 'bench', of: 'lot', strand: 'onBone' },
  // What is not tender yet does not pull: it is chopped, or goes back, which a cook weighs.
  unpulled: {
    from: 'bench',
    to: 'unpulled',
    stage: 'bench',
    of: 'lot',
    weighable: true,
    strand: 'unpulled',
  },
  shred: { from: 'bench', to: 'bowl', stage: 'bench', of: 'lot', weighable: true, strand: 'shred' },
  // The second wave: what went back, tender at last.
  again: { from: 'unpulled', to: 'bowl', stage: 'bench', of: 'lot', weighable: true, strand: 'again' },
  foundLate: {
    from: 'meat',
    to: 'bowl',
    stage: 'bench',
    of: 'lot',
    weighable: true,
    adds: true,
    strand: 'foundLate',
  },
  eaten: {
    from: 'bowl',
    to: 'eaten',
    stage: 'bench',
    of: 'lot',
    weighable: true,
    adds: true,
    strand: 'eaten',
  },
  thrown: {
    from: 'bowl',
    to: 'bin',
    stage: 'bench',
    of: 'lot',
    weighable: true,
    adds: true,
    strand: 'thrown',
  },

  bought: { from: 'cupboard', to: 'aside', stage: 'pot', of: 'item' },
  thrownAway: { from: 'aside', to: 'bin', stage: 'pot', of: 'item' },
  boiledDown: { from: 'aside', to: 'air', stage: 'pot', of: 'item' },
  takenUp: { from: 'aside', to: 'meat', stage: 'pot', of: 'item' },
  // What stood with the meat first is poured all the same.
  givenBack: { from: 'meat', to: 'liquid', stage: 'clock', of: 'item', strand: 'pour' },
  pour: { from: 'cupboard', to: 'liquid', stage: 'pot', of: 'item', weighable: true, strand: 'pour' },
  preparedPour: {
    from: 'aside',
    to: 'liquid',
    stage: 'pot',
    of: 'item',
    strand: 'pour',
    weighedAs: 'pour',
  },
  soakingIn: { from: 'aside', to: 'liquid', stage: 'pot', of: 'item', strand: 'pour' },
  item: { from: 'cupboard', to: 'liquid', stage: 'pot', of: 'item', strand: 'items' },
  preparedItem: { from: 'aside', to: 'liquid', stage: 'pot', of: 'item', strand: 'items' },
  lifted: { from: 'liquid', to: 'aside', stage: 'clock', of: 'item' },
  returned: { from: 'aside', to: 'liquid', stage: 'clock', of: 'item' },
  panFat: { from: 'cupboard', to: 'pan', stage: 'pot', of: 'batch' },
  panFatIn: { from: 'pan', to: 'liquid', stage: 'pot', of: 'batch', strand: 'items' },
  panFatKept: { from: 'pan', to: 'fat jar', stage: 'pot', of: 'batch' },
  panFatOff: { from: 'pan', to: 'bin', stage: 'pot', of: 'batch' },
  salt: { from: 'cupboard', to: 'liquid', stage: 'pot', of: 'batch' },
  alcohol: { from: 'liquid', to: 'air', stage: 'clock', of: 'batch', strand: 'alcohol' },
  steam: { from: 'liquid', to: 'air', stage: 'clock', of: 'batch', weighable: true, strand: 'steam' },
  skimOnWay: { from: 'liquid', to: 'fat jar', stage: 'clock', of: 'batch', strand: 'skim' },
  scum: { from: 'liquid', to: 'bin', stage: 'clock', of: 'batch', strand: 'strained' },
  comeOut: { from: 'liquid', to: 'bin', stage: 'bench', of: 'batch', strand: 'strained' },
  strained: {
    from: 'liquid',
    to: 'strainer',
    stage: 'broth',
    of: 'batch',
    weighable: true,
    strand: 'strained',
  },
  vegetablesBack: { from: 'strainer', to: 'liquid', stage: 'broth', of: 'batch', strand: 'items' },
  strainedOff: { from: 'strainer', to: 'bin', stage: 'broth', of: 'batch' },
  skim: { from: 'liquid', to: 'fat jar', stage: 'broth', of: 'batch', weighable: true, strand: 'skim' },
  reduction: { from: 'liquid', to: 'air', stage: 'broth', of: 'batch', strand: 'steam' },
  stirredIn: { from: 'cupboard', to: 'liquid', stage: 'broth', of: 'batch', strand: 'items' },
  setApart: { from: 'liquid', to: 'liquid', stage: 'broth', of: 'batch' },
  putBack: { from: 'liquid', to: 'liquid', stage: 'broth', of: 'batch' },
  liquid: { from: 'liquid', to: 'jug', stage: 'broth', of: 'batch', weighable: true, strand: 'liquid' },
  drunk: {
    from: 'jug',
    to: 'eaten',
    stage: 'broth',
    of: 'batch',
    weighable: true,
    adds: true,
    strand: 'eaten',
  },
  pouredAway: {
    from: 'jug',
    to: 'bin',
    stage: 'broth',
    of: 'batch',
    weighable: true,
    adds: true,
    strand: 'thrown',
  },
  unreckoned: { from: 'liquid', to: 'unreckoned', stage: 'clock', of: 'batch' },

  stretch: { from: 'cupboard', to: 'bowl', stage: 'broth', of: 'item', strand: 'stretch' },
  soakedUp: { from: 'liquid', to: 'bowl', stage: 'broth', of: 'batch', strand: 'stretch' },
  dressedShred: { from: 'bowl', to: 'dressed', stage: 'broth', of: 'plate' },
  dressedHeld: { from: 'jug', to: 'dressed', stage: 'broth', of: 'plate', strand: 'held' },
  dressingSalt: { from: 'cupboard', to: 'dressed', stage: 'broth', of: 'plate' },
  servedMeat: { from: 'dressed', to: 'plates', stage: 'plates', of: 'plate', strand: 'served' },
  servedHeld: { from: 'dressed', to: 'plates', stage: 'plates', of: 'plate' },
  servedSalt: { from: 'dressed', to: 'plates', stage: 'plates', of: 'plate' },
  servedLiquid: { from: 'jug', to: 'plates', stage: 'plates', of: 'plate', strand: 'ladled' },
  keptShred: { from: 'bowl', to: 'shelf', stage: 'keep', of: 'plate', strand: 'keptShred' },
  // What goes with them: what was strained and is served whole, and fat of the jar to fry in.
  side: { from: 'strainer', to: 'plates', stage: 'plates', of: 'plate' },
  fried: { from: 'fat jar', to: 'plates', stage: 'plates', of: 'plate' },
  onTable: { from: 'plates', to: 'table', stage: 'plates', of: 'plate' },
  sentOut: { from: 'plates', to: 'sent', stage: 'plates', of: 'plate' },
  keptLiquid: { from: 'jug', to: 'shelf', stage: 'keep', of: 'plate', strand: 'keptLiquid' },
  keptFat: { from: 'fat jar', to: 'shelf', stage: 'keep', of: 'batch' },
} as const satisfies Readonly<Record<string, FlowRow>>;

type Rows = typeof flows;
export type FlowId = keyof Rows;
type Where<K extends keyof FlowRow, V> = {
  [Id in FlowId]: Rows[Id] extends Readonly<Record<K, V>> ? Id : never;
}[FlowId];

/** The flows of one lot: its kernels fill one figure for each. */
export type LotFlow = Where<'of', 'lot'>;
type WeighableFlow = Where<'weighable', true>;
type LotWeighable = Extract<LotFlow, WeighableFlow>;

/**
 * What a reading of one lot, or of the whole batch, may be of. Meat that is put on the scale again, after trimming,
 * after its marinade or dressed, is no flow, but what one leaves behind.
 */
export type LotReading = LotWeighable | 'board';
export type BatchReading = Exclude<WeighableFlow, LotWeighable>;
export type Weighable = LotReading | BatchReading | 'marinated' | 'dressed';

const ids = Object.keys(flows) as FlowId[];
const rowOf = (id: FlowId): FlowRow => flows[id];

export const lotFlows = ids.filter((id): id is LotFlow => rowOf(id).of === 'lot');
export const lotReadings: readonly LotReading[] = [
  ...lotFlows.filter((id): id is LotWeighable => rowOf(id).weighable === true),
  'board',
];
export const batchReadings = ids.filter(
  (id): id is BatchReading => rowOf(id).weighable === true && rowOf(id).of !== 'lot',
);

export const isLotReading = (of: Weighable): of is LotReading =>
  (lotReadings as readonly Weighable[]).includes(of);

/** Whether several readings of it add up. */
export const addsUp = (of: Weighable): boolean => of in flows && rowOf(of as FlowId).adds === true;

/** The name of the reading that a flow would have, if it can be weighed. */
export const readingNameOf = (id: FlowId): FlowId => rowOf(id).weighedAs ?? id;

/** The part of the strands that a flow belongs to, if it is drawn. */
export const strandOf = (id: FlowId): StrandPartName | undefined => rowOf(id).strand;
