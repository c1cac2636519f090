import { taskId, type Day, type Line } from '../day/index.ts';
import type { Job } from '../meal/index.ts';

type Pass = NonNullable<Job['waits']>[number];
export type Passing = Pick<Job, 'waits' | 'waited'>;

/**
 * What passes from one person’s hands into another’s: a task takes what another has made, and its first line waits for the other’s last. By the
 * key of each line of the day.
 * @param nameOf of a person by id
 */
export function passesOf(
  { placed, lines }: Pick<Day, 'placed' | 'lines'>,
  nameOf: (id: string) => string,
  words: (line: Line) => string,
): ReadonlyMap<string, Passing> {
  const passing = new Map<string, Passing>();
  const ofTask = new Map<string, Line[]>();
  for (const line of lines) {
    if (line.hands === 0 || !line.who || line.who.length === 0) continue;
    const of = ofTask.get(line.task) ?? [];
    ofTask.set(line.task, of);
    of.push(line);
  }
  const add = (line: Line, which: 'waits' | 'waited', pass: Pass) => {
    const before = passing.get(line.key) ?? {};
    const known = before[which] ?? [];
    if (known.some(({ words: same, at }) => same === pass.words && at === pass.at)) return;
    passing.set(line.key, { ...before, [which]: [...known, pass] });
  };
  const said = (line: Line, at: number): Pass => ({
    who: (line.who ?? []).map(nameOf),
    words: words(line),
    at,
  });
  for (const taker of placed)
    for (const maker of placed) {
      const first = ofTask.get(taskId(taker.ref))?.[0];
      const last = ofTask.get(taskId(maker.ref))?.at(-1);
      if (!first || !last || first.task === last.task || maker.to > taker.from) continue;
      if (!isLastMaker(maker, taker, placed) || last.who?.some((id) => first.who?.includes(id))) continue;
      add(first, 'waits', said(last, last.to));
      add(last, 'waited', said(first, first.from));
    }
  return passing;
}

type Placed = Day['placed'][number];

/** Of all that make what a task takes, none comes after this one and before the task. */
const isLastMaker = (maker: Placed, taker: Placed, placed: readonly Placed[]): boolean =>
  taker.takes.some(
    (one) =>
      maker.makes.includes(one) &&
      !placed.some(
        (other) =>
          other !== maker &&
          other !== taker &&
          other.makes.includes(one) &&
          other.from >= maker.to &&
          other.to <= taker.from,
      ),
  );
