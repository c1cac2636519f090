import { type Entry, standingOf } from '../../meal/index.ts';
import { type JugRead, type LiquidPlan, type LiquidWeighed, sumsOf } from '../../broth/index.ts';
import { BROTH, gramsOfVolume } from '../../work/index.ts';
import { addsUp, isLotReading, lotReadings, type LotReading, type Weighable } from '../../ledger/index.ts';
import { isWeighed, readingOf, type LotMass, type LotPlan, type LotWeighed } from '../../meat/index.ts';
import { BONE_DENSITY, MUSCLE_DENSITY, volumeTo, withTakenUp } from '../../pot/index.ts';
import { midpoint } from '../../quantity/index.ts';
import type { Input } from '../input.ts';
import { keptFor } from '../kept.ts';
import type { BatchPlan, LotWeighing } from '../plan/plan.ts';
import { passedBefore } from './passed.ts';
import { nominalBatch } from './run.ts';

/** The broth is this hot when a spoon is stood in it, if nobody says otherwise (estimate). */
const HOT = 90;

/**
 * The reading in grams: a hot volume by the density of water at its temperature, and what was weighed
 * in a bowl without the bowl. Undefined while the bowl has not been weighed empty.
 */
function gramsOf(entry: Entry, kitchen: Input['kitchen']): number | undefined {
  const value = entry.value && midpoint(entry.value);
  if (value === null || value === undefined) return undefined;
  if (entry.measure === 'volume') return gramsOfVolume(value, BROTH, entry.celsius);
  if (entry.vessel === undefined) return value;
  const tare = kitchen.vessels.find(({ id }) => id === entry.vessel)?.tareG;
  return tare === undefined ? undefined : Math.max(0, value - tare);
}

/** A volume that was read, ml at 20 °C. */
const coldMl = ({ value, celsius }: Entry): number =>
  gramsOfVolume(midpoint(value ?? undefined) ?? NaN, 1, celsius);

/** The pot with its contents, g: on the scale less the vessel, or by how far a spoon stood in it is wet. */
function potG(
  entry: Entry,
  vesselId: string,
  plan: BatchPlan,
  planned: readonly LotMass[],
  kitchen: Input['kitchen'],
): number | undefined {
  const value = midpoint(entry.value ?? undefined);
  const vessel = kitchen.vessels.find(({ id }) => id === vesselId);
  if (value === undefined || !vessel) return undefined;
  if (entry.measure !== 'depth')
    return vessel.tareG === undefined ? undefined : Math.max(0, value - vessel.tareG);
  const share = plan.vessels.find((one) => one.vessel.id === vesselId)?.share ?? 1;
  const meat = planned.reduce((sum, lot) => sum + lot.flesh + lot.boneOut, 0) * share;
  const meatMl = planned.reduce(
    (sum, lot) => sum + (lot.flesh / MUSCLE_DENSITY + lot.boneOut / BONE_DENSITY) * share,
    0,
  );
  // Cooked pieces have sunk together: all of them lie under the line.
  const liquidMl = Math.max(0, volumeTo(vessel, value) - meatMl);
  return meat + gramsOfVolume(liquidMl, BROTH, entry.celsius ?? HOT);
}

/**
 * The plan of a batch with what was weighed in it. A weighed sum is dealt to the lots in proportion
 * to the plan, less the lots that were weighed by themselves; if the plan has none of it (bones of
 * boneless lots), by raw weight.
 */
export function weighedPlan(plan: BatchPlan, { entries: all, kitchen }: Input): BatchPlan {
  const entries = standingOf(all, plan.id);
  if (entries.length === 0) return plan;
  return kept(plan, [kitchen, ...entries], () => withReadings(plan, entries, kitchen));
}

const kept = keptFor<BatchPlan>();

function withReadings(plan: BatchPlan, entries: readonly Entry[], kitchen: Input['kitchen']): BatchPlan {
  const planned = nominalBatch(plan).mass.lots;
  const byLot = plan.lots.map((lot) => ({ ...lot.weighed }));
  const liquid: LiquidWeighed | undefined = plan.liquid && { ...plan.liquid.weighed };
  const sums: { flow: LotReading; grams: number }[] = [];
  const pots = new Map<string, number>();
  const jugs = new Map<string, JugRead>();
  let marinated = NaN;
  let dressed: number | undefined;

  for (const entry of entries) {
    const { measures } = entry;
    if (measures.what === 'stock') {
      const pot = potG(entry, measures.vessel, plan, planned, kitchen);
      if (liquid && pot !== undefined) pots.set(measures.vessel, pot);
      continue;
    }
    // What came out again, a fork in the meat and a task that is done weigh nothing.
    if (!('flow' in measures)) continue;
    const read = gramsOf(entry, kitchen);
    if (read === undefined) continue;
    const passed = passedBefore(entry, entries, plan.lots.length, (one) => gramsOf(one, kitchen));
    const grams = Math.max(0, read + passed);
    if (measures.flow === 'marinated') marinated = grams;
    else if (measures.flow === 'dressed') dressed = grams;
    else if (measures.what === 'flow' && isLotReading(measures.flow)) {
      const at = plan.lots.findIndex((lot) => lot.id === measures.lot);
      const weighed = byLot[at];
      if (weighed) weighed[measures.flow] = grams + soFar(measures.flow, weighed[measures.flow]);
    } else if (isLotReading(measures.flow)) {
      const { flow } = measures;
      const before = addsUp(flow) ? sums.find((one) => one.flow === flow) : undefined;
      if (before) before.grams += grams;
      else sums.push({ flow, grams });
    } else if (measures.what === 'sum' && measures.liquid !== undefined) {
      // Only what is finished stands in several jugs.
      const ml = entry.measure === 'volume' ? coldMl(entry) + passed / BROTH : NaN;
      if (measures.flow === 'liquid') jugs.set(measures.liquid, { grams, ml });
    } else if (liquid) {
      liquid[measures.flow] = grams + soFar(measures.flow, liquid[measures.flow]);
      if (measures.flow === 'liquid')
        liquid.liquidMl = entry.measure === 'volume' ? coldMl(entry) + passed / BROTH : NaN;
    }
  }
  // Of a batch in two vessels the pot is known once both are weighed.
  if (liquid && pots.size > 0 && plan.vessels.every(({ vessel }) => pots.has(vessel.id)))
    liquid.pot = [...pots.values()].reduce((sum, grams) => sum + grams, 0);
  const alone = byLot.flatMap((weighed, at) =>
    lotReadings.flatMap((flow) =>
      isWeighed(weighed[flow]) ? [{ flow, lots: [at], grams: weighed[flow] }] : [],
    ),
  );
  const together = sums.map(({ flow, grams }) => deal(flow, grams, byLot, planned, plan.lots));
  return {
    ...plan,
    weighings: [...alone, ...together],
    dressedG: dressed,
    lots: plan.lots.map((lot, at) => withWeighed(lot, byLot[at] ?? lot.weighed)),
    liquid: plan.liquid &&
      liquid && {
        ...withMarinade(plan.liquid, planned, marinated),
        weighed: liquid,
        ...(jugs.size > 0 && { jugs }),
      },
  };
}

/**
 * A lot with what was weighed of it. What lies shredded on the scale was tender: what did not pull is what was put aside and
 * weighed, else nothing, and no written time says otherwise.
 */
const withWeighed = (lot: LotPlan, weighed: LotWeighed): LotPlan => ({
  ...lot,
  weighed,
  doneness: isWeighed(weighed.shred) && !isWeighed(weighed.unpulled) ? NaN : lot.doneness,
});

/** What was read before of what adds up. */
const soFar = (flow: Weighable, before: number): number => (addsUp(flow) && isWeighed(before) ? before : 0);

/** What the meat took up, where it was weighed again after the marinade. */
function withMarinade(liquid: LiquidPlan, planned: readonly LotMass[], marinatedG: number): LiquidPlan {
  if (Number.isNaN(marinatedG)) return liquid;
  const before = planned.reduce((sum, lot) => sum + lot.intoPot, 0);
  const items = withTakenUp(liquid.items, marinatedG - before);
  return { ...liquid, items, ...sumsOf(items) };
}

/** What leaves the bench or the bowl is dealt as the shred is: of bones that are bought for flavour nobody eats. */
const asShred: readonly LotReading[] = ['unpulled', 'again', 'foundLate', 'eaten', 'thrown'];

function deal(
  flow: LotReading,
  grams: number,
  byLot: readonly LotWeighed[],
  planned: readonly LotMass[],
  lots: readonly LotPlan[],
): LotWeighing {
  // What adds up is beside what was read of a lot alone; of all else a sum holds that too.
  const beside = addsUp(flow);
  const open = byLot.flatMap((weighed, at) => (beside || Number.isNaN(weighed[flow]) ? [at] : []));
  const own = beside
    ? 0
    : byLot.reduce((sum, weighed) => sum + (Number.isNaN(weighed[flow]) ? 0 : weighed[flow]), 0);
  const rest = Math.max(0, grams - own);
  const share = (at: number, by: 'plan' | 'raw') => {
    const mass = planned[at];
    const like = asShred.includes(flow) ? 'shred' : flow;
    return by === 'plan' && mass ? readingOf(like, mass) : (lots[at]?.rawG ?? 0);
  };
  const by = open.some((at) => share(at, 'plan') > 0) ? 'plan' : 'raw';
  const total = open.reduce((sum, at) => sum + share(at, by), 0);
  for (const at of open) {
    const weighed = byLot[at];
    if (weighed && total > 0) weighed[flow] = soFar(flow, weighed[flow]) + (rest * share(at, by)) / total;
  }
  return { flow, lots: open, grams: rest };
}
