import type { BenchCard, DayPlan } from '../answers/index.ts';
import { doneAs, type Line } from '../day/index.ts';
import type { Job, OnPlate } from '../meal/index.ts';
import type { BatchReckoning } from '../reckoning/index.ts';
import { passesOf } from './passes.ts';
import { type NameOf, weighsAt } from './weighs.ts';

/** How things are called in a part. */
export interface Says {
  readonly line: (line: Line) => string;
  readonly weighed: NameOf;
  readonly person: (id: string) => string;
  /** What lies on a plate of a dish, as it is shared out; undefined: the usual. */
  readonly onPlate: (dish: string) => Readonly<OnPlate> | undefined;
}

/** A job, and the ids of those who do it. */
export interface DealtJob extends Job {
  readonly by: readonly string[];
}

/**
 * Everything that hands are wanted for, in the order of the day, each with what is weighed at it and for whom it waits.
 * @param first the batch under which is written what is of none
 */
export function jobsOf(
  day: Pick<DayPlan, 'lines' | 'placed'>,
  batches: readonly BatchReckoning[],
  cards: readonly BenchCard[],
  says: Says,
  first: string,
): readonly DealtJob[] {
  const passing = passesOf(day, says.person, says.line);
  return day.lines
    .filter(({ hands, who = [] }) => hands > 0 && who.length > 0)
    .map((line): DealtJob => {
      const { key, batch, from, minutes, grams, does, ref, who = [] } = line;
      const reckoning = batches.find(({ id }) => id === batch);
      const weigh = weighsAt(line, day.lines, reckoning, cards, says.weighed);
      const meatG = reckoning && meatAt(line, reckoning, day.lines);
      return {
        id: key,
        words: says.line(line),
        at: from,
        minutes,
        done: doneAs(line),
        by: who,
        batch: batch ?? first,
        ...(batch !== undefined && { pot: batch }),
        ...(grams !== undefined && { grams }),
        ...(meatG !== undefined && { meatG }),
        ...(weigh.length > 0 && { weigh: [...weigh] }),
        ...(does.what === 'fill' &&
          ref.kind === 'plates' && { serves: servesOf(ref.dish, does.count, says) }),
        ...(does.what === 'look' && { fork: true }),
        ...passing.get(key),
      };
    });
}

function servesOf(dish: string, count: number, { onPlate }: Says): NonNullable<Job['serves']> {
  const on = onPlate(dish);
  return { dish, count, ...(on && on.length > 0 && { on: [...on] }) };
}

/** What the meat of a pot comes to when a line of the day begins, g: what it lost before is lost; a task that is no longer told is over. */
function meatAt({ batch, from }: Line, { meat, lots }: BatchReckoning, lines: readonly Line[]): number {
  const before = (what: Line['does']['what']) =>
    lines.some((one) => one.batch === batch && one.does.what === what && one.to > from);
  if (before('trim')) return meat.rawG.mid;
  if (before('lift')) return lots.reduce((sum, { boardG }) => sum + boardG, 0);
  return before('pull') ? meat.onBenchG.mid : meat.shredG.mid;
}
