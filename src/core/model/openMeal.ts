import type { LedgerFlow } from '../ledger/index.ts';
import type { Input } from './input.ts';
import { ledgerOf } from './run/ledger.ts';
import { runNominal, type Nominal } from './run/nominal.ts';
import { outOf } from '../plates/index.ts';
import { once } from './kept.ts';
import { dressedTickets, isDressed } from './run/dressed.ts';
import { salted } from './run/salted.ts';
import { weighedPlan } from './run/weighed.ts';
import { foretold, posteriorOf, type Posterior } from './belief/posterior.ts';
import { planMeal, type BatchPlan, type MealPlan } from './plan/plan.ts';

/** A meal with all that its questions share, each part worked out once, when it is first asked for. */
export interface OpenedMeal {
  readonly input: Input;
  /** What was typed, as numbers, and what could not be read; of the tickets what dressed meat really holds. */
  readonly plan: MealPlan;
  /** Its batches with their salt: as planned, and with what was weighed in them. */
  readonly planned: readonly BatchPlan[];
  readonly now: readonly BatchPlan[];
  /** The nominal runs of both: no spread, every node closed. */
  readonly plannedRun: Nominal;
  readonly nominal: Nominal;
  /** What the weighings teach: the middle that `nominal` runs at, and the draws about it. */
  readonly posterior: Posterior;
  /** Planned beside now, flow by flow. */
  readonly ledger: readonly LedgerFlow[];
}

/** With what the shred holds, where that is known. */
function dressed(
  plan: MealPlan,
  batches: readonly BatchPlan[],
  centre: () => Parameters<typeof dressedTickets>[2],
): MealPlan {
  return batches.some(isDressed)
    ? { ...plan, tickets: dressedTickets(plan.tickets, batches, centre()) }
    : plan;
}

/**
 * Opens a meal for questions. Nothing is worked out yet; the same opened meal answers every question
 * from one plan and one nominal run, and `drawsOf` keeps its draws.
 */
export function openMeal(input: Input): OpenedMeal {
  const typed = once(() => planMeal(input));
  const planned = once(() => typed().batches.map(salted));
  const nothingRead = input.entries.length === 0;
  const now = once(() => (nothingRead ? planned() : planned().map((batch) => weighedPlan(batch, input))));
  const { learned } = input;
  const centre = once(() => (learned ? foretold(input.meal.id, planned(), learned) : []));
  const foreseen = once(() => dressed(typed(), planned(), centre));
  const plannedRun = once(() => runNominal(foreseen(), planned(), centre()));
  const posterior = once(() => posteriorOf(input.meal.id, now(), { learned }));
  const plan = once(() => (nothingRead ? foreseen() : dressed(typed(), now(), () => posterior().centre)));
  const nominal = once(() =>
    nothingRead ? plannedRun() : runNominal(plan(), now(), posterior().centre, outOf(input.entries)),
  );
  const ledger = once(() => ledgerOf(plannedRun().flows, nominal().flows, now()));
  return {
    input,
    get plan() {
      return plan();
    },
    get planned() {
      return planned();
    },
    get now() {
      return now();
    },
    get plannedRun() {
      return plannedRun();
    },
    get posterior() {
      return posterior();
    },
    get nominal() {
      return nominal();
    },
    get ledger() {
      return ledger();
    },
  };
}
