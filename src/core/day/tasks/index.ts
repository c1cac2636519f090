import type { DayBatch, DayFacts } from '../facts.ts';
import type { Need } from '../resources.ts';
import { batchTaskKinds, taskId, type BatchTaskKind, type Material, type Task } from '../task.ts';
import { carry } from './carry.ts';
import { chill } from './chill.ts';
import { blend, blister, chop, chopMarinade, soak, toast } from './board.ts';
import { cool } from './cool.ts';
import { boilMarinade, brine, marinate } from './cure.ts';
import { inOrderOfMaterials, leftBy, materialOf, type Unordered } from '../materials.ts';
import type { Milestones } from '../milestones.ts';
import type { BatchTask } from './draft.ts';
import { keepOn } from './keepOn.ts';
import { inOwnOrder } from './order.ts';
import { beforeThePot, ownTask } from './own.ts';
import { servingTasks } from './serving.ts';
import { isSized } from '../sized.ts';
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
  toast,
  soak,
  blend,
  blister,
  'chop marinade': chopMarinade,
  brine,
  marinate,
  'boil marinade': boilMarinade,
  stand,
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
  const { batches, own, minutes, paces, pins, over: done } = facts;
  const beforePot = beforeThePot(own);
  const isLeft = ({ id }: Pick<Task, 'id'>) => !done.has(id);
  const ofBatches = batches.flatMap((batch) =>
    inOwnOrder(batch, batchTasks(batch, handsAt(facts, batch.at), beforePot)).filter(isLeft),
  );
  const ofOthers = own.map(ownTask).filter(isLeft);
  const kept = keepOn(facts, leftBy(ofBatches));
  const over = carry(facts, kept.leftAt);
  const serving = facts.sittings.flatMap((sitting) => servingTasks(facts, sitting, over.leftAt(sitting.id)));
  const all = [...ofOthers, ...ofBatches, ...[...kept.tasks, ...over.tasks, ...serving].filter(isLeft)];
  const places = new Map(facts.batches.map(({ id, at }) => [id, at]));
  return inOrderOfMaterials(all).map((ordered) => {
    const at = 'batch' in ordered.ref ? (places.get(ordered.ref.batch) ?? '') : '';
    const task = at === '' ? ordered : { ...ordered, at };
    const typed = minutes[task.id];
    const sized =
      typed !== undefined && task.parts.some((part) => isSized(task, part))
        ? resized(task, typed)
        : // What the cook has written of a task of their own stands.
          isHandwork(task) && task.ref.kind !== 'own'
          ? paced(task, paces[paceGroup(task.ref, own)] ?? paces[''] ?? 1)
          : task;
    return givenTo(pinned(sized, pins), facts);
  });
}

/** How many hands there are in a kitchen. */
const handsAt = ({ hands, kitchens }: DayFacts, at: string): number =>
  kitchens.find(({ id }) => id === at)?.hands ?? hands;

function batchTasks(batch: DayBatch, hands: number, beforePot: readonly string[]): readonly Unordered[] {
  const idOf = (kind: BatchTaskKind) => taskId({ kind, batch: batch.id });
  const drafts = batchTaskKinds.flatMap((kind) => {
    const draft = batch.over.has(kind) ? undefined : tasks[kind].draft(batch, idOf(kind), hands);
    return draft ? [{ kind, draft }] : [];
  });
  const has = new Set(drafts.map(({ kind }) => kind));
  const all = (materials: readonly Material[]) => materials.map((one) => materialOf(batch.id, one));
  return drafts.map(({ kind, draft }): Unordered => {
    const { takes, makes, follows, needs = [], ...rest } = draft;
    return {
      ...rest,
      needs,
      ref: { kind, batch: batch.id },
      id: idOf(kind),
      takes: [...all(takes), ...(kind === 'pot' ? beforePot : [])],
      makes: all(makes),
      ...(follows !== undefined && has.has(follows) && { follows: idOf(follows) }),
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

/** A task that is somebody's by the cook's word: what that pair of hands does is done one thing after the other. */
function givenTo(task: Task, { whose, cooks: here, kitchens }: DayFacts): Task {
  const cooks = [...here, ...kitchens.flatMap((one) => one.cooks)];
  const hand = whose[task.id];
  // Who does not cook this time has no task here.
  if (hand === undefined || !cooks.includes(hand)) return task;
  const held = task.parts.flatMap(({ hands, from, minutes, handsMin = minutes, slack = 0 }): Need[] =>
    hands > 0 && handsMin > 0
      ? [{ kind: 'hand', id: hand, amount: 1, from: Math.max(0, from - slack), to: from + handsMin + slack }]
      : [],
  );
  return { ...task, hand, needs: [...task.needs, ...held] };
}

/** The piece whose minutes may be written becomes as long; what comes after it moves with it. */
function resized(task: Task, minutes: number): Task {
  const piece = task.parts.find((part) => isSized(task, part));
  if (!piece) return task;
  const more = minutes - piece.minutes;
  const end = piece.from + piece.minutes;
  const moved = (at: number) => (at >= end - 1e-9 ? at + more : at);
  return {
    ...task,
    minutes: Math.max(minutes, task.minutes + more),
    parts: task.parts.map((part) => ({
      ...part,
      from: part === piece ? part.from : moved(part.from),
      minutes: part === piece ? minutes : part.minutes,
      ...(part.handsMin !== undefined && part.handsMin > 0 && { handsMin: part.handsMin + more }),
    })),
    needs: task.needs.map((need) => ({ ...need, to: moved(need.to) })),
  };
}
