import type { LedgerFlow } from '../ledger/index.ts';
import { numberOfDraws, openMeal, type Drawn, type Problem, type OpenedMeal } from '../model/index.ts';
import { batchReckoning, type GramsAndMl, stillInPot, type BatchReckoning } from './batchReckoning.ts';
import { needOfBatch } from './need.ts';
import { mealReckoning, type MealReckoning } from './mealReckoning.ts';
import { boilsDry } from './dry.ts';
import { reducedTooFar } from './thick.ts';
import { causesOf, type Cause } from './causes.ts';
import { firstWavePlates } from './secondWave.ts';
import { type Questioned, questionedIn } from './questioned.ts';
import { saltProblems } from './salt.ts';
import { triedOffers, withoutOffers } from './offers/tried.ts';
import { tooMuchLiquid } from './slowCooker.ts';
import { unaccountedOf, type Unaccounted } from './unaccounted.ts';

export interface Reckoning {
  readonly meal: MealReckoning;
  readonly batches: readonly BatchReckoning[];
  /** Over all pots: what they give, what of it goes to plates, and what is kept once those are filled. */
  readonly ofAllPots: Readonly<Record<'gives' | 'toPlates' | 'keeps', GramsAndMl>>;
  readonly ledger: readonly LedgerFlow[];
  /** Missing and found, as flows, g. */
  readonly unaccounted: readonly (Unaccounted & { readonly causes: readonly Cause[] })[];
  /** Weighings that can hardly be right, each with what it may be. */
  readonly questioned: readonly Questioned[];
  /** Plates that can be filled while what went back cooks on. */
  readonly platesNow?: number | undefined;
  readonly problems: readonly Problem[];
  readonly draws: number;
}

/**
 * All that can be known of a meal and its batches. Without draws only the nominal run is told; with them every figure that nobody
 * can know has its range, and "enough" its chance. The same input gives the same figures.
 */
export function reckon(meal: OpenedMeal, drawn?: Drawn): Reckoning {
  return {
    ...reckoned(meal, drawn),
    problems: triedOffers(problemsIn(meal), meal, (other) => problemsIn(openMeal(other))),
  };
}

/** The nominal run, under a millisecond, for each key: what is offered is not tried yet, and so none of it is there. */
export function reckonAtOnce(meal: OpenedMeal): Reckoning {
  return { ...reckoned(meal, undefined), problems: withoutOffers(problemsIn(meal)) };
}

function reckoned(meal: OpenedMeal, drawn: Drawn | undefined): Omit<Reckoning, 'problems'> {
  const { input, plan, now, nominal, ledger } = meal;
  const batches = nominal.batches.map((one) => batchReckoning(one, meal, drawn));
  return {
    meal: mealReckoning(plan.tickets, nominal, now, drawn),
    batches,
    ofAllPots: {
      gives: sumOf(batches.map(({ gives }) => gives)),
      toPlates: sumOf(batches.map(({ toPlates }) => toPlates)),
      keeps: sumOf(batches.map(({ kept }) => ({ g: kept.shredG, ml: kept.liquidMl }))),
    },
    ledger,
    unaccounted: unaccountedOf(ledger).map((one) => {
      const of = now.find(({ id }) => id === one.flow.batch);
      const comeOut = batches.find(({ id }) => id === one.flow.batch)?.comeOut ?? [];
      return { ...one, causes: of ? causesOf(one, of, comeOut, input) : [] };
    }),
    questioned: questionedIn(meal),
    platesNow: firstWavePlates(meal),
    draws: drawn ? numberOfDraws(now) : 0,
  };
}

const sumOf = (all: readonly GramsAndMl[]): GramsAndMl => ({
  g: all.reduce((sum, { g }) => sum + g, 0),
  ml: all.reduce((sum, { ml }) => sum + ml, 0),
});

/** All that a cook has to look at, with whatever might be done about it. */
function problemsIn(meal: OpenedMeal): readonly Problem[] {
  const { input, plan, nominal } = meal;
  return [
    ...plan.problems(),
    ...nominal.batches.flatMap((one) => [
      ...boilsDry(one, meal),
      ...reducedTooFar(one),
      ...saltProblems(one, input),
      ...stillInPot(one, input),
      ...tooMuchLiquid(one, needOfBatch(one, meal).liquidMl),
    ]),
  ];
}
