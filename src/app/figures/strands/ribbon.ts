import { area, curveBumpY } from 'd3-shape';
import { strandParts, type Material, type StrandPart, type StrandPartName } from '@/core/ledger/index.ts';

/** A part of the strands as it is drawn: one ribbon. */
export interface Band {
  readonly id: string;
  readonly material: Material;
  readonly path: string;
  readonly part: StrandPart;
  readonly words: string;
}

export interface Label {
  readonly id: string;
  readonly x: number;
  readonly y: number;
  readonly anchor: 'start' | 'middle' | 'end';
  readonly words: string;
  readonly grams: number;
}

export interface Box {
  readonly x: number;
  readonly y: number;
  readonly w: number;
  readonly h: number;
}

/** Where a ribbon is so wide: it bends from one knot to the next. */
export interface Knot {
  readonly y: number;
  readonly x: number;
  readonly w: number;
}

const ribbon = area<Knot>()
  .x0((k) => k.x)
  .x1((k) => k.x + k.w)
  .y((k) => k.y)
  .curve(curveBumpY);
export const ribbonPath = (knots: readonly Knot[]): string => ribbon([...knots]) ?? '';

interface Named {
  readonly id?: string;
  readonly words?: string;
  /** Only a part of it is drawn here. */
  readonly part?: StrandPart;
}

/** A ribbon of a part in its material and under its name; none where there is nothing of it. */
export function bandOf(
  name: StrandPartName,
  whole: StrandPart,
  knots: readonly Knot[],
  { id = name, words, part = whole }: Named = {},
): Band[] {
  const { material, words: usual } = strandParts[name];
  return part.grams > 0 ? [{ id, material, part, words: words ?? usual, path: ribbonPath(knots) }] : [];
}

/** A word over its figure takes so much, px. */
const LABEL = 31;

/** Words over their figures, one under the other from here down; those of nothing are left out. */
export const labelsDown = (
  y: number,
  x: number,
  anchor: Label['anchor'],
  named: readonly (readonly [id: string, words: string, grams: number])[],
): Label[] =>
  named
    .filter(([, , grams]) => grams > 0)
    .map(([id, words, grams], i) => ({ id, words, grams, x, y: y + i * LABEL, anchor }));
