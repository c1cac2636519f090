import type { Kitchen, OwnCut } from '../meal/index.ts';
import type { Composition, Cut, Reference } from '@/reference/types.ts';
import { fatFreeYieldFor, fleshOf, type Flesh } from './flesh.ts';
import { pickedShare, pickPlan } from './picking.ts';

/** A cut with all that the reckoning asks of it, published or the user's own. */
export interface KnownCut {
  readonly id: string;
  readonly name: string;
  readonly flesh: Flesh;
  readonly boneShare: number;
  /** Bone of purchased weight when it is bought with its bone; undefined where that is not sold. */
  readonly boneIn: number | undefined;
  readonly leanShare: number;
  /** Fat of the cooked lean, of the cooked whole's (published). */
  readonly leanFat: number;
  readonly separableFat: Composition;
  /** Protein that dissolves as gelatin, of the raw boneless weight (estimates). */
  readonly gelatinShare: number;
  readonly toughness: number;
  /** Spread of log y that the lots of this cut share (estimates; wider where nothing is published). */
  readonly spread: number;
  /** Which figures are estimates; empty where all are published. */
  readonly estimates: readonly string[];
  readonly source: string;
}

/** Of a cut whose cooked yield is in the data, and of one that is not (estimates). */
const PUBLISHED_SPREAD = 0.07;
const UNSEEN_SPREAD = 0.09;

/**
 * Protein that dissolves as gelatin, of the raw boneless weight: about .6 % (± .3), and more where there is much
 * collagen (estimates).
 */
const GELATIN_USUAL = 0.006;
const GELATIN: Readonly<Record<string, number>> = { shank: 0.012, rib: 0.008 };

/** The cut of that id, from the reference table or the kitchen's own; undefined if there is none. */
export function findCut(id: string, kitchen: Kitchen, reference: Reference): KnownCut | undefined {
  const published = reference.cuts.find((cut) => cut.id === id);
  if (published) return knownCut(published, reference);
  const own = kitchen.cuts.find((cut) => cut.id === id);
  const like = own && reference.cuts.find((cut) => cut.id === own.like);
  return own && like && ownCut(own, knownCut(like, reference));
}

function knownCut(cut: Cut, reference: Reference): KnownCut {
  return {
    id: cut.id,
    name: cut.name,
    flesh: fleshOf(cut),
    boneShare: cut.boneShare,
    boneIn: cut.boneShare > 0 && !cut.pools ? cut.boneShare : cut.boneIn,
    leanShare: cut.leanShare,
    leanFat: cut.leanFat,
    separableFat: reference.separableFat[cut.species],
    gelatinShare: GELATIN[cut.family] ?? GELATIN_USUAL,
    toughness: cut.toughness,
    // Whichever of several it is, its own spread is there too.
    spread: cut.cooked ? PUBLISHED_SPREAD : Math.hypot(UNSEEN_SPREAD, cut.apart ?? 0),
    estimates: cut.estimates,
    source: cut.source,
  };
}

/** What keeps a cut of the kitchen's own from being reckoned with. */
export type OwnCutFault =
  | { readonly what: 'own cut: relative'; readonly name: string; readonly like: string }
  | { readonly what: 'own cut: more than all'; readonly name: string; readonly sum: number }
  | { readonly what: 'own cut: no protein'; readonly name: string; readonly protein: number };

/** Why an own cut cannot be, or undefined if it can. */
export function ownCutProblem(own: OwnCut, reference: Reference): OwnCutFault | undefined {
  const { name } = own;
  const like = reference.cuts.find((cut) => cut.id === own.like);
  if (!like) return { what: 'own cut: relative', name, like: own.like };
  const { protein = like.raw.protein, fat = like.raw.fat, ash = like.raw.ash } = own.composition ?? {};
  const sum = protein + fat + ash;
  if (sum > 1) return { what: 'own cut: more than all', name, sum };
  if (protein <= 0) return { what: 'own cut: no protein', name, protein };
  return undefined;
}

/**
 * An own cut takes from its relative what is not given. A known yield is divided back by bone and
 * picking to the boneless cooked yield, and sets the fat-free yield; a known composition keeps the
 * relative's fat-free yield and its way of keeping fat.
 */
function ownCut(own: OwnCut, like: KnownCut): KnownCut {
  const boneShare = own.boneShare ?? like.boneShare;
  const { protein, fat, ash } = { ...like.flesh, ...withoutUndefined(own.composition ?? {}) };
  const flesh: Flesh = { ...like.flesh, protein, fat, ash };
  const cut = {
    ...like,
    id: own.id,
    name: own.name,
    flesh,
    boneShare,
    boneIn: boneShare > 0 ? boneShare : undefined,
    spread: UNSEEN_SPREAD,
    estimates: estimatesOfOwn(own, like),
    source: `own, like ${like.name}`,
  };
  if (!own.yield) return cut;
  const ofBoneless = own.yield.value / (own.yield.of === 'purchased' ? 1 - boneShare : 1);
  const y =
    ofBoneless / (own.yield.what === 'shred' ? 1 - pickedShare(pickPlan('membrane', like.leanShare)) : 1);
  return { ...cut, flesh: { ...flesh, fatFreeYield: fatFreeYieldFor(flesh, y) } };
}

function estimatesOfOwn(own: OwnCut, like: KnownCut): string[] {
  const of = `that of ${like.name.toLowerCase()}`;
  return [
    ...(own.composition ? [] : [`raw flesh (${of})`]),
    ...(own.boneShare === undefined ? [`bone (${of})`] : []),
    ...(own.yield ? [] : [`cooked share (${of})`]),
    `lean share (${of})`,
  ];
}

const withoutUndefined = <T extends object>(object: T) =>
  Object.fromEntries(Object.entries(object).filter(([, value]) => value !== undefined)) as {
    [K in keyof T]: Exclude<T[K], undefined>;
  };
