import type { LotReckoning } from '@/core/reckoning/index.ts';
import { type UnitChoice, writeMass } from '@/core/quantity/index.ts';
import type { Material } from '@/core/ledger/index.ts';
import { edgeOf, fillOf } from './materials.ts';

const HEIGHT = 42;
const GAP = 9;
/** A piece narrower than this has no word under it. */
const NAMED = 52;

interface Piece {
  readonly name: string;
  /** The flow of the ledger that it is. */
  readonly flow: string;
  readonly material: Material;
  readonly grams: number;
}

/** What a lot becomes, largest use first; what is nothing is left out. */
export function piecesOf(lot: LotReckoning): readonly Piece[] {
  const pieces: readonly Piece[] = [
    { name: 'shred', flow: 'shred', material: 'meat', grams: lot.shredG },
    { name: 'will not pull yet', flow: 'unpulled', material: 'meat', grams: lot.unpulledG },
    { name: 'juice', flow: 'juice', material: 'broth', grams: lot.juiceG },
    { name: 'fat', flow: 'fat', material: 'fat', grams: lot.fatG },
    { name: 'trim', flow: 'trim', material: 'fat', grams: lot.trimG },
    { name: 'to the air', flow: 'air', material: 'steam', grams: lot.airG },
    { name: 'picked out', flow: 'pickings', material: 'pickings', grams: lot.pickingsG },
    { name: 'bone', flow: 'bone', material: 'bone', grams: lot.boneOutG },
  ];
  return pieces.filter(({ grams }) => grams > 0.5);
}

/** A slab as a knife leaves it: sides a little bowed, never quite square. */
function slab(x: number, w: number, lean: number): string {
  const bow = Math.min(4, w / 6);
  const top = 3 + lean;
  const foot = HEIGHT - 3 + lean * 0.4;
  return (
    `M${x + bow} ${top}Q${x + w / 2} ${top - 3 - lean} ${x + w - bow} ${top - lean}` +
    `Q${x + w + bow * 0.4} ${HEIGHT / 2} ${x + w - bow} ${foot}` +
    `Q${x + w / 2} ${foot + 3} ${x + bow} ${foot - lean}Q${x - bow * 0.4} ${HEIGHT / 2} ${x + bow} ${top}Z`
  );
}

/** The pieces side by side, each as wide as it is heavy. */
function laidOut(pieces: readonly Piece[], scale: number) {
  let x = 4;
  return pieces.map((piece) => {
    const [from, w] = [x, Math.max(2.5, piece.grams * scale)];
    x += w + GAP;
    return { ...piece, from, w };
  });
}

/** Where the drawing of a lot ends, px from its left. */
export const lotEnd = (lot: LotReckoning, scale: number): number => {
  const last = laidOut(piecesOf(lot), scale).at(-1);
  return last ? last.from + last.w : 0;
};

interface Props {
  readonly lot: LotReckoning;
  /** px for each gram: the same for all lots of the batch. */
  readonly scale: number;
  readonly width: number;
  readonly units: UnitChoice;
}

/** One lot laid on the paper, cut apart into what it will become, to scale. */
export function LotCutApart({ lot, scale, width, units }: Props) {
  const set = (grams: number) => {
    const { value, unit } = writeMass(grams, units);
    return `${value} ${unit}`;
  };
  const pieces = piecesOf(lot);
  const words = `${lot.name}, ${set(lot.rawG)}: ${pieces.map(({ name, grams }) => `${name} ${set(grams)}`).join(', ')}`;
  return (
    <svg
      className="cut-apart"
      viewBox={`0 0 ${width} ${HEIGHT + 18}`}
      width={width}
      height={HEIGHT + 18}
      role="img"
      aria-label={words}
    >
      {laidOut(pieces, scale).map(({ name, flow, material, grams, from, w }, i) => {
        return (
          <g key={name}>
            <path
              d={slab(from, w, (i % 3) - 1)}
              fill={fillOf(material, material === 'meat' || material === 'bone')}
              stroke={edgeOf(material)}
              strokeWidth="1.3"
            >
              <title data-flow={`${flow} ${lot.lot}`} data-figure={set(grams)}>
                {`${name} ${set(grams)}`}
              </title>
            </path>
            {w > NAMED && material !== 'meat' && (
              <text x={from + w / 2} y={HEIGHT + 14} textAnchor="middle">
                {`${name} ${set(grams)}`}
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );
}

/** The scales that are drawn at, each so much smaller than the one before. */
const LARGEST = 0.16;
const STEP = 1.2;

/** One scale for all lots: the largest nearly fills the width. In steps, so that a key in one of many draws that one anew. */
export function lotScale(lots: readonly LotReckoning[], width: number): number {
  const largest = Math.max(...lots.map((lot) => lot.rawG), 1);
  const fits = (width - 7 * GAP - 8) / largest;
  const steps = Math.max(0, Math.ceil(Math.log(LARGEST / fits) / Math.log(STEP)));
  return LARGEST / STEP ** steps;
}
