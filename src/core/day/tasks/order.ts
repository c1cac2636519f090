import { type AfterWhat, traitsOf, type UsualTask } from '../../work/index.ts';
import type { DayBatch } from '../facts.ts';
import { taskId, type BatchTaskKind, type Task } from '../task.ts';

/** The usual task that a step of the cook's list is; undefined where it is a task of its own, or none. */
export function taskOfStep(what: AfterWhat): UsualTask | undefined {
  const { inDay } = traitsOf(what);
  return inDay && 'task' in inDay ? inDay.task : undefined;
}

/** Tasks of which a list that the cook has written has the say. */
const listed: readonly BatchTaskKind[] = ['cool', 'pull', 'strain', 'settle', 'skim', 'reduce', 'together'];

/**
 * The tasks after the pot in the order of the cook's own list: those it drops are gone, what it adds is there, and
 * each waits for the one before it of its strand. Meat that is pulled in its pot is in the liquid's way.
 */
export function inOwnOrder(batch: DayBatch, tasks: readonly Task[]): readonly Task[] {
  if (batch.after === undefined || batch.chilled) return tasks;
  const idOf = (kind: BatchTaskKind) => taskId({ kind, batch: batch.id });
  const kept = new Map(tasks.map((task) => [task.id, task]));
  const [start] = [idOf('pot')].filter((id) => kept.has(id));
  let meat = start;
  let liquid = start;
  const made: Task[] = [];
  for (const { id, what, minutes } of batch.after) {
    const kind = taskOfStep(what);
    const { works } = traitsOf(what);
    const own = kind && kept.get(idOf(kind));
    const task = own && !made.includes(own) ? own : extra(batch.id, id, what, minutes);
    if (!task || made.some((other) => other.id === task.id)) continue;
    const both = works === 'both' || (batch.staysInPot && works === 'meat');
    const before = both ? [meat, liquid] : works === 'meat' ? [meat] : [liquid];
    const settle = what === 'skim' ? kept.get(idOf('settle')) : undefined;
    if (settle) made.push({ ...settle, after: before.filter((one) => one !== undefined) });
    const after = settle ? [settle.id] : before;
    made.push({ ...task, after: [...new Set(after.filter((one) => one !== undefined))] });
    if (both || works === 'meat') meat = task.id;
    if (both || works === 'liquid') liquid = task.id;
  }
  const others = tasks.filter(({ ref }) => !listed.some((kind) => ref.kind === kind));
  return [...others, ...made];
}

function extra(batch: string, step: string, what: AfterWhat, written: number | undefined): Task | undefined {
  const { inDay } = traitsOf(what);
  if (!inDay || !('minutes' in inDay)) return undefined;
  const ref = { kind: 'after', batch, step } as const;
  const id = taskId(ref);
  const minutes = written ?? inDay.minutes;
  return {
    ref,
    id,
    minutes,
    needs: [],
    after: [],
    parts: [{ key: id, does: { what: 'after', step: what }, kind: 'broth', from: 0, minutes, hands: 1 }],
  };
}
