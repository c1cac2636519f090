import { type AfterWhat, traitsOf, type UsualTask } from '../../work/index.ts';
import type { DayBatch } from '../facts.ts';
import { materialOf, type Unordered } from '../materials.ts';
import { taskId, type BatchTaskKind, type Material } from '../task.ts';

/** The usual task that a step of the cook's list is; undefined where it is a task of its own, or none. */
export function taskOfStep(what: AfterWhat): UsualTask | undefined {
  const { inDay } = traitsOf(what);
  return inDay && 'task' in inDay ? inDay.task : undefined;
}

/** Tasks of which a list that the cook has written has the say. */
const listed: readonly BatchTaskKind[] = ['cool', 'pull', 'strain', 'settle', 'skim', 'reduce', 'together'];

/**
 * The tasks after the pot in the order of the cook's own list: those it drops are gone, what it adds is there, and each takes
 * and makes what its step does.
 */
export function inOwnOrder(batch: DayBatch, tasks: readonly Unordered[]): readonly Unordered[] {
  if (batch.after === undefined || batch.chilled) return tasks;
  const idOf = (kind: BatchTaskKind) => taskId({ kind, batch: batch.id });
  const usual = new Map(tasks.map((task) => [task.id, task]));
  const made: Unordered[] = [];
  for (const { id, what, minutes, takes, makes } of batch.after) {
    const kind = taskOfStep(what);
    const own = kind && usual.get(idOf(kind));
    const task = own && !made.some((other) => other.id === own.id) ? own : extra(batch.id, id, what, minutes);
    if (!task || made.some((other) => other.id === task.id)) continue;
    const all = (strands: readonly Material[]) => strands.map((one) => materialOf(batch.id, one));
    const strands = { takes: all(takes), makes: all(makes) };
    const settle = what === 'skim' ? usual.get(idOf('settle')) : undefined;
    // A jug that settles settles before its skimming, and once.
    if (settle && !made.some((other) => other.id === settle.id)) made.push({ ...settle, ...strands });
    made.push({ ...task, ...strands });
  }
  const others = tasks.filter(({ ref }) => !listed.some((kind) => ref.kind === kind));
  return [...others, ...made];
}

function extra(
  batch: string,
  step: string,
  what: AfterWhat,
  written: number | undefined,
): Omit<Unordered, 'takes' | 'makes'> | undefined {
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
    parts: [{ key: id, does: { what: 'after', step: what }, kind: 'broth', from: 0, minutes, hands: 1 }],
  };
}
