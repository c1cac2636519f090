import { entryAt } from '../../columns/index.ts';
import type { Batch, Size, Vessel } from '../../meal/index.ts';
import { openPhase } from '../../clock/index.ts';
import {
  BONE_DENSITY,
  brimMl,
  deal,
  type Fill,
  fillOf,
  levelCm,
  longestOf,
  MUSCLE_DENSITY,
  smallestThatFits,
  type ToSear,
  vesselsFor,
} from '../../pot/index.ts';
import type { OfBatch } from '../input.ts';

/** A lot as far as its place in a vessel goes. */
export interface LyingLot {
  readonly id: string;
  readonly rawG: number;
  readonly boneShare: number;
  readonly size: Size;
  /** When it is tender, min; 0 if nobody knows. */
  readonly minutes: number;
  readonly placed: ReadonlyMap<string, number> | undefined;
  readonly longestCm: number | undefined;
  readonly toSear: ToSear;
}

/** One vessel of a batch with its part of the meat, before anything is poured. */
export interface VesselPlan {
  readonly vessel: Vessel;
  /** Share of the batch's meat, and of each lot, 0 to 1. */
  readonly share: number;
  readonly shares: readonly number[];
  readonly meatMl: number;
  /** Bone of that volume, and the share of the meat that has a bone in it. */
  readonly boneMl: number;
  readonly bonedShare: number;
  readonly size: Size;
  /** How many pieces lie in it, where that is known: they were counted, or are whole. */
  readonly pieces: number | undefined;
  readonly longestCm: number;
  readonly fill: Fill;
}

/** A vessel with all that goes into it before the lid. */
export interface FilledVessel extends VesselPlan {
  readonly otherMl: number;
  /** Where the liquid's line is, and how high anything stands, cm. */
  readonly lineCm: number;
  readonly standsCm: number;
}

const mlOf = ({ rawG, boneShare }: LyingLot) =>
  rawG * ((1 - boneShare) / MUSCLE_DENSITY + boneShare / BONE_DENSITY);

/** The vessels of a batch: the chosen one or the smallest that it fits, and those that share it. */
export function planVessels(
  batch: Batch,
  lots: readonly LyingLot[],
  input: OfBatch,
  taken: ReadonlySet<string>,
  tooSmall: ReadonlySet<string>,
): readonly VesselPlan[] {
  const meatMl = lots.reduce((sum, lot) => sum + mlOf(lot), 0);
  const main = mainVessel(batch, input, meatMl, taken, tooSmall);
  if (!main) return [];
  const also = (batch.also ?? []).flatMap((id) => {
    const vessel = input.kitchen.vessels.find((v) => v.id === id && v.id !== main.id);
    return vessel ? [vessel] : [];
  });
  const vessels = [main, ...also];
  const dealt = deal(
    lots.map((lot) => ({ ml: mlOf(lot), minutes: lot.minutes, placed: lot.placed })),
    vessels,
  );
  return vessels.map((vessel, v) => {
    const here = lots.map((lot, i) => ({ lot, ml: mlOf(lot) * entryAt(entryAt(dealt, i), v) }));
    const ml = here.reduce((sum, one) => sum + one.ml, 0);
    const sum = (of: (one: (typeof here)[number]) => number) =>
      here.reduce((total, one) => total + of(one), 0);
    const largest = here.reduce<(typeof here)[number] | undefined>(
      (most, one) => (one.ml > (most?.ml ?? 0) ? one : most),
      undefined,
    );
    const size = largest?.lot.size ?? batch.size;
    return {
      vessel,
      share: meatMl > 0 ? ml / meatMl : v === 0 ? 1 : 0,
      shares: lots.map((_, i) => entryAt(entryAt(dealt, i), v)),
      meatMl: ml,
      boneMl: sum((one) =>
        one.ml > 0 ? (one.lot.rawG * one.lot.boneShare * (one.ml / mlOf(one.lot))) / BONE_DENSITY : 0,
      ),
      bonedShare: ml > 0 ? sum((one) => (one.lot.boneShare > 0 ? one.ml : 0)) / ml : 0,
      size,
      pieces: countOf(here),
      longestCm: Math.max(
        0,
        ...here.flatMap((one) => (one.ml > 0 ? [one.lot.longestCm ?? longestOf(one.lot.toSear)] : [])),
      ),
      fill: fillOf(vessel, ml, size, batch.level),
    };
  });
}

/** The pieces in a vessel, if each lot there was counted or lies whole; a part of a lot is so many of its pieces. */
function countOf(here: readonly { readonly lot: LyingLot; readonly ml: number }[]): number | undefined {
  let all = 0;
  for (const { lot, ml } of here) {
    if (!(ml > 0)) continue;
    const { count, size } = lot.toSear;
    const pieces = count ?? (size === 'whole' ? 1 : undefined);
    if (pieces === undefined) return undefined;
    all += Math.max(1, Math.round((pieces * ml) / mlOf(lot)));
  }
  return all > 0 ? all : undefined;
}

/**
 * The vessel that was chosen, or the smallest that the meat and its liquid fit into: one that no other batch of
 * the meal has, if there is such a one.
 */
function mainVessel(
  batch: Batch,
  { kitchen }: OfBatch,
  meatMl: number,
  taken: ReadonlySet<string>,
  tooSmall: ReadonlySet<string>,
): Vessel | undefined {
  const open = openPhase(batch.cook);
  const chosen = kitchen.vessels.find((v) => v.id === open?.vessel);
  if (chosen) return chosen;
  const there = vesselsFor(open?.heat ?? 'oven', kitchen.vessels);
  // What was poured by hand did not fit into these; of none that is left the largest is told to be too full.
  const left = there.filter(({ id }) => !tooSmall.has(id));
  const all = left.length > 0 ? left : there.toSorted((a, b) => brimMl(b) - brimMl(a)).slice(0, 1);
  const best = (some: readonly Vessel[]) => smallestThatFits(some, meatMl, batch.size, batch.level);
  const [own, any] = [best(all.filter(({ id }) => !taken.has(id))), best(all)];
  return own && any && brimMl(own) >= brimMl(any) ? own : any;
}

/**
 * Pours what goes in before the lid: everything shared by the meat, except the pour that is solved,
 * which brings each vessel to its own line.
 */
export function fillVessels(
  vessels: readonly VesselPlan[],
  othersMl: number,
  solvedMl: number | undefined,
): readonly FilledVessel[] {
  return vessels.map((plan) => {
    const shared = othersMl * plan.share;
    const own = solvedMl === undefined ? 0 : Math.max(0, plan.fill.toLineMl - shared);
    const otherMl = shared + own;
    const lineCm = levelCm(plan.vessel, plan.fill, plan.meatMl, otherMl);
    return { ...plan, otherMl, lineCm, standsCm: Math.max(plan.fill.meatCm, lineCm) };
  });
}
