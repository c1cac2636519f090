import type { Both, EventFigures } from '@/core/event/index.ts';
import { ribbonPath } from '../figures/strands/ribbon.ts';

/* Where the strands of an event lie: pots side by side, days running down, all at one scale. */

export const WIDTH = 960;
const LEFT = 96;
const RIGHT = 24;
const TOP = 56;
/** Two rows of a sitting's table, and the room above the next. */
const ROW = 13;
const APART = 84;
/** A night is drawn so much shorter than its hours. */
const NIGHT = 0.12;
/** px for an hour that somebody works. */
const HOUR = 11;
const HOUR_MS = 3_600_000;

export interface PotTimes {
  readonly from: number;
  readonly to: number;
}

export interface Piece {
  readonly key: string;
  readonly pot: string;
  readonly path: string;
  readonly material: 'meat' | 'broth';
  readonly weighed: boolean;
  /** Of many it has no edge: they would be all edge. */
  readonly isThin: boolean;
}

export interface Slot {
  readonly key: string;
  readonly x: number;
  readonly y: number;
  readonly w: number;
  readonly h: number;
  readonly what: 'meat' | 'broth' | 'missing';
}

export interface Table {
  readonly id: string;
  readonly x: number;
  readonly y: number;
  readonly slots: readonly Slot[];
}

export interface Column {
  readonly id: string;
  readonly x: number;
  readonly y: number;
  /** Where its stub of what nobody takes ends. */
  readonly over: { readonly x: number; readonly y: number } | undefined;
}

export interface EventLayout {
  readonly height: number;
  readonly columns: readonly Column[];
  readonly tables: readonly Table[];
  readonly pieces: readonly Piece[];
  /** Midnights, and a moment's place. */
  readonly yOf: (at: number) => number;
}

/** Time runs down: an hour in which somebody works is drawn at its length, one of the night at an eighth of it. */
function clockDown(first: number, hourOf: (at: number) => number): (at: number) => number {
  const known = new Map<number, number>([[0, 0]]);
  let done = 0;
  const lengthOf = (slot: number) => {
    const hour = hourOf(first + slot * HOUR_MS);
    return hour >= 6 && hour < 23 ? HOUR : HOUR * NIGHT;
  };
  return (at) => {
    const hours = Math.min(24 * 30, Math.max(0, (at - first) / HOUR_MS));
    const whole = Math.floor(hours);
    while (done < whole) {
      known.set(done + 1, (known.get(done) ?? 0) + lengthOf(done));
      done += 1;
    }
    return TOP + (known.get(whole) ?? 0) + (hours - whole) * lengthOf(whole);
  };
}

/**
 * @param times when each pot is cooked by the plan, epoch ms
 * @param hourOf the hour of the day at a moment, by the wall clock
 */
export function layoutOf(
  { pots, sittings, gives }: EventFigures,
  times: ReadonlyMap<string, PotTimes>,
  hourOf: (at: number) => number,
): EventLayout {
  const width = WIDTH - LEFT - RIGHT;
  const column = width / Math.max(1, pots.length);
  const widest = Math.max(1, ...pots.map(({ rawG, has }) => Math.max(rawG, has.g) + has.ml));
  const longest = Math.max(1, ...sittings.map(({ wants }) => Math.max(wants.g, wants.ml)));
  const scale = Math.min((column * 0.72) / widest, (width * 0.8) / longest);
  const first = Math.min(...[...times.values()].map(({ from }) => from));
  const yOf = clockDown(first, hourOf);
  const tableYs: number[] = [];
  const spans = pots.map((pot, i) => {
    const time = times.get(pot.id);
    const y0 = time ? yOf(time.from) : TOP;
    const y1 = Math.max(y0 + 44, time ? yOf(time.to) : TOP);
    const raw = Math.max(pot.rawG, pot.has.g) * scale;
    const liquid = pot.has.ml * scale;
    const left = LEFT + (i + 0.5) * column - (raw + liquid) / 2;
    return { pot, y0, y1, raw, left, liquidLeft: left + raw + 4 };
  });
  const pieces: Piece[] = [];
  const nextOf = new Map<string, { g: number; ml: number }>();
  for (const { pot, y0, y1, raw, left, liquidLeft } of spans) {
    const shred = pot.has.g * scale;
    const inset = (raw - shred) / 2;
    pieces.push(
      ...pieceOf(pot.id, 'shred', 'meat', pot.weighed.g, [
        { x: left, y: y0, w: raw },
        { x: left + inset, y: y1, w: shred },
      ]),
      ...pieceOf(pot.id, 'broth', 'broth', pot.weighed.ml, [
        { x: liquidLeft, y: y0, w: pot.has.ml * scale },
        { x: liquidLeft, y: y1, w: pot.has.ml * scale },
      ]),
    );
    nextOf.set(pot.id, { g: left + inset, ml: liquidLeft });
  }
  const tables = sittings.map((sitting): Table => {
    const before = tableYs.at(-1) ?? -Infinity;
    const feeding = gives.filter((one) => one.sitting === sitting.id);
    const under = Math.max(
      TOP + 70,
      ...spans.filter(({ pot }) => feeding.some((one) => one.pot === pot.id)).map(({ y1 }) => y1 + 52),
    );
    const y = Math.max(before + APART, under, sitting.at === undefined ? 0 : yOf(sitting.at));
    tableYs.push(y);
    const long = Math.max(sitting.wants.g, sitting.wants.ml) * scale;
    const total = feeding.reduce((sum, { g, ml }) => sum + g + ml, 0);
    const middle =
      total > 0
        ? feeding.reduce((sum, one) => sum + (one.g + one.ml) * (middleOf(spans, one.pot) ?? 0), 0) / total
        : LEFT + width / 2;
    const x = Math.min(WIDTH - RIGHT - long, Math.max(LEFT, middle - long / 2));
    const slots: Slot[] = [];
    const row = (part: keyof Both, material: 'meat' | 'broth', top: number) => {
      let at = x;
      for (const one of feeding) {
        const w = one[part] * scale;
        const from = nextOf.get(one.pot);
        const span = spans.find(({ pot }) => pot.id === one.pot);
        if (!from || !span || w <= 0) continue;
        slots.push({ key: `${sitting.id} ${one.pot} ${part}`, x: at, y: top, w, h: ROW, what: material });
        pieces.push(
          ...pieceOf(
            one.pot,
            `${sitting.id} ${part}`,
            material,
            span.pot.weighed[part],
            [
              { x: from[part], y: span.y1, w },
              { x: at, y: top, w },
            ],
            pots.length > EDGED,
          ),
        );
        from[part] += w;
        at += w;
      }
      const lack = sitting.lacks[part] * scale;
      if (lack > 0)
        slots.push({
          key: `${sitting.id} missing ${part}`,
          x: at,
          y: top,
          w: Math.max(6, lack),
          h: ROW,
          what: 'missing',
        });
    };
    row('g', 'meat', y);
    row('ml', 'broth', y + ROW + 3);
    return { id: sitting.id, x, y, slots };
  });
  const columns = spans.map(({ pot, y0, y1, left }): Column => {
    const next = nextOf.get(pot.id) ?? { g: left, ml: left };
    const stubs = (['g', 'ml'] as const).map((part) => ({ x: next[part], w: pot.over[part] * scale, part }));
    for (const { x, w, part } of stubs)
      pieces.push(
        ...pieceOf(pot.id, `over ${part}`, part === 'g' ? 'meat' : 'broth', pot.weighed[part], [
          { x, y: y1, w },
          { x, y: y1 + 26, w },
        ]),
      );
    const shown = stubs.filter(({ w }) => w > 1);
    const [stub] = shown;
    return {
      id: pot.id,
      x: left,
      y: y0,
      over: stub && { x: stub.x, y: y1 + 40 },
    };
  });
  const lowest = Math.max(TOP + 120, ...tableYs, ...columns.map(({ over }) => over?.y ?? 0));
  return { height: lowest + 2 * ROW + 40, columns, tables, pieces, yOf };
}

const middleOf = (
  spans: readonly { readonly pot: { readonly id: string }; readonly left: number; readonly raw: number }[],
  id: string,
): number | undefined => {
  const span = spans.find(({ pot }) => pot.id === id);
  return span && span.left + span.raw / 2;
};

/** Thinner than this nothing is drawn, px. */
const HAIR = 0.4;
/** What more pots than these give has no edges. */
const EDGED = 8;

const pieceOf = (
  pot: string,
  key: string,
  material: 'meat' | 'broth',
  weighed: boolean,
  knots: readonly { readonly x: number; readonly y: number; readonly w: number }[],
  isThin = false,
): Piece[] =>
  knots.some(({ w }) => w > HAIR)
    ? [{ key: `${pot} ${key}`, pot, material, weighed, path: ribbonPath(knots), isThin }]
    : [];
