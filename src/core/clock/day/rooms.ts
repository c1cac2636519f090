import type { DayFacts } from './facts.ts';
import type { Need, Task } from './task.ts';

/** The tasks with every need met by something that is there; what is not is said, and taken to be there once. */
export function fitted(
  tasks: readonly Task[],
  { rooms }: Pick<DayFacts, 'rooms'>,
): {
  tasks: readonly Task[];
  rooms: readonly { name: string; amount: number }[];
  missing: readonly string[];
} {
  const there = new Map(rooms.map(({ name, amount }) => [name, amount]));
  const missing = new Set<string>();
  const fit = (need: Need): Need => {
    // A task of one's own takes any oven.
    const asked = need.anyOf.flatMap((name) =>
      name === 'oven' ? [...there.keys()].filter((one) => one.startsWith('oven ')) : [name],
    );
    const anyOf = asked.filter((name) => (there.get(name) ?? 0) >= need.amount);
    if (anyOf.length > 0) return { ...need, anyOf };
    const widest = asked.toSorted((a, b) => (there.get(b) ?? 0) - (there.get(a) ?? 0))[0];
    const amount = widest === undefined ? 0 : (there.get(widest) ?? 0);
    if (widest !== undefined && amount > 0) {
      missing.add(
        widest.startsWith('oven ')
          ? `${need.amount} cm of pots do not stand side by side in an oven of ${amount} cm: take another vessel, or put one in the other oven.`
          : `${need.amount} × ${bare(widest)} wanted at once, and the kitchen has ${amount}.`,
      );
      return { ...need, anyOf: [widest], amount };
    }
    const name = widest ?? need.anyOf[0] ?? 'oven 1';
    missing.add(`There is no ${bare(name)} in the kitchen; the plan takes it that you get one.`);
    there.set(name, need.amount);
    return { ...need, anyOf: [name] };
  };
  const done = tasks.map((task) => ({ ...task, needs: task.needs.map(fit) }));
  return {
    tasks: done,
    rooms: [...there].map(([name, amount]) => ({ name, amount })),
    missing: [...missing],
  };
}

/** "oven 2" is an oven, "vessel pot-28" a vessel. */
export const bare = (name: string): string => /^(oven|vessel) /.exec(name)?.[1] ?? name;
