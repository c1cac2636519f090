/** A point on the floor of a pan, cm from its middle. */
export interface Spot {
  readonly x: number;
  readonly y: number;
}

/** A floor to lay things on: round, or a box with its half sides. */
export type Floor =
  | { readonly shape: 'round'; readonly r: number }
  | { readonly shape: 'box'; readonly w: number; readonly l: number };

const EPS = 1e-9;

/** Whether a disc lies wholly on the floor. */
function lies(floor: Floor, { x, y }: Spot, r: number): boolean {
  return floor.shape === 'round'
    ? Math.hypot(x, y) <= floor.r - r + EPS
    : Math.abs(x) <= floor.w - r + EPS && Math.abs(y) <= floor.l - r + EPS;
}

const clear = (spots: readonly Spot[], { x, y }: Spot, r: number) =>
  spots.every((other) => Math.hypot(other.x - x, other.y - y) >= 2 * r - EPS);

/**
 * Lays equal discs on a floor, as many as it finds room for: the best of close-packed and square rows in
 * all their positions, and of a ring along the wall whose inside is filled disc by disc, each where it touches
 * two others. None overlaps, none reaches over the edge.
 * @param r radius of a disc, with half the gap to its neighbours, cm
 */
export function packDiscs(floor: Floor, r: number): readonly Spot[] {
  const reach = floor.shape === 'round' ? floor.r : Math.min(floor.w, floor.l);
  if (!(r > 0) || reach < r - EPS) return [];
  let best: readonly Spot[] = [{ x: 0, y: 0 }];
  const take = (spots: readonly Spot[]) => {
    if (spots.length > best.length) best = spots;
  };
  const inRows = bestRows(floor, r);
  if (inRows) take(rowsOf(floor, r, inRows).flatMap((row) => spotsOf(row, r, inRows.turned)));
  const area = floor.shape === 'round' ? Math.PI * floor.r ** 2 : 4 * floor.w * floor.l;
  if (area / (4 * r * r) > MANY) return best;
  for (const outward of [true, false]) {
    for (let fewer = 0; fewer < 3; fewer += 1) take(filled(floor, r, ring(floor, r, fewer), outward));
  }
  return best;
}

/** With more than this the edge counts for little, and rows are as good. */
const MANY = 90;
/** Positions of the rows that are tried, each way. */
const STEPS = 6;

/** Where rows of discs stand: their distance, where the first disc of the first row is, and which way they run. */
interface Rows {
  readonly gap: number;
  readonly dx: number;
  readonly dy: number;
  readonly turned: boolean;
}
/** The discs of a row: the first one, how many, and the height of the row. */
interface Row {
  readonly from: number;
  readonly n: number;
  readonly v: number;
}

/** The rows that hold most discs: they are counted, not laid, since it is asked at every reckoning. */
function bestRows(floor: Floor, r: number): Rows | undefined {
  let best: Rows | undefined;
  let most = 0;
  for (const turned of [false, true]) {
    for (const gap of [Math.sqrt(3) * r, 2 * r]) {
      for (let i = 0; i < STEPS; i += 1) {
        for (let j = 0; j < STEPS; j += 1) {
          const rows = { gap, dx: i / STEPS, dy: j / STEPS, turned };
          let n = 0;
          eachRow(floor, r, rows, (_from, here) => {
            n += here;
          });
          if (n > most) [most, best] = [n, rows];
        }
      }
    }
  }
  return best;
}

function rowsOf(floor: Floor, r: number, rows: Rows): Row[] {
  const all: Row[] = [];
  eachRow(floor, r, rows, (from, n, v) => all.push({ from, n, v }));
  return all;
}

const spotsOf = ({ from, n, v }: Row, r: number, turned: boolean): Spot[] =>
  Array.from({ length: n }, (_, i) => {
    const u = from + 2 * r * i;
    return turned ? { x: v, y: u } : { x: u, y: v };
  });

/** Rows of discs, each shifted by half a disc against the last where they are close-packed. */
function eachRow(
  floor: Floor,
  r: number,
  { gap, dx, dy, turned }: Rows,
  take: (from: number, n: number, v: number) => void,
): void {
  const half = floor.shape === 'round' ? floor.r : Math.max(floor.w, floor.l);
  const count = Math.ceil(half / r) + 2;
  const shift = gap < 2 * r - EPS ? r : 0;
  for (let j = -count; j <= count; j += 1) {
    const v = (j + dy) * gap;
    const reach = reachAt(floor, r, v, turned);
    if (reach < 0) continue;
    const first = 2 * r * dx + (j % 2 === 0 ? 0 : shift);
    const i = Math.ceil((-reach - first) / (2 * r));
    const n = Math.floor((reach - first) / (2 * r)) - i + 1;
    if (n > 0) take(first + 2 * r * i, n, v);
  }
}

/** How far from the middle of its row the middle of a disc may lie; below nought, no disc lies in that row. */
function reachAt(floor: Floor, r: number, v: number, turned: boolean): number {
  if (floor.shape === 'round') {
    const inside = (floor.r - r + EPS) ** 2 - v * v;
    return inside < 0 ? -1 : Math.sqrt(inside);
  }
  const [along, across] = turned ? [floor.l, floor.w] : [floor.w, floor.l];
  return Math.abs(v) <= across - r + EPS ? along - r + EPS : -1;
}

/** Discs along the wall of a round floor, as many as fit there less some, evenly set. */
function ring(floor: Floor, r: number, fewer: number): Spot[] {
  if (floor.shape === 'box') return [{ x: r - floor.w, y: r - floor.l }];
  const at = floor.r - r;
  if (at < r) return [{ x: 0, y: 0 }];
  const most = Math.floor(Math.PI / Math.asin(Math.min(1, r / at)) + EPS);
  const n = Math.max(1, most - fewer);
  return Array.from({ length: n }, (_, i) => ({
    x: at * Math.cos((2 * Math.PI * i) / n),
    y: at * Math.sin((2 * Math.PI * i) / n),
  }));
}

/** Adds discs one by one where they touch two that lie there already, the outermost (or innermost) place first. */
function filled(floor: Floor, r: number, start: readonly Spot[], outward: boolean): readonly Spot[] {
  const spots = [...start];
  let open = spots.flatMap((a, i) => spots.slice(0, i).flatMap((b) => touching(a, b, r)));
  open.push({ x: 0, y: 0 }, ...spots.flatMap((a) => besideWall(floor, a, r)));
  for (;;) {
    open = open.filter((spot) => lies(floor, spot, r) && clear(spots, spot, r));
    const far = ({ x, y }: Spot) => (outward ? 1 : -1) * Math.hypot(x, y);
    const [first, ...others] = open;
    if (!first) return spots;
    const next = others.reduce((chosen, spot) => (far(spot) > far(chosen) + EPS ? spot : chosen), first);
    open.push(...spots.flatMap((other) => touching(next, other, r)), ...besideWall(floor, next, r));
    spots.push(next);
  }
}

/** The two places where a disc touches both of two others. */
function touching(a: Spot, b: Spot, r: number): Spot[] {
  const d = Math.hypot(b.x - a.x, b.y - a.y);
  if (d < EPS || d > 4 * r) return [];
  const h = Math.sqrt(Math.max(0, 4 * r * r - (d / 2) ** 2));
  const [mx, my] = [(a.x + b.x) / 2, (a.y + b.y) / 2];
  const [ux, uy] = [(b.y - a.y) / d, (a.x - b.x) / d];
  return [
    { x: mx + h * ux, y: my + h * uy },
    { x: mx - h * ux, y: my - h * uy },
  ];
}

/** The places where a disc touches another and the wall. */
function besideWall(floor: Floor, a: Spot, r: number): Spot[] {
  if (floor.shape === 'round') {
    const at = floor.r - r;
    const d = Math.hypot(a.x, a.y);
    if (d < EPS || at < EPS) return [];
    // Where the circle of centres along the wall meets the circle of centres around a.
    const along = (d * d + at * at - 4 * r * r) / (2 * d);
    const across = at * at - along * along;
    if (across < 0) return [];
    const h = Math.sqrt(across);
    const [ux, uy] = [a.x / d, a.y / d];
    return [
      { x: along * ux - h * uy, y: along * uy + h * ux },
      { x: along * ux + h * uy, y: along * uy - h * ux },
    ];
  }
  const spots: Spot[] = [];
  for (const side of [-1, 1]) {
    const [x, y] = [side * (floor.w - r), side * (floor.l - r)];
    const [byX, byY] = [4 * r * r - (x - a.x) ** 2, 4 * r * r - (y - a.y) ** 2];
    for (const way of [-1, 1]) {
      if (byX >= 0) spots.push({ x, y: a.y + way * Math.sqrt(byX) });
      if (byY >= 0) spots.push({ x: a.x + way * Math.sqrt(byY), y });
    }
  }
  return spots;
}
