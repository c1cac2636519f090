import { MINUTE_MS } from '../quantity/index.ts';
import type { DayBatch, DayFacts } from './facts.ts';
import type { Line } from './line.ts';
import { batchTaskKinds, type Doing, type TaskRef } from './task.ts';

/** Cooked food that waits longer than this is held hot, min (estimate). */
const HOLD = 20;
/** Raw meat that waits longer than this goes back into the cold, min (estimate). */
const COLD = 60;

type Where = Extract<Doing, { what: 'hold' }>['where'];

/**
 * The lines with what is held between them: raw meat that goes back into the cold before its pot, and all that is cooked
 * and waits, from the pot until it is served. Nothing cooked stands without a line that holds, cools or reheats it.
 * @param now epoch ms: what has come out of its pot waits from now on
 * @param servedAt epoch ms: filled plates wait until then
 */
export function withHolding(
  lines: readonly Line[],
  { batches, dishes }: Pick<DayFacts, 'batches' | 'dishes'>,
  now: number,
  servedAt: (ref: TaskRef) => number,
): readonly Line[] {
  const held = [
    ...lines.flatMap((line) => rawAfter(line, lines)),
    ...batches.flatMap((batch) => cookedOf(batch, lines, dishes, now)),
    ...filled(lines, servedAt),
  ];
  return [...lines, ...held].sort((a, b) => a.from - b.from || a.to - b.to);
}

function holding(line: Line, where: Where, from: number, to: number): Line {
  const { grams: _, ...rest } = line;
  return {
    ...rest,
    key: `${line.key} hold ${String(from)}`,
    does: { what: 'hold', where },
    kind: 'rest',
    hands: 0,
    single: false,
    ends: false,
    from,
    to,
    minutes: (to - from) / MINUTE_MS,
  };
}

/** Before these raw meat may lie for a while; browned meat only where the cook has put its pot apart from it. */
const intoHeat = new Set<TaskRef['kind']>(['brine', 'marinate', 'stand', 'smoke', 'sear', 'pot']);

function rawAfter(line: Line, lines: readonly Line[]): readonly Line[] {
  if (line.ref.kind !== 'trim' && line.ref.kind !== 'sear') return [];
  const next = lines.find(
    (other) => other.batch === line.batch && other.from >= line.to && intoHeat.has(other.ref.kind),
  );
  if (!next || next.from - line.to < COLD * MINUTE_MS) return [];
  return [holding(line, 'in the fridge', line.to, next.from)];
}

/** What is done with a batch once it is cooked: all that stands behind its pot in the order of the work. */
const cooked = new Set<TaskRef['kind']>([
  ...batchTaskKinds.slice(batchTaskKinds.indexOf('pot') + 1),
  'after',
  'keep on',
  'reheat',
]);

function cookedOf(
  { id, over }: DayBatch,
  lines: readonly Line[],
  dishes: DayFacts['dishes'],
  now: number,
): readonly Line[] {
  const own = lines.filter(({ batch, ref }) => batch === id && cooked.has(ref.kind));
  const out = lines.filter(({ batch, ref }) => batch === id && ref.kind === 'pot').at(-1);
  // What the last dish wants waits for it too; of several sittings, of those alone that draw on it.
  const isOther = (dish: string) => {
    const one = dishes.find((other) => other.id === dish);
    return one !== undefined && isOfAnotherSitting(one, id, dishes);
  };
  const isElsewhere = (ref: TaskRef) =>
    ref.kind === 'carry' && ref.batch !== id && ref.beside?.includes(id) !== true;
  const plates = lines.filter(
    ({ kind, ref }) => kind === 'plates' && !isElsewhere(ref) && !('dish' in ref && isOther(ref.dish)),
  );
  // Of what is over already nothing is known but that it is warm, and waits from now on.
  const first = out ?? (over.has('pot') ? own[0] : undefined);
  if (!first) return [];
  let last = first;
  let until = out ? out.to : Math.min(now, first.from);
  // Out of its pot and chilled already, it lies in the fridge.
  let isCold = over.has('chill');
  const held: Line[] = [];
  // Of a pot from which something is kept on, plates are filled between what is done with it.
  const all = own.some(({ ref }) => ref.kind === 'keep on')
    ? [...own, ...plates].sort((a, b) => a.from - b.from || a.to - b.to)
    : [...own, ...plates];
  for (const line of all) {
    if (line.from - until >= HOLD * MINUTE_MS) {
      const where: Where = isCold ? 'in the fridge' : last === out ? 'in its liquid' : 'hot';
      held.push(holding(last, where, until, line.from));
    }
    if (line.to < until) continue;
    until = line.to;
    if (line.kind === 'plates') continue;
    last = line;
    const { does } = line;
    if (does.what === 'chills' || does.what === 'cool fast') isCold = true;
    if (does.what === 'bring together') isCold = does.how === 'cold';
  }
  return held;
}

/** None of the dishes of its sitting is filled from that pot. */
const isOfAnotherSitting = (
  { sitting }: DayFacts['dishes'][number],
  batch: string,
  dishes: DayFacts['dishes'],
): boolean =>
  !dishes.some(
    (dish) => dish.sitting === sitting && (!dish.from || dish.from.length === 0 || dish.from.includes(batch)),
  );

/** Plates that are filled well before they are served are kept hot, or are filled later. */
function filled(lines: readonly Line[], servedAt: (ref: TaskRef) => number): readonly Line[] {
  return (
    lines
      .filter(({ ref, kind }) => ref.kind === 'plates' && kind === 'plates')
      // What is baked once it is filled waits from then on.
      .filter((line) => !lines.some((other) => other.task === line.task && other.to > line.to))
      .filter((line) => servedAt(line.ref) - line.to >= HOLD * MINUTE_MS)
      .map((line) => holding(line, 'hot', line.to, servedAt(line.ref)))
  );
}

/** The meat of a batch was browned and is kept before it goes on: the cook has put its pot apart from the searing. */
export const leftBrowned = (lines: readonly Line[]): readonly Line[] =>
  lines.filter(({ does, ref }) => does.what === 'hold' && ref.kind === 'sear');
