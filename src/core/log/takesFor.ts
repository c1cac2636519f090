import { reckonAtOnce } from '../reckoning/index.ts';
import { cookAgain, forPlates } from '../meal/index.ts';
import { type Input, openMeal } from '../model/index.ts';

/** What a meal takes, all its pots together. */
export interface Takes {
  readonly rawG: number;
  readonly pouredMl: number;
  readonly steamMl: number;
  readonly shredG: number;
}

/** A past meal once more for so many plates: what it takes, beside what it took then. */
export interface TakesFor {
  readonly before: Takes;
  readonly after: Takes;
}

function takes(input: Input): Takes {
  const { batches } = reckonAtOnce(openMeal({ ...input, entries: [] }));
  const sum = (figure: (one: (typeof batches)[number]) => number | undefined) =>
    batches.reduce((total, one) => total + (figure(one) ?? 0), 0);
  return {
    rawG: sum(({ meat }) => meat.rawG.mid),
    pouredMl: sum(({ liquid }) => liquid.pouredMl?.mid),
    steamMl: sum(({ liquid }) => liquid.steamMl?.mid),
    shredG: sum(({ meat }) => meat.shredG.mid),
  };
}

/** What cooking it again for so many plates would take: meat grows with them, what steams off hardly. */
export function takesFor(input: Input, plates: number): TakesFor {
  let n = 0;
  const again = cookAgain(input.meal, input.batches, () => `again-${String((n += 1))}`);
  const { meal, batches } = forPlates(again, plates);
  return { before: takes(input), after: takes({ ...input, meal, batches, entries: [] }) };
}
