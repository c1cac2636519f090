import { area, curveBumpX } from 'd3-shape';
import type { Material, Strands } from '@/core/ledger/index.ts';
import type { Size } from './measure.ts';

export interface LyingBand {
  readonly id: string;
  readonly material: Material;
  readonly path: string;
  readonly weighed: boolean;
}

interface Knot {
  readonly x: number;
  readonly y: number;
  readonly h: number;
}

const ribbon = area<Knot>()
  .x((k) => k.x)
  .y0((k) => k.y)
  .y1((k) => k.y + k.h)
  .curve(curveBumpX);

/** A ribbon thinner than this would not be seen, px. */
const THIN = 1.2;

/**
 * The strands on their side, to one scale in height: meat along the top with its bones leaving upwards, juice crossing down to the
 * liquid. The stations are eighths of the width.
 */
export function lyingBands(strands: Strands, { width, height }: Size): readonly LyingBand[] {
  const at = (station: number) => (station / 8) * width;
  const meatG = strands.bone.grams + strands.shred.grams + strands.juice.grams;
  const liquidG = strands.juice.grams + strands.pour.grams;
  const scale = (height - 8) / Math.max(1, meatG + liquidG - strands.juice.grams);
  const tall = (grams: number) => (grams > 0 ? Math.max(THIN, grams * scale) : 0);
  const [bone, shred, juice] = [
    tall(strands.bone.grams),
    tall(strands.shred.grams),
    tall(strands.juice.grams),
  ];
  const [pour, finished] = [tall(strands.pour.grams), tall(strands.liquid.grams)];
  const top = 3;
  const low = height - 3 - Math.max(pour + juice, finished);
  const bands: readonly (readonly [string, Material, boolean, readonly Knot[]])[] = [
    [
      'bone',
      'bone',
      strands.bone.weighed,
      [
        { x: at(1.1), y: top, h: bone },
        { x: at(4), y: top, h: bone },
        { x: at(5), y: -1, h: bone },
      ],
    ],
    [
      'shred',
      'meat',
      strands.shred.weighed,
      [
        { x: at(1.1), y: top + bone, h: shred },
        { x: at(7), y: top + bone, h: shred },
      ],
    ],
    [
      'juice',
      'broth',
      strands.juice.weighed,
      [
        { x: at(1.1), y: top + bone + shred, h: juice },
        { x: at(2.6), y: top + bone + shred, h: juice },
        { x: at(4), y: low, h: juice },
        { x: at(5), y: low, h: juice },
      ],
    ],
    [
      'pour',
      'broth',
      strands.pour.weighed,
      [
        { x: at(2.1), y: low + juice, h: pour },
        { x: at(5), y: low + juice, h: pour },
      ],
    ],
    [
      'liquid',
      'broth',
      strands.liquid.weighed,
      [
        { x: at(5), y: low, h: finished },
        { x: at(7.9), y: low, h: finished },
      ],
    ],
  ];
  return bands.flatMap(([id, material, weighed, knots]) =>
    knots[0] && knots[0].h > 0 ? [{ id, material, weighed, path: ribbon([...knots]) ?? '' }] : [],
  );
}
