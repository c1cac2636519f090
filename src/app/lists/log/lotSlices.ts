import { curveCatmullRomClosed, line } from 'd3-shape';
import { chances } from '@/core/log/index.ts';

/** What a lot holds, g: its slices are drawn with as much of each. */
export interface LotShares {
  readonly rawG: number;
  readonly boneG: number;
  readonly pickingsG: number;
  readonly fatG: number;
}

/** One slice from above, mm, about its own middle. */
export interface Slice {
  /** Of its middle on the board. */
  readonly x: number;
  readonly y: number;
  readonly outline: string;
  /** Fat lies along its edge, so thick. */
  readonly rimMm: number;
  readonly bone: string | undefined;
  /** Where the bone is a tube. */
  readonly marrow: { readonly x: number; readonly y: number; readonly r: number } | undefined;
  readonly seams: readonly string[];
  readonly seamMm: number;
}

export interface LotSlices {
  readonly slices: readonly Slice[];
  readonly widthMm: number;
  readonly heightMm: number;
  readonly thickCm: number;
}

/** Raw meat with its bone, g/ml (lean meat 1.05 to 1.07, from memory; bone is a little more). */
const DENSITY = 1.07;
/** A cross-cut of a leg, and a piece of a roast: how heavy, and how thick it lies (estimates). */
const kinds = {
  'cross-cut': { eachG: 650, thickCm: 5 },
  piece: { eachG: 1900, thickCm: 8 },
} as const;
const MOST = 14;
/** In a square centimetre. */
const MM2 = 100;
const CORNERS = 44;
const SEAMS = 3;
const GAP_MM = 12;

type Point = readonly [number, number];

const closed = line<Point>()
  .x(([x]) => x)
  .y(([, y]) => y)
  .curve(curveCatmullRomClosed);
const written = (points: readonly Point[]): string => closed([...points]) ?? '';

/**
 * A lot as it lies on the board, cut into slices: what is bone, seam and fat of each slice is drawn as large, of its area, as it
 * was of the lot's weight, so that an eye can learn what it has to look for. Where a bone hides a seam, only what is seen counts.
 * @param seed the same seed draws the same
 */
export function lotSlices(shares: LotShares, kind: keyof typeof kinds, seed: number): LotSlices {
  const chance = chances(seed);
  const { eachG, thickCm } = kinds[kind];
  const n = Math.min(MOST, Math.max(1, Math.round(shares.rawG / eachG)));
  // Slices of one lot differ; together they weigh what it weighs.
  const sizes = Array.from(
    { length: n },
    (_, i) => 1 + 0.22 * (chance() - 0.5) - (n > 2 ? (0.25 * i) / n : 0),
  );
  const whole = sizes.reduce((sum, size) => sum + size, 0);
  let x = 0;
  const slices = sizes.map((size): Slice & { readonly reach: number } => {
    const areaMm2 = (MM2 * shares.rawG * size) / whole / DENSITY / thickCm;
    const slice = sliceOf(areaMm2, shares, kind, chance);
    const middle = x + slice.reach;
    x += 2 * slice.reach + GAP_MM;
    return { ...slice, x: middle, y: 0 };
  });
  const tall = Math.max(...slices.map(({ reach }) => reach));
  return {
    slices: slices.map(({ reach: _, ...slice }) => ({ ...slice, y: tall })),
    widthMm: x - GAP_MM,
    heightMm: 2 * tall,
    thickCm,
  };
}

function sliceOf(
  areaMm2: number,
  { rawG, boneG, pickingsG, fatG }: LotShares,
  kind: keyof typeof kinds,
  chance: () => number,
): Omit<Slice, 'x' | 'y'> & { readonly reach: number } {
  const corners = blob(areaMm2, 0.12, kind === 'piece' ? 0.82 : 0.94, chance);
  const radius = Math.sqrt(areaMm2 / Math.PI);
  const boneArea = (areaMm2 * boneG) / rawG;
  const off: Point = [0.22 * radius * (chance() - 0.5), 0.22 * radius * (chance() - 0.5)];
  const isTube = kind === 'cross-cut';
  const bone = blob(boneArea, 0.1, isTube ? 0.95 : 0.42, chance).map(([bx, by]): Point => [
    bx + off[0],
    by + off[1],
  ]);
  const curves = Array.from({ length: SEAMS }, (_, i) =>
    seamCurve(corners, (i + 0.6 * chance()) / SEAMS, chance),
  );
  const seen = curves.reduce(
    (sum, curve) => sum + lengthOf(curve, (point) => boneArea === 0 || !isWithin(bone, point)),
    0,
  );
  return {
    outline: written(corners),
    rimMm: (areaMm2 * fatG) / rawG / lengthOf([...corners, ...corners.slice(0, 1)]),
    bone: boneArea > 0 ? written(bone) : undefined,
    marrow:
      isTube && boneArea > 0 ? { x: off[0], y: off[1], r: 0.36 * Math.sqrt(boneArea / Math.PI) } : undefined,
    seams: curves.map(
      (points) => `M${points.map((point) => point.map((mm) => mm.toFixed(2)).join(' ')).join('L')}`,
    ),
    seamMm: seen > 0 ? (areaMm2 * pickingsG) / rawG / seen : 0,
    reach: Math.max(...corners.map(([px, py]) => Math.hypot(px, py))),
  };
}

/** A round thing that has just that area, flattened to so much of its width. */
function blob(areaMm2: number, wobble: number, flat: number, chance: () => number): readonly Point[] {
  const waves = [2, 3, 5].map((k) => ({ k, at: 2 * Math.PI * chance() }));
  const rough = Array.from({ length: CORNERS }, (_, i): Point => {
    const turn = (2 * Math.PI * i) / CORNERS;
    const r = waves.reduce((sum, { k, at }) => sum + (wobble / k) * Math.cos(k * turn + at), 1);
    return [r * Math.cos(turn), flat * r * Math.sin(turn)];
  });
  const by = Math.sqrt(areaMm2 / areaOf(rough));
  return rough.map(([x, y]): Point => [x * by, y * by]);
}

const areaOf = (points: readonly Point[]): number =>
  Math.abs(
    points.reduce((sum, [x, y], i) => {
      const [nextX, nextY] = points[(i + 1) % points.length] ?? [x, y];
      return sum + x * nextY - nextX * y;
    }, 0),
  ) / 2;

const ON_CURVE = 24;

/** From one place of the edge to another, bent toward the middle. */
function seamCurve(corners: readonly Point[], around: number, chance: () => number): readonly Point[] {
  const at = (share: number): Point => corners[Math.floor((share % 1) * corners.length)] ?? [0, 0];
  const [from, to] = [at(around), at(around + 0.28 + 0.16 * chance())];
  const bend = 0.35 + 0.3 * chance();
  const middle: Point = [((from[0] + to[0]) / 2) * bend, ((from[1] + to[1]) / 2) * bend];
  return Array.from({ length: ON_CURVE + 1 }, (_, i): Point => {
    const t = i / ON_CURVE;
    const mix = (a: number, b: number, c: number) => (1 - t) ** 2 * a + 2 * t * (1 - t) * b + t ** 2 * c;
    return [mix(from[0], middle[0], to[0]), mix(from[1], middle[1], to[1])];
  });
}

/** How long a row of points is, counting only what lies where it is seen. */
function lengthOf(points: readonly Point[], isSeen: (point: Point) => boolean = () => true): number {
  return points.slice(1).reduce((sum, [x, y], i) => {
    const [fromX, fromY] = points[i] ?? [x, y];
    return isSeen([(x + fromX) / 2, (y + fromY) / 2]) ? sum + Math.hypot(x - fromX, y - fromY) : sum;
  }, 0);
}

/** Whether a point lies within a closed row of points, by how often a line from it crosses them. */
function isWithin(points: readonly Point[], [x, y]: Point): boolean {
  return points.reduce((within, [ax, ay], i) => {
    const [bx, by] = points[(i + 1) % points.length] ?? [ax, ay];
    const crosses = ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax;
    return crosses ? !within : within;
  }, false);
}
