import { isStep } from '../../work/index.ts';
import { entryAt, valueAt } from '../../columns/index.ts';
import { flowsOfLot } from '../../bench/index.ts';
import { liquidFlows } from '../../broth/index.ts';
import { keptFlows } from '../../keep/index.ts';
import { amountOf, carrying, flow, massOf, plus, times, type Flow } from '../../ledger/index.ts';
import {
  besideFlows,
  type Booked,
  forPlates,
  isMixed,
  type outOf,
  plateEnds,
  plateFlows,
  platesOf,
  type Pools,
  type Served,
  type Source,
} from '../../plates/index.ts';
import { MEAT_TARGET } from '../../pot/index.ts';
import { keptFor } from '../kept.ts';
import type { BatchPlan, MealPlan } from '../plan/plan.ts';
import { soakedUp } from '../plan/stretch.ts';
import { nominalBatch, type BatchDraw, type NominalBatch } from './run.ts';

/** The nominal run of a meal: no spread, every node closed. */
export interface Nominal {
  readonly batches: readonly NominalBatch[];
  /** What is filled: out already, and still to be filled by the core's own rule. */
  readonly served: Served;
  /** What is out of each ticket, in their order; then of dishes that are no longer ordered. */
  readonly booked: readonly Booked[];
  readonly flows: readonly Flow[];
}

const NOTHING_OUT: ReturnType<typeof outOf> = new Map();

/** Flows of a batch as far as its bowl and its jugs, and what it gives to the plates. */
interface Given {
  readonly flows: readonly Flow[];
  readonly shred: readonly Source[];
  readonly liquid: readonly Source[];
}

/**
 * Runs the whole meal once and writes its flows.
 * @param centre the middle of what the weighings leave possible, for each batch; absent: nothing was weighed
 * @param out what is out already, by dish
 */
export function runNominal(
  { tickets, beside }: MealPlan,
  plans: readonly BatchPlan[],
  centre: readonly BatchDraw[] = [],
  out: ReturnType<typeof outOf> = NOTHING_OUT,
): Nominal {
  const batches = plans.map((plan, i) => nominalBatch(plan, centre[i]));
  const given = batches.map((batch) => gives(batch, [], () => givenBy(batch)));
  const shred = given.flatMap((one) => one.shred);
  const liquid = given.flatMap((one) => one.liquid);
  const ids = plans.map(({ id }) => id);
  const pools = poolsOf(batches, shred, liquid);
  const { served, plated, booked } = platesOf(
    tickets,
    plans.map(({ id, batch }) => ({ id, mixed: isMixed(batch) })),
    pools,
    out,
  );
  const targets = new Map(plans.map(({ id, batch }) => [id, batch.strength?.meat ?? MEAT_TARGET] as const));
  const toPlates = plateFlows(
    booked.map(({ dish }) => dish),
    plated,
    ids,
    shred,
    liquid,
    targets,
  );
  const made = given.flatMap((one) => one.flows);
  const servings = booked.map(({ dish, servings: out }, t) => ({
    dish,
    ordered: Math.max(out, tickets[t]?.count ?? 0),
    filled: t < tickets.length ? valueAt(served.filled, t) : out,
  }));
  const besides = besideFlows(
    plans.map(({ batch }) => batch),
    servings,
    beside,
    made,
  );
  const ends = plateEnds(servings, beside, [...toPlates.flows, ...besides]);
  return {
    batches,
    served,
    booked,
    flows: [...made, ...toPlates.flows, ...besides, ...ends, ...keptFlows(shred, liquid, toPlates)],
  };
}

/** What there is of each batch for the plates. */
function poolsOf(
  batches: readonly NominalBatch[],
  shred: readonly Source[],
  liquid: readonly Source[],
): Pools {
  const sumOf = (sources: readonly Source[], id: string, what: 'grams' | 'ml') =>
    sources.reduce((sum, one) => sum + (one.batch === id ? one[what] : 0), 0);
  return {
    g: Float64Array.from(batches, ({ plan }) => forPlates(plan.batch) * sumOf(shred, plan.id, 'grams')),
    // What is left of a pot that boils dry is no broth.
    ml: Float64Array.from(batches, ({ plan, mass }) =>
      mass.liquid.dry ? 0 : forPlates(plan.batch) * sumOf(liquid, plan.id, 'ml'),
    ),
  };
}

const gives = keptFor<Given>();

function givenBy(batch: NominalBatch): Given {
  const { plan, mass } = batch;
  const ofLots = plan.lots.flatMap((lot, i) => {
    const lotMass = mass.lots[i];
    if (!lotMass) return [];
    const salt = plan.liquid ? mass.liquid.saltOfMeatWater : 0;
    const { flows, bowl } = flowsOfLot(lot, lotMass, plan.id, salt);
    const source = { batch: plan.id, lot: lot.id, grams: lotMass.bowl, ml: 0, per: bowl };
    return [{ source, flows: flows.flatMap((one) => byVessel(one, i, plan)) }];
  });
  const stretch = plan.stretch.map(({ id, grams, perGram }) => {
    const dry = times(perGram, grams / massOf(perGram));
    const wet = plan.liquid ? plus(dry, soakedUp(plan.liquid, mass.liquid, id)) : dry;
    const all = massOf(wet);
    return {
      source: { batch: plan.id, item: id, grams: all, ml: 0, per: times(wet, 1 / all) },
      flow: flow('stretch', { batch: plan.id, item: id }, dry),
    };
  });
  const flows = [...ofLots.flatMap((one) => one.flows), ...stretch.map((one) => one.flow)];
  const shred = [...ofLots, ...stretch].map(({ source }) => source);
  if (!plan.liquid) return { flows: [...flows, ...unreckoned(flows)], shred, liquid: [] };
  const { flows: own, finished } = liquidFlows(plan.liquid, mass.liquid, plan.id, lotShares(batch));
  return {
    flows: [...flows, ...own, ...panFatFlows(plan)],
    shred,
    liquid: finished.map((one) => ({
      ...{ batch: plan.id, ...one },
      dresses: dressedBy(plan, one.liquid),
      dish: setApartFor(plan, one.liquid),
    })),
  };
}

/** Of a batch's shred what a liquid dresses, where the list says which. */
function dressedBy({ batch }: BatchPlan, liquid: string | undefined): number | undefined {
  const dresses = batch.after.filter(isStep('dress'));
  if (!dresses.some((step) => step.liquid !== undefined)) return undefined;
  return dresses
    .filter((step) => step.liquid === liquid)
    .reduce((sum, step) => sum + (step.share ?? 1 / dresses.length), 0);
}

/** The dish that a liquid was set apart for, where that is said. */
const setApartFor = ({ batch }: BatchPlan, liquid: string | undefined): string | undefined =>
  liquid === undefined
    ? undefined
    : batch.after.filter(isStep('set apart')).find(({ as }) => as === liquid)?.dish;

/** What goes into the pot of a lot, by vessel where there are several. */
function byVessel(one: Flow, lot: number, { vessels }: BatchPlan): Flow[] {
  if (one.id !== 'intoPot' || vessels.length < 2) return [one];
  return vessels.flatMap(({ vessel, shares }) => {
    const share = entryAt(shares, lot);
    return share > 0 ? [{ ...one, vessel: vessel.id, amount: times(one.amount, share) }] : [];
  });
}

/** The lots and their shares of the meat: what they take up of a marinade. */
function lotShares({ plan, mass }: NominalBatch): { id: string; share: number }[] {
  const all = mass.lots.reduce((sum, lot) => sum + lot.boneless, 0);
  return plan.lots.map(({ id }, i) => ({
    id,
    share: all > 0 ? (mass.lots[i]?.boneless ?? 0) / all : 1 / plan.lots.length,
  }));
}

/** Fat into the pan, and from there into the pot, the jar or the bin. */
function panFatFlows({ id: batch, batch: { panFat }, sear: { fatG } }: BatchPlan): Flow[] {
  const fat = amountOf({ fat: fatG });
  const to = { 'in the pot': 'panFatIn', kept: 'panFatKept', 'poured off': 'panFatOff' } as const;
  return carrying([flow('panFat', { batch }, fat), flow(to[panFat?.then ?? 'in the pot'], { batch }, fat)]);
}

/** Without a time for the pot nobody can say what becomes of the juice: it stands where it is. */
const unreckoned = (flows: readonly Flow[]): Flow[] =>
  flows
    .filter(({ to }) => to === 'liquid')
    .map((juice) => flow('unreckoned', { ...juice, item: juice.item ?? juice.id }, juice.amount));
