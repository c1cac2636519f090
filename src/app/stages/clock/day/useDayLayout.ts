import type { DayPlan } from '@/core/answers/index.ts';
import { isRest, stillToDo } from '@/core/day/index.ts';
import type { Day } from '@/core/meal/index.ts';
import { useNarrow } from '../../../browser/useNarrow.ts';
import { useOpenMeal } from '../../../open/MealContext.ts';
import { useCooks } from '../useCooks.ts';
import { placesOf } from './places.ts';
import { lanesOf, rowsOf } from './rows.ts';
import { dayScale } from './scale.ts';

/** Above the day stand the names, px; the first line is centred on its moment, and stands below them. */
const HEAD = 42;
/** px that an opened task takes. */
const PANEL = 150;
/** More people than these are told by their names alone; lanes without names go on to more. */
const [NAMED_MOST, LANES] = [4, 5] as const;

type Line = DayPlan['lines'][number];

/** What of the day is asked to be seen. */
export interface DayView {
  readonly now: number;
  /** It is the day before what was changed last. */
  readonly isOld: boolean;
  /** The line that is open. */
  readonly open: string | undefined;
  /** With what rests by itself; on a phone with the other pots. */
  readonly rested: boolean;
  readonly everyPot: boolean;
}

/** Where everything of a day stands in its picture, and what of it is shown. */
export function useDayLayout(day: DayPlan, { now, isOld, open, rested, everyPot }: DayView) {
  const { loaded, batch } = useOpenMeal();
  const cooks = useCooks();
  const { serving } = day;
  // What was moved stands where it was put at once; the rest follows when it is worked out.
  const all = isOld ? movedTo(day.lines, loaded.meal.day?.pins) : day.lines;
  // What is over is told by the bands and the forks in them; what somebody began is over once they say so.
  const todo = stillToDo(all, now, loaded.meal.day?.begun);
  const hands = handsOf(todo, cooks);
  const narrow = useNarrow();
  const mineAlone = narrow && !everyPot;
  const pots = mineAlone ? day.pots.filter((pot) => pot.batch === batch.id) : day.pots;
  const isMine = ({ batch: of }: Line) => of === undefined || of === batch.id;
  const shown = todo.filter((line) => (rested || !isRest(line)) && (!mineAlone || isMine(line)));
  const places = placesOf({
    pots: pots.length,
    lots: lotsApart(pots[0]).length,
    lanes: hands.count,
    named: hands.named,
    lines: shown.length,
    narrow,
  });
  const inside = pots.flatMap(({ from, hot, to, readyBy }) => [from, hot, to, readyBy]);
  const marks = [
    ...inside.filter((at) => at < serving),
    serving,
    ...(now > day.begins && now < serving ? [now] : []),
  ];
  const scale = dayScale([...shown.map(({ from }) => from), serving], marks, now, places.line);
  const top = HEAD + places.line / 2;
  const y = (moment: number) => top + scale.y(moment);
  const rows = rowsOf(shown, y, places.line, { key: open, takes: PANEL }, batch.id);
  return {
    todo,
    rests: todo.filter(isRest),
    hands,
    mineAlone,
    pots,
    places,
    rows,
    y,
    at: (px: number) => scale.at(px - top),
    // The words may run on below the serving: it stands under the last of them.
    foot: Math.max(y(serving), (rows.at(-1)?.label ?? 0) + places.line),
    // Of pots that are left out nothing lies before it.
    first: Math.min(serving, ...shown.map(({ from }) => from), ...pots.map(({ from }) => from)),
  };
}

/** The lots of a pot that are told apart, where there are a few: its curves after the one of the whole. */
export function lotsApart(pot: DayPlan['pots'][number] | undefined) {
  const lots = pot?.curves.slice(1) ?? [];
  return lots.length > 1 && lots.length <= LOTS_MOST ? lots : [];
}
const LOTS_MOST = 3;

/** Whose hands do what: in lanes with names, in lanes without, or of many by their names alone. */
function handsOf(todo: readonly Line[], cooks: readonly { readonly id: string }[]) {
  const named = cooks.length > 0 && todo.some(({ who }) => who !== undefined && who.length > 0);
  const lanes = named
    ? new Map(todo.map((line) => [line, cooks.findIndex(({ id }) => line.who?.includes(id))]))
    : lanesOf(todo);
  const most = Math.min(LANES, 1 + Math.max(0, ...lanes.values()));
  const count = !named ? most : cooks.length > NAMED_MOST ? 0 : cooks.length;
  /** The lane of a line; undefined where there are none. */
  const laneOf = (line: Line) => (count === 0 ? undefined : Math.min(count - 1, lanes.get(line) ?? 0));
  return { named, count, laneOf };
}

/** The lines of tasks whose start was written, at that start. */
const movedTo = (lines: DayPlan['lines'], pins: Day['pins'] = {}): DayPlan['lines'] =>
  lines.map((line) => {
    const by = (pins[line.task] ?? line.begins) - line.begins;
    return by === 0 ? line : { ...line, from: line.from + by, to: line.to + by, begins: line.begins + by };
  });
