import type { Line } from './line.ts';
import type { Task } from './task.ts';

/** A pair of hands without a name, before its number; no id begins so. */
const NAMELESS = '\u0000';

/** What one pair of hands has to do, from and to. */
interface Busy {
  readonly from: number;
  readonly to: number;
  readonly task: string;
}

/**
 * Who does each line of the day: whose task it is by its own word; else who is free all through it, first whoever is at that task
 * already, then whoever has least to do. Nobody is in two places: what is done to one pot at one moment is one place. Where nobody
 * is free all through, a line wants more names than it has.
 * @param cooks ids, in the order of the kitchen; none: nobody has a name
 * @param hands how many cook, with those who have no name
 */
export function withNames(
  lines: readonly Line[],
  tasks: readonly Task[],
  cooks: readonly string[],
  hands: number,
): readonly Line[] {
  if (cooks.length === 0) return lines;
  const nameless = Array.from(
    { length: Math.max(0, hands - cooks.length) },
    (_, i) => `${NAMELESS}${String(i)}`,
  );
  const all = [...cooks, ...nameless];
  const whose = new Map(tasks.flatMap(({ id, hand }) => (hand === undefined ? [] : [[id, hand] as const])));
  const busy = new Map(all.map((id): [string, Busy[]] => [id, []]));
  const isFree = (id: string, { from, to, task }: Line) =>
    (busy.get(id) ?? []).every((one) => one.task === task || one.to <= from || one.from >= to);
  const minutes = new Map<string, number>();
  const at = new Map<string, readonly string[]>();
  const who = new Map<Line, readonly string[]>();
  const give = (line: Line, ids: readonly string[]) => {
    who.set(line, ids);
    at.set(line.task, ids);
    for (const id of ids) {
      busy.get(id)?.push({ from: line.from, to: line.to, task: line.task });
      minutes.set(id, (minutes.get(id) ?? 0) + line.minutes);
    }
  };
  const wanting = lines.filter(({ hands }) => hands > 0);
  // What somebody's own word gives them comes before all that anybody may do.
  for (const line of wanting) {
    const own = whose.get(line.task);
    if (own !== undefined && busy.has(own)) give(line, [own]);
  }
  for (const line of wanting) {
    if (who.has(line)) continue;
    const before = at.get(line.task) ?? [];
    const free = all
      .filter((id) => isFree(id, line))
      .toSorted(
        (a, b) =>
          Number(before.includes(b)) - Number(before.includes(a)) ||
          (minutes.get(a) ?? 0) - (minutes.get(b) ?? 0),
      );
    give(line, free.slice(0, line.hands));
  }
  return lines.map((line) => {
    const ids = who.get(line);
    return ids ? { ...line, who: ids.filter((id) => !id.startsWith(NAMELESS)) } : line;
  });
}
