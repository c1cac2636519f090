import type { Batch } from '../../meal/index.ts';
import { type Input, keptFor, type Problem, type Remedy, type Says } from '../../model/index.ts';
import { aloneOf, type Planned, takenByOthers } from './alone.ts';
import { withRemedy } from './withRemedy.ts';

type ProblemsOf = (input: Input) => readonly Problem[];

/**
 * The problems of a meal with only those remedies that do what they say, and no two that pull apart. Each is tried on the whole
 * reckoning, alone: its problem is then gone and none has come in its place.
 * @param problemsOf what would be found of another meal
 */
export function triedOffers(
  found: readonly Problem[],
  meal: Planned,
  problemsOf: ProblemsOf,
): readonly Problem[] {
  const { input } = meal;
  if (found.every(({ remedies = [] }) => remedies.length === 0)) return found;
  const tried = new Map(
    input.batches.map((batch) => {
      const mine = found.filter((problem) => problem.batch === batch.id);
      const others = takenByOthers(meal, batch.id);
      const hangsOn = [input.kitchen, input.learned, JSON.stringify(mine), ...others];
      const trial = { input, alone: aloneOf(meal, batch.id), problemsOf };
      return [batch.id, kept(batch, hangsOn, () => agreeing(mine, triedOf(batch, mine, trial)))];
    }),
  );
  return found.map((problem) => {
    const remedies = problem.remedies && tried.get(problem.batch ?? '')?.get(keyOf(problem));
    return remedies ? withThese(problem, remedies) : problem;
  });
}

/** Before any of it was tried nothing is offered. */
export const withoutOffers = (found: readonly Problem[]): readonly Problem[] =>
  found.map((problem) => (problem.remedies ? withThese(problem, []) : problem));

/** What was offered before stands for the same problems until it was tried anew. */
export const withOldOffers = (found: readonly Problem[], before: readonly Problem[]): readonly Problem[] =>
  found.map((problem) => {
    const old = before.find((one) => one.batch === problem.batch && keyOf(one) === keyOf(problem));
    return problem.remedies && old?.remedies ? withThese(problem, old.remedies, old.says) : problem;
  });

const withThese = (problem: Problem, remedies: readonly Remedy[], says = problem.says): Problem => ({
  ...problem,
  remedies,
  says: offering(says, remedies),
});

type ByProblem = ReadonlyMap<string, readonly Remedy[]>;
const kept = keptFor<ByProblem>();
const keyOf = ({ says, lot = '' }: Problem) => `${says.what} ${lot}`;

interface Trial {
  readonly input: Input;
  /** The batch by itself, which is all that most remedies touch. */
  readonly alone: Input;
  readonly problemsOf: ProblemsOf;
}

/** What helps of what each problem offers. */
function triedOf(batch: Batch, mine: readonly Problem[], { input, alone, problemsOf }: Trial): ByProblem {
  const before = new Set(mine.map(keyOf));
  const helps = (problem: Problem, remedy: Remedy): boolean => {
    // How much liquid is too much hangs on what the other pots give.
    const meal = remedy.what === 'pour less' ? input : alone;
    const batches = meal.batches.map((one) =>
      one === batch ? withRemedy(batch, remedy, () => 'tried') : one,
    );
    return problemsOf({ ...meal, batches })
      .filter((one) => one.batch === batch.id && !wasHidden(one, problem, batch))
      .every((one) =>
        keyOf(one) === keyOf(problem) ? isEased(one.says, problem.says) : before.has(keyOf(one)),
      );
  };
  return new Map(
    mine.flatMap((problem) =>
      problem.remedies
        ? [[keyOf(problem), problem.remedies.filter((remedy) => helps(problem, remedy))] as const]
        : [],
    ),
  );
}

/** As much less as can be poured may still be more than the plates need: it is less. */
const isEased = (now: Says, before: Says): boolean =>
  now.what === 'slow cooker keeps it' &&
  before.what === 'slow cooker keeps it' &&
  before.leftMl - now.leftMl > EASED * (before.lessMl ?? Infinity);
/** Of what is poured less so much is missing at the end: the rest would have steamed off (estimate). */
const EASED = 0.7;

/** Nobody tastes a pot that is dry, and what is poured into one that is on the heat finds room: it has boiled off. */
const wasHidden = (now: Problem, problem: Problem, { lidOn }: Batch): boolean =>
  problem.says.what === 'boils dry' &&
  (now.says.what.startsWith('salt: ') || (lidOn !== undefined && now.says.what.startsWith('fits: ')));

/** Of remedies that pull apart one stays: one vessel, one heat, and more of a liquid before less of it. */
function agreeing(mine: readonly Problem[], tried: ByProblem): ByProblem {
  const all = [...tried.values()].flat();
  const vessel = mostOf(all.flatMap((one) => (one.what === 'take' ? [one.vessel] : [])));
  const celsius = all.find((one) => one.what === 'heat')?.celsius;
  const wantsMore =
    all.some(({ what }) => what === 'pour more') || mine.some(({ says }) => says.what === 'fits: too empty');
  const stays = (one: Remedy) =>
    (one.what !== 'take' || one.vessel === vessel) &&
    (one.what !== 'heat' || one.celsius === celsius) &&
    (one.what !== 'pour less' || !wantsMore);
  return new Map([...tried].map(([key, remedies]) => [key, remedies.filter(stays)]));
}

function mostOf(names: readonly string[]): string | undefined {
  const times = (name: string) => names.filter((one) => one === name).length;
  return names.toSorted((a, b) => times(b) - times(a))[0];
}

/** A sentence names nothing that is not offered. */
function offering(says: Says, remedies: readonly Remedy[]): Says {
  const has = (what: Remedy['what']) => remedies.some((one) => one.what === what);
  switch (says.what) {
    case 'fits: not there':
    case 'fits: too empty': {
      const { take, ...rest } = says;
      return has('take') && take !== undefined ? says : rest;
    }
    case 'fits: too full': {
      const { take, shareWith, ...rest } = says;
      return {
        ...rest,
        ...(has('take') && take !== undefined && { take }),
        ...(has('split') && shareWith !== undefined && { shareWith }),
      };
    }
    case 'slow cooker keeps it': {
      const { lessMl, ...rest } = says;
      return has('pour less') && lessMl !== undefined ? says : rest;
    }
    case 'boils dry':
      return { ...says, isOffered: remedies.length > 0 };
    default:
      return says;
  }
}
