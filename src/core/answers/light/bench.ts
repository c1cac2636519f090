import type { LotReckoning } from '../../reckoning/index.ts';
import {
  type AfterStep,
  type AfterWhat,
  type Batch,
  type Entry,
  standingEntries,
  type Weighable,
} from '../../meal/index.ts';
import { type BatchTaskKind, type Doing, isAtPot, pieceDone, taskId, taskOfStep } from '../../day/index.ts';
import type { Input } from '../../model/index.ts';
import type { ComesOut } from '../../pot/index.ts';
import { traitsOf, type UsualTask } from '../../work/index.ts';
import type { DayPlan } from '../heavy/day/day.ts';

/** One thing to do at the bench. */
export interface BenchCard {
  /** Tells it from the others, and is what its being done is kept under. */
  readonly task: string;
  readonly batch: string;
  readonly pot: string;
  /**
   * A step of the cook's list; or a fork in a pot that is on the heat, what else is done to it there, a liquid put to chill, or
   * what went back to be pulled later.
   */
  readonly what: AfterWhat | 'look' | 'at the pot' | 'chill' | 'again';
  /** What is done to a pot that is on the heat. */
  readonly does?: Doing;
  readonly step: AfterStep | undefined;
  /** What is weighed at it. */
  readonly flow: Weighable | undefined;
  /** Epoch ms: when it is due by the day's plan; undefined where the plan does not say. */
  readonly at: number | undefined;
  readonly done: boolean;
}

/** What is weighed at a step. */
const weighedAt = (what: AfterWhat): Weighable | undefined => traitsOf(what).weighs;

/** The parts of the day's plan that tell of its tasks. */
const partOf = {
  pot: 'lift',
  cool: 'cool',
  pull: 'pull',
  strain: 'strain',
  skim: 'skim',
  reduce: 'reduce',
  together: 'bring together',
} as const satisfies Readonly<Record<UsualTask | 'pot', Doing['what']>>;

/** The part of the day's plan that a step is. */
function lineOf(what: AfterWhat): Doing['what'] | undefined {
  const { inDay } = traitsOf(what);
  if (!inDay || 'minutes' in inDay) return undefined;
  return partOf['task' in inDay ? inDay.task : inDay.within];
}

/** Whether something at the bench is done in this piece of the day. */
export const stepAt = (what: BenchCard['what'], does: Doing): boolean =>
  what === 'look' || what === 'at the pot' || what === 'chill' || what === 'again'
    ? false
    : does.what === lineOf(what) || (does.what === 'after' && does.step === what);

/** The task of the day that a step is: ticked at the bench it is over there too. */
function kindOf(what: AfterWhat): BatchTaskKind | undefined {
  const { inDay } = traitsOf(what);
  // The pot ends with its meat lifted; pulling is more than its bones.
  return inDay && 'within' in inDay && inDay.within === 'pot' ? 'pot' : taskOfStep(what);
}

/** What a step's being done is kept under: the first of its kind is the day's own task. */
function stepTask(batch: string, step: AfterStep, steps: readonly AfterStep[]): string {
  const kind = kindOf(step.what);
  const isFirst = steps.find(({ what }) => kindOf(what) === kind) === step;
  return kind !== undefined && isFirst
    ? taskId({ kind, batch })
    : taskId({ kind: 'after', batch, step: step.id });
}

/**
 * Everything to do at the bench, of all pots: what is done in the order in which it was, then what is due, the next
 * first. A step that lies behind one that is done is done too: whatever was not weighed was skipped.
 * @param day the plan of the day, if it stands already
 * @param again when what went back of a batch is likely to be tender, epoch ms
 * @param now epoch ms: what was to be done at the pot before it is no longer told, here as in the day
 * @param open the task of the card that is open: a fork that has answered stays until somebody goes on
 */
export function benchCards(
  { meal, batches, entries }: Pick<Input, 'meal' | 'batches' | 'entries'>,
  day: Pick<DayPlan, 'lines'> | undefined,
  open?: string,
  again: ReadonlyMap<string, number> = new Map(),
  now = -Infinity,
): readonly BenchCard[] {
  const standing = standingEntries(entries).filter(({ value }) => value !== null);
  const ordered = meal.batches.flatMap((id) => batches.filter((batch) => batch.id === id));
  const cards = ordered.flatMap((batch) => cardsOf(batch, standing, day, open, again.get(batch.id), now));
  const done = cards.filter((card) => card.done).sort((a, b) => (a.at ?? 0) - (b.at ?? 0));
  const due = cards.filter((card) => !card.done);
  // Within a pot the order is the cook's; between pots the clock's.
  return [...done, ...merged(due)];
}

/** Pots side by side, each in its own order: the one whose next is due first goes first. */
function merged(cards: readonly BenchCard[]): readonly BenchCard[] {
  const queues = [...new Set(cards.map(({ batch }) => batch))].map((id) =>
    cards.filter(({ batch }) => batch === id),
  );
  const out: BenchCard[] = [];
  while (queues.some((queue) => queue.length > 0)) {
    const dueAt = (queue: readonly BenchCard[]) => (queue.length === 0 ? Infinity : (queue[0]?.at ?? NEVER));
    const next = queues.reduce((best, queue) => (dueAt(queue) < dueAt(best) ? queue : best));
    const card = next.shift();
    if (card) out.push(card);
  }
  return out;
}
/** What the plan says nothing of comes last; epoch ms. */
const NEVER = Number.MAX_SAFE_INTEGER;

function cardsOf(
  batch: Batch,
  standing: readonly Entry[],
  day: Pick<DayPlan, 'lines'> | undefined,
  open: string | undefined,
  againAt: number | undefined,
  now: number,
): readonly BenchCard[] {
  const mine = standing.filter((entry) => entry.batch === batch.id);
  const lines = day?.lines.filter((line) => line.batch === batch.id) ?? [];
  const steps = shownOf(batch);
  const base = { batch: batch.id, pot: batch.name } as const;
  const tickedAt = (task: string) =>
    mine.find(({ measures }) => measures.what === 'done' && measures.task === task)?.at;
  const weighedAtOf = (flow: Weighable | undefined) =>
    mine.find(
      ({ measures }) =>
        (measures.what === 'sum' || measures.what === 'flow') && flow !== undefined && measures.flow === flow,
    )?.at;
  const doneAt = steps.map(
    (step) => tickedAt(stepTask(batch.id, step, steps)) ?? weighedAtOf(weighedAt(step.what)),
  );
  const furthest = doneAt.findLastIndex((at) => at !== undefined);
  const lookTask = `${taskId({ kind: 'pot', batch: batch.id })}|look`;
  const look = furthest < 0 ? lines.find(({ does }) => does.what === 'look') : undefined;
  const looks = look !== undefined || open === lookTask;
  // What is done to the pot on its way stands among its looks, as the day has it.
  const atPot = (furthest < 0 ? lines.filter((line) => isAtPot(line) && line.to > now) : []).map(
    (line): BenchCard => ({
      ...base,
      task: pieceDone(line.key),
      what: 'at the pot',
      does: line.does,
      step: undefined,
      flow: undefined,
      at: line.from,
      done: false,
    }),
  );
  let before: number | undefined;
  const all: BenchCard[] = [
    ...atPot.filter(({ at = NEVER }) => at < (look?.from ?? -Infinity)),
    ...(looks
      ? [
          {
            ...base,
            task: lookTask,
            what: 'look',
            step: undefined,
            flow: undefined,
            at: look?.from,
            done: false,
          } as const,
        ]
      : []),
    ...atPot.filter(({ at = NEVER }) => at >= (look?.from ?? -Infinity)),
    ...steps.flatMap((step, i): BenchCard[] => {
      const { what } = step;
      const line = lines.find(({ does }) => stepAt(what, does));
      const done = i <= furthest;
      const at = done ? (doneAt[i] ?? nextOf(doneAt, i)) : (line?.from ?? before);
      const task = stepTask(batch.id, step, steps);
      const card = { ...base, task, what, step, flow: weighedAt(what), at, done };
      if (what !== 'skim' || step.way !== 'chill') {
        before = at;
        return [card];
      }
      // Chilled overnight it is two things to do, a night apart: it comes back where it was.
      const cold = `${task}|chill`;
      const put = tickedAt(cold);
      const chills = lines.find(({ does }) => does.what === 'chills');
      const begins = chills?.from ?? before;
      before = at;
      const chill: BenchCard = {
        ...base,
        task: cold,
        what: 'chill',
        step,
        flow: undefined,
        at: put ?? begins,
        done: done || put !== undefined,
      };
      return [chill, { ...card, at: done ? at : (line?.from ?? chills?.to ?? at) }];
    }),
  ];
  const pulledAt = weighedAtOf('again');
  if (againAt === undefined && pulledAt === undefined) return all;
  const again: BenchCard = {
    ...base,
    task: `${taskId({ kind: 'pull', batch: batch.id })}|again`,
    what: 'again',
    step: undefined,
    flow: 'again',
    at: pulledAt ?? againAt,
    done: pulledAt !== undefined,
  };
  const place = all.findIndex(({ done, at = NEVER }) => !done && at > (again.at ?? NEVER));
  return place < 0 ? [...all, again] : [...all.slice(0, place), again, ...all.slice(place)];
}

const nextOf = (moments: readonly (number | undefined)[], from: number) =>
  moments.slice(from).find((at) => at !== undefined);

/** The shred is weighed when nothing more is picked from it: what is picked comes first at the scale. */
function shownOf(batch: Batch): readonly AfterStep[] {
  const steps = batch.after;
  const pull = steps.findIndex(({ what }) => what === 'pull');
  const pick = steps.findIndex(({ what }) => what === 'pick');
  const [pulled, picked] = [steps[pull], steps[pick]];
  if (!pulled || !picked || pick !== pull + 1) return steps;
  return [...steps.slice(0, pull), picked, pulled, ...steps.slice(pick + 1)];
}

/**
 * What one bone of a lot weighs as it comes out, g: its bone by the pieces that were counted.
 * @returns undefined where nobody has counted them
 */
export function boneEachG(
  { thing, count }: ComesOut,
  lots: readonly Pick<LotReckoning, 'lot' | 'boneOutG'>[],
): number | undefined {
  const lot = lots.find((one) => one.lot === thing);
  return lot && count ? lot.boneOutG / count : undefined;
}
