import { useState } from 'react';
import type { LotReckoning } from '@/core/reckoning/index.ts';
import { type UnitChoice, type Written, writeMass } from '@/core/quantity/index.ts';
import { piecesOf } from './LotCutApart.tsx';
import { edgeOf, fillOf } from './materials.ts';
import { labelsApart } from './labelsApart.ts';
import { useDrawnSize } from './useDrawnSize.ts';
import css from './towers.module.scss';

/** Until the page has been measured, px. */
const USUAL = { width: 358, height: 300 };
/** The heaviest lot stands so tall, without the gaps between its pieces, px. */
const TALLEST = 230;
const GAP = 4;
/** A tower, and beside it its words, px. */
const WIDE = 58;
const WORDS = 120;
/** Two words stand so far apart, px. */
const WORD = 17;
/** So many lots stand here; of more the list tells. */
const MOST = 6;

interface Props {
  readonly lots: readonly LotReckoning[];
  readonly units: UnitChoice;
}

/** The lots on one board, each a tower of what it becomes: shred at the foot, all to one scale. Two stand side by side. */
export function Towers({ lots, units }: Props) {
  const [board, setBoard] = useState<HTMLElement | null>(null);
  const { width } = useDrawnSize(board, USUAL);
  const shown = lots.slice(0, MOST);
  const heaviest = Math.max(1, ...lots.map(({ rawG }) => rawG));
  const more = lots.length - shown.length;
  return (
    <div className={css.board} ref={setBoard}>
      {shown.map((lot) => (
        <Tower
          key={lot.lot}
          lot={lot}
          units={units}
          scale={TALLEST / heaviest}
          width={shown.length === 1 ? width : Math.floor(width / 2) - 1}
        />
      ))}
      {more > 0 && <p className="quiet">{more === 1 ? 'and one more' : `and ${String(more)} more`}</p>}
    </div>
  );
}

interface TowerProps {
  readonly lot: LotReckoning;
  readonly units: UnitChoice;
  readonly scale: number;
  readonly width: number;
}

function Tower({ lot, units, scale, width }: TowerProps) {
  const wide = Math.min(WIDE, width - WORDS);
  const set = (grams: number) => plain(writeMass(grams, units));
  // What is kept stands at the foot.
  const talls = piecesOf(lot)
    .toReversed()
    .map((piece) => ({ ...piece, tall: Math.max(4, piece.grams * scale) }));
  const pieces = talls.map((piece, i) => ({
    ...piece,
    y: talls.slice(0, i).reduce((sum, { tall }) => sum + tall + GAP, 0),
  }));
  const top = talls.reduce((sum, { tall }) => sum + tall + GAP, 0);
  const named = labelsApart(
    pieces.map(({ y, tall }) => y + tall / 2),
    WORD,
  );
  const height = Math.max(top, (named.at(-1) ?? 0) + WORD / 2) + 3;
  const lift = height - 3 - top;
  const words = `${lot.name}, ${set(lot.rawG)}: ${pieces.map(({ name, grams }) => `${name} ${set(grams)}`).join(', ')}`;
  const shred = writeMass(lot.shredG, units);
  return (
    <figure className={css.tower}>
      <figcaption>
        <b>{lot.name.split(',')[0]}</b> <span className="num">{set(lot.rawG)}</span>
      </figcaption>
      <svg viewBox={`0 0 ${width} ${height}`} width={width} height={height} role="img" aria-label={words}>
        {pieces.map(({ name, flow, material, grams, y, tall }, i) => {
          const middle = lift + y + tall / 2;
          const at = lift + (named[i] ?? 0);
          return (
            <g key={name}>
              <rect
                x="2"
                y={lift + y}
                width={wide}
                height={tall}
                rx={Math.min(4, tall / 3)}
                fill={fillOf(material, material === 'meat' || material === 'bone')}
                stroke={edgeOf(material)}
                strokeWidth="1.3"
              >
                <title data-flow={`${flow} ${lot.lot}`} data-figure={set(grams)}>
                  {`${name} ${set(grams)}`}
                </title>
              </rect>
              <path className={css.lead} d={`M${wide + 3} ${middle}L${wide + 11} ${at}`} />
              <text x={wide + 14} y={at + 4.5}>
                {name} {flow !== 'shred' && <tspan className="num">{set(grams)}</tspan>}
              </text>
            </g>
          );
        })}
      </svg>
      <p className={css.shred}>
        <b className="num" data-flow={`shred ${lot.lot}`}>{`${shred.value} ${shred.unit}`}</b>{' '}
        <small>shred{lot.estimates.length > 0 && ', partly estimated'}</small>
      </p>
    </figure>
  );
}

const plain = ({ value, unit }: Written) => `${value} ${unit}`;
