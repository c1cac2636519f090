import { entryAt } from '../../columns/index.ts';
import type { Vessel } from '../../meal/index.ts';
import { floorCm2 } from '../vessel/shape.ts';
import { discOf, floorOf, mostIn, type Footprint } from './lay.ts';
import type { Floor } from './packDiscs.ts';
import { piecesOf, type Piece, type ToSear } from './pieces.ts';

/** To take a panful out and heat the pan again, min (estimate). */
const BETWEEN = 2;
/** Frying fat, g for each cm² of pan: a tablespoon in a 28 cm pan (common practice, no source). */
const FAT = 0.021;

/** One piece on its way to the pan. */
export interface ToLay {
  readonly lot: string;
  readonly footprint: Footprint;
  readonly minutes: number;
}

/** So many equal pieces. */
export interface Group {
  readonly piece: ToLay;
  readonly n: number;
}

/** One panful before it is laid out: its pieces, largest first, and the room that each gets. */
export interface Turn {
  readonly groups: readonly Group[];
  readonly cell: Footprint;
}

/** As the cook does it: pieces in a pan at once, and minutes a side. */
export interface AsWritten {
  readonly pieces?: number | undefined;
  readonly minutes?: number | undefined;
}

export interface Panfuls {
  readonly turns: readonly Turn[];
  readonly minutes: number;
  /** Frying fat for all turns, g. */
  readonly fatG: number;
  /** Lots whose pieces do not fit into the pan at all. */
  readonly tooLarge: readonly string[];
}

const footprintOf = ({ cm, round }: Piece, times: number): Footprint => ({
  // To the millimetre, so that a gram more is not another packing.
  w: Math.round(cm[1] * times * 10) / 10,
  l: Math.round(cm[2] * times * 10) / 10,
  round,
});

/**
 * How a batch goes through a pan: which pieces in which turn. Lots brown at their own pace, so each
 * has turns of its own and its last small panful is evened out; mixed, the largest go first and each
 * piece gets the room of the largest beside it.
 */
export function panfuls(
  lots: readonly ToSear[],
  pan: Vessel,
  mix: boolean,
  { pieces, minutes: aSide }: AsWritten = {},
): Panfuls {
  const floor = floorOf(pan);
  const groups: Group[] = [];
  const tooLarge: string[] = [];
  for (const lot of lots) {
    if (!(lot.grams > 0)) continue;
    const { n, piece, times } = piecesOf(lot);
    const footprint = footprintOf(piece, times);
    if (mostIn(floor, footprint) === 0) tooLarge.push(lot.lot);
    else
      groups.push({ n, piece: { lot: lot.lot, footprint, minutes: piece.sides * (aSide ?? piece.minutes) } });
  }
  const area = ({ piece: { footprint } }: Group) => footprint.w * footprint.l;
  const queues = mix ? [groups.toSorted((a, b) => area(b) - area(a))] : groups.map((group) => [group]);
  const turns = queues.flatMap((queue) => turnsOf(queue, floor, pieces));
  const minutes = turns.reduce((sum, turn) => sum + slowest(turn) + BETWEEN, 0);
  return { turns, minutes, fatG: turns.length * FAT * floorCm2(pan), tooLarge };
}

const slowest = ({ groups }: Turn) => Math.max(...groups.map(({ piece }) => piece.minutes));

/** Turn by turn, as many as the room takes, the last ones evened out. */
function turnsOf(queue: readonly Group[], floor: Floor, written: number | undefined): Turn[] {
  const turns: Turn[] = [];
  let rest = queue;
  while (rest.length > 0) {
    const all = rest.reduce((sum, { n }) => sum + n, 0);
    const cell = cellOf(rest);
    const most = mostIn(floor, cell);
    // Room for pieces of several shapes may be wider than the pan: then the largest lies alone.
    const packed = most > 0 ? Math.ceil(all / Math.ceil(all / most)) : 1;
    // The cook's number wins over the packing.
    const here = written === undefined ? packed : Math.max(1, Math.min(all, Math.round(written)));
    const groups = firstOf(rest, here);
    turns.push({ groups, cell: here > most ? crowded(cellOf(groups), here, floor) : cell });
    rest = without(rest, here);
  }
  return turns;
}

/** The room of each where more lie in a pan than there is room for: they touch and lie over one another. */
function crowded(cell: Footprint, many: number, floor: Floor): Footprint {
  let smaller = cell;
  for (let i = 0; i < 60 && mostIn(floor, smaller) < many; i += 1)
    smaller = { ...smaller, w: smaller.w * 0.96, l: smaller.l * 0.96 };
  return smaller;
}

/** The first so many pieces of a queue, and the queue without them. */
function firstOf(queue: readonly Group[], many: number): readonly Group[] {
  let left = many;
  return queue.flatMap(({ piece, n }) => {
    const here = Math.min(n, left);
    left -= here;
    return here > 0 ? [{ piece, n: here }] : [];
  });
}

function without(queue: readonly Group[], many: number): readonly Group[] {
  let left = many;
  return queue.flatMap(({ piece, n }) => {
    const gone = Math.min(n, left);
    left -= gone;
    return n > gone ? [{ piece, n: n - gone }] : [];
  });
}

/** The room that any of them fits into. */
function cellOf(groups: readonly Group[]): Footprint {
  const round = groups.every(({ piece }) => piece.footprint.round);
  // Beside blocks a disc takes the square around it.
  const sides = groups.map(
    ({
      piece: {
        footprint: { w, l, round: disc },
      },
    }) => (disc && !round ? [discOf(w, l), discOf(w, l)] : [w, l]),
  );
  const widest = (side: 0 | 1) => Math.max(...sides.map((pair) => entryAt(pair, side)));
  return { w: widest(0), l: widest(1), round };
}
