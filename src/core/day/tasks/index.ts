import type { DayBatch, DayFacts } from '../facts.ts';
import { batchTaskKinds, taskId, type BatchTaskKind, type Task } from '../task.ts';
import { chill } from './chill.ts';
import { blend, blister, chop, soak, toast } from './board.ts';
import { cool } from './cool.ts';
import { boilMarinade, brine, marinate } from './cure.ts';
import type { Milestones } from '../milestones.ts';
import type { BatchTask } from './draft.ts';
import { inOwnOrder } from './order.ts';
import { beforeThePot, ownTask } from './own.ts';
import { servingTasks } from './serving.ts';
import { isHandwork, paced, paceGroup } from './pace.ts';
import { pot } from './pot.ts';
import { pull } from './pull.ts';
import { purée } from './puree.ts';
import { reduce } from './reduce.ts';
import { sear } from './sear.ts';
import { settle } from './settle.ts';
import { skim } from './skim.ts';
import { smoke } from './smoke.ts';
import { stand } from './stand.ts';
import { strain } from './strain.ts';
import { together } from './together.ts';
import { trim } from './trim.ts';

/** Every step of a batch: a new one is a file, a kind and a row here. */
const tasks: { readonly [K in BatchTaskKind]: BatchTask } = {
  trim,
  brine,
  marinate,
  'boil marinade': boilMarinade,
  stand,
  toast,
  soak,
  blend,
  blister,
  chop,
  smoke,
  sear,
  pot,
  cool,
  pull,
  purée,
  strain,
  settle,
  chill,
  skim,
  reduce,
  together,
};

/** The steps of a batch that are over: ticked, or left behind by how far it has come. */
export const overOf = (
  milestones: Milestones,
  ticked: (kind: BatchTaskKind) => boolean,
): ReadonlySet<BatchTaskKind> =>
  new Set(batchTaskKinds.filter((kind) => ticked(kind) || tasks[kind].over(milestones)));

/** Every task that is not over, with the minutes and the start that somebody has written for it. */
export function tasksOf(facts: DayFacts): readonly Task[] {
  const { batches, own, minutes, paces, pins, over } = facts;
  const first = beforeThePot(own);
  const ofBatches = batches.map((batch) => ({
    batch,
    tasks: inOwnOrder(batch, batchTasks(batch, facts.hands, first)),
  }));
  const all = [
    ...ofBatches.flatMap(({ tasks: its }) => its),
    ...own.map(ownTask),
    ...servingTasks(
      facts,
      ofBatches.flatMap(({ tasks: its }) => readyWith(its, over)),
    ),
  ].filter(({ id }) => !over.has(id));
  return all.map((task) => {
    const typed = minutes[task.id];
    const sized =
      typed !== undefined && task.parts.length === 1
        ? resized(task, typed)
        : // What the cook has written of a task of their own stands.
          isHandwork(task) && task.ref.kind !== 'own'
          ? paced(task, paces[paceGroup(task.ref, own)] ?? paces[''] ?? 1)
          : task;
    return pinned(sized, pins);
  });
}

/** With what a batch is ready to be served: all of it that nothing else of it waits for, the dip and the stretched filling too. */
function readyWith(its: readonly Task[], over: ReadonlySet<string>): readonly string[] {
  const left = its.filter(({ id }) => !over.has(id));
  const waitedFor = new Set(left.flatMap(({ after, follows }) => [...after, follows ?? []].flat()));
  return left.flatMap(({ id }) => (waitedFor.has(id) ? [] : [id]));
}

function batchTasks(batch: DayBatch, hands: number, beforePot: readonly string[]): readonly Task[] {
  const idOf = (kind: BatchTaskKind) => taskId({ kind, batch: batch.id });
  const drafts = batchTaskKinds.flatMap((kind) => {
    const draft = tasks[kind].draft(batch, idOf(kind), hands);
    return draft ? [{ kind, draft }] : [];
  });
  const has = new Set(drafts.map(({ kind }) => kind));
  return drafts
    .filter(({ kind }) => !batch.over.has(kind))
    .map(({ kind, draft }): Task => {
      const { after, follows, needs = [], ...rest } = draft;
      const goesOn = follows !== undefined && has.has(follows) && !batch.over.has(follows);
      const before = after.flatMap((one) => [one].flat().find((other) => has.has(other)) ?? []);
      return {
        ...rest,
        needs,
        ref: { kind, batch: batch.id },
        id: idOf(kind),
        after: [...before.map(idOf), ...(kind === 'pot' ? beforePot : [])],
        ...(goesOn && { follows: idOf(follows) }),
      };
    });
}

/**
 * A task at the start that the cook has written for it. What goes on where another ends has none of its own; but a pot may
 * be put apart from its searing, which stands, and is said.
 */
function pinned(task: Task, pins: DayFacts['pins']): Task {
  const { follows, ...apart } = task;
  const pin = pins[task.id];
  if (follows !== undefined) {
    const isInsisted = task.ref.kind === 'pot' && (pin !== undefined || pins[follows] !== undefined);
    if (!isInsisted) return task;
  }
  const alone = follows === undefined ? task : { ...apart, after: [...task.after, follows] };
  return pin === undefined || task.begun !== undefined ? alone : { ...alone, begun: pin };
}

function resized(task: Task, minutes: number): Task {
  return {
    ...task,
    minutes: Math.max(minutes, task.minutes - (task.parts[0]?.minutes ?? 0)),
    parts: task.parts.map((part) => ({ ...part, minutes })),
    needs: task.needs.map((need) => ({ ...need, to: minutes })),
  };
}
