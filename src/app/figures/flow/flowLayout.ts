import type { StrandBar } from '@/core/log/index.ts';
import { bisect } from '@/core/quantity/index.ts';
import { ribbonPath } from '../strands/ribbon.ts';

/** Where a part comes in or goes out: as wide as it came, beside it as wide as was foretold. */
export interface FlowEnd {
  readonly bar: StrandBar;
  readonly x: number;
  readonly w: number;
  readonly plannedW: number;
  /** Of its whole ribbon. */
  readonly path: string;
}

/** Heights of the drawing, px: the board, the ends of the meat, what is poured, the liquid's bar, its ends. */
interface FlowRows {
  readonly board: number;
  readonly boardHigh: number;
  readonly meat: number;
  readonly endHigh: number;
  readonly pour: number;
  readonly liquid: number;
  readonly liquidHigh: number;
  readonly rest: number;
}

/** A batch as it flowed: the meat's parts, of which juice and fat fall into the liquid, and the liquid's. */
export interface FlowLayout {
  readonly rows: FlowRows;
  readonly board: { readonly x: number; readonly w: number };
  readonly liquid: { readonly x: number; readonly w: number } | undefined;
  readonly meat: readonly FlowEnd[];
  readonly carried: readonly FlowEnd[];
  readonly poured: readonly FlowEnd[];
  readonly rest: readonly FlowEnd[];
  readonly height: number;
}

const high = { board: 8, boardHigh: 14, meat: 92, endHigh: 44, liquidHigh: 10 } as const;
/** Beside the meat's ends where there is room; on a narrow page under them. */
const beside: FlowRows = { ...high, pour: 130, liquid: 214, rest: 266 };
const below: FlowRows = { ...high, pour: 252, liquid: 330, rest: 382 };
const NARROW = 520;
/** A part's name and figures under its end, px. */
const WORDS = 54;
/** Of a part that is thin: room for its name and figure; and between two. */
const roomy = { slot: 76, gap: 12 };
const tight = { slot: 64, gap: 8 };

const carries: ReadonlySet<string> = new Set(['juice', 'fat']);
const comesIn: ReadonlySet<string> = new Set(['pour', 'items']);
/** From left to right, so that no two cross. */
const outOrder = ['liquid', 'strained', 'skim', 'alcohol', 'steam'];

interface Bars {
  readonly meat: readonly StrandBar[];
  readonly liquid: readonly StrandBar[];
}

/** Lays a batch's strands out to one scale in so many pixels. */
export function layFlow(bars: Bars, width: number): FlowLayout {
  const isNarrow = width < NARROW;
  const rows = isNarrow ? below : beside;
  const room = isNarrow ? tight : roomy;
  const parts = sorted(bars);
  const { ends, carried, poured, rest } = parts;
  const scale = fitting(width, parts, room, isNarrow);
  const wide = (some: readonly StrandBar[]) => some.reduce((sum, { nowG }) => sum + nowG * scale, 0);
  const before = (some: readonly StrandBar[], bar: StrandBar) => wide(some.slice(0, some.indexOf(bar)));
  const slots = (some: readonly StrandBar[]) =>
    some.reduce((sum, { nowG, plannedG }) => sum + slotOf(Math.max(nowG, plannedG) * scale, room), 0);
  const at = (bar: StrandBar, x: number, knots: readonly (readonly [y: number, x: number])[]): FlowEnd => {
    const w = bar.nowG * scale;
    return {
      bar,
      x,
      w,
      plannedW: bar.plannedG * scale,
      path: ribbonPath(knots.map(([y, left]) => ({ y, x: left, w }))),
    };
  };
  const dropX = 1 + slots(ends);
  const into = [...carried, ...poured];
  const liquidX = isNarrow
    ? Math.max(1, Math.min(dropX, width - wide(carried) - room.gap - slots(poured)))
    : dropX;
  const boardX = Math.max(1, (dropX + wide(carried) - wide(bars.meat)) / 2);
  const under = rows.board + rows.boardHigh;
  const onBoard = (bar: StrandBar) => boardX + before([...ends, ...carried], bar);
  const endOf = (some: readonly StrandBar[], from: number) => (bar: StrandBar) =>
    from + slots(some.slice(0, some.indexOf(bar)));
  const [meatAt, pourAt, restAt] = [
    endOf(ends, 1),
    endOf(poured, liquidX + wide(carried) + room.gap),
    endOf(rest, Math.max(1, width - slots(rest) + room.gap - 1)),
  ];
  return {
    rows,
    board: { x: boardX, w: wide(bars.meat) },
    liquid: into.length > 0 ? { x: liquidX, w: Math.max(wide(into), wide(rest)) } : undefined,
    meat: ends.map((bar) => {
      const x = meatAt(bar);
      return at(bar, x, [
        [under, onBoard(bar)],
        [rows.meat, x],
        [rows.meat + rows.endHigh, x],
      ]);
    }),
    carried: carried.map((bar) => {
      const [fall, x] = [dropX + before(into, bar), liquidX + before(into, bar)];
      return at(bar, fall, [
        [under, onBoard(bar)],
        [rows.meat, fall],
        [rows.meat + rows.endHigh + (isNarrow ? WORDS : 0), fall],
        [rows.liquid, x],
      ]);
    }),
    poured: poured.map((bar) => {
      const x = pourAt(bar);
      return at(bar, x, [
        [rows.pour, x],
        [rows.pour + rows.endHigh, x],
        [rows.liquid, liquidX + before(into, bar)],
      ]);
    }),
    rest: rest.map((bar) => {
      const x = restAt(bar);
      return at(bar, x, [
        [rows.liquid + rows.liquidHigh, liquidX + before(rest, bar)],
        [rows.rest, x],
        [rows.rest + rows.endHigh, x],
      ]);
    }),
    height: (into.length + rest.length > 0 ? rows.rest : rows.meat) + rows.endHigh + WORDS,
  };
}

interface Parts {
  /** Where the meat ends; what of it falls into the liquid; what else comes into that, and what goes out of it. */
  readonly ends: readonly StrandBar[];
  readonly carried: readonly StrandBar[];
  readonly poured: readonly StrandBar[];
  readonly rest: readonly StrandBar[];
}

const sorted = ({ meat, liquid }: Bars): Parts => ({
  ends: meat.filter(({ part }) => !carries.has(part)),
  carried: meat.filter(({ part }) => carries.has(part)),
  poured: liquid.filter(({ part }) => comesIn.has(part)),
  rest: liquid
    .filter(({ part }) => !comesIn.has(part))
    .sort((a, b) => outOrder.indexOf(a.part) - outOrder.indexOf(b.part)),
});

const slotOf = (px: number, { slot, gap }: typeof roomy): number => Math.max(slot, px) + gap;

/** The largest scale, px/g, at which each row has its room. */
function fitting(
  width: number,
  { ends, carried, poured, rest }: Parts,
  room: typeof roomy,
  isNarrow: boolean,
): number {
  const sum = (some: readonly StrandBar[], of: (grams: number) => number) =>
    some.reduce((all, { nowG, plannedG }) => all + of(Math.max(nowG, plannedG)), 0);
  const needed = (scale: number) => {
    const slots = (some: readonly StrandBar[]) => sum(some, (g) => slotOf(g * scale, room));
    const falls = sum(carried, (g) => g * scale) + room.gap;
    return isNarrow
      ? Math.max(slots(ends) + falls, falls + slots(poured), slots(rest))
      : Math.max(slots(ends) + falls + slots(poured), slots(rest));
  };
  return bisect((scale) => needed(scale) <= width, 0, width, width / 2 ** 40)[0];
}
