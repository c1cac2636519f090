import type { Material, Task } from './task.ts';

/** A material by its batch: what one pot gives another has one name in both. */
export const materialOf = (batch: string, material: Material): string => `${batch}|${material}`;

export const isOfBatch = (batch: string, material: string): boolean => material.startsWith(`${batch}|`);

/** A task that does not know yet what it waits for. */
export type Unordered = Omit<Task, 'after'>;

/**
 * What each task waits for, of tasks in the order in which things pass through hands: the last before it that made what it takes,
 * or that made before it what it makes.
 */
export function inOrderOfMaterials(tasks: readonly Unordered[]): readonly Task[] {
  const maker = new Map<string, string>();
  return tasks.map((task) => {
    const after = [...new Set([...task.takes, ...task.makes].flatMap((one) => maker.get(one) ?? []))];
    for (const one of task.makes) maker.set(one, task.id);
    return { ...task, after };
  });
}

/** What stands when all of these are done and is not used up by any of them: each with its last maker. */
export function leftBy(tasks: readonly Unordered[]): readonly string[] {
  const left = new Set<string>();
  for (const { takes, makes } of tasks) {
    for (const one of takes) left.delete(one);
    for (const one of makes) left.add(one);
  }
  return [...left];
}
