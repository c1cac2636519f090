import type { PotPicture } from '@/core/reckon.ts';
import { edgeOf, fillOf } from './materials.ts';

const WIDTH = 480;
const HEIGHT = 250;
const FOOT = 226;

/** What was put in, stacked at the height each alone reaches in this vessel. */
function stackOf(items: PotPicture['items'], scale: number) {
  let foot = FOOT;
  return items
    .filter((item) => item.ml > 0)
    .map((item) => {
      const height = Math.max(2, item.cm * scale);
      foot -= height;
      return { ...item, y: foot, height };
    });
}

interface Props {
  readonly pot: PotPicture;
  readonly pieceCm: number;
  readonly words: string;
}

/** The pot in section, to scale: the meat as it lies, the liquid at its line, the pours beside it. */
export function PotSection({ pot, pieceCm, words }: Props) {
  const { vessel, meatCm, lineCm, fullCm, items } = pot;
  const scale = Math.min(300 / vessel.widthCm, 196 / vessel.heightCm);
  const w = vessel.widthCm * scale;
  const h = vessel.heightCm * scale;
  const left = 34;
  const up = (cm: number) => FOOT - cm * scale;
  const line = lineCm;
  const rows = Math.max(1, Math.round(meatCm / pieceCm));
  const rowH = meatCm / rows;
  const perRow = Math.max(1, Math.round(vessel.widthCm / (pieceCm * 1.25)));
  const pieces = Array.from({ length: rows * perRow }, (_, i) => {
    const row = Math.floor(i / perRow);
    const shift = row % 2 === 0 ? 0 : 0.12;
    const step = w / perRow;
    return {
      x: left + (i % perRow) * step + step * (0.08 + shift * 0.4),
      y: up((row + 1) * rowH) + 1.5,
      w: step * 0.8,
      h: rowH * scale - 3,
    };
  });
  const stack = stackOf(items, scale);
  const stackX = left + w + 54;
  return (
    <svg className="pot-section" viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={words}>
      {line > 0 && (
        <rect
          x={left + 2}
          y={up(line)}
          width={w - 4}
          height={line * scale}
          fill={fillOf('broth', true)}
          opacity="0.9"
        />
      )}
      {meatCm > 0 &&
        pieces.map(({ x, y, w: pw, h: ph }) => (
          <rect
            key={`${x} ${y}`}
            x={x}
            y={y}
            width={pw}
            height={ph}
            rx="5"
            fill={fillOf('meat', true)}
            stroke={edgeOf('meat')}
          />
        ))}
      {line > 0 && <path d={`M${left + 2} ${up(line)}h${w + 40}`} stroke={edgeOf('broth')} strokeWidth="2" />}
      <path d={`M${left} ${up(fullCm)}h${w}`} className="ink-line" strokeDasharray="5 4" strokeWidth="1.2" />
      <text x={left + w - 6} y={up(fullCm) - 5} textAnchor="end">
        fill no higher
      </text>
      <path
        className="ink-line"
        strokeWidth="4"
        strokeLinejoin="round"
        d={`M${left} ${FOOT - h}V${FOOT - 8}q0 8 8 8h${w - 16}q8 0 8-8V${FOOT - h}`}
      />
      <path
        className="ink-line"
        strokeWidth="8"
        strokeLinecap="round"
        d={`M${left - 22} ${FOOT - h + 18}h18M${left + w + 4} ${FOOT - h + 18}h18`}
      />
      {stack.map(({ id, y, height, role, name }) => (
        <rect
          key={id}
          x={stackX}
          y={y}
          width="64"
          height={height}
          fill={fillOf(role === 'liquid' ? 'broth' : 'solids', true)}
          stroke={edgeOf(role === 'liquid' ? 'broth' : 'solids')}
        >
          <title>{name}</title>
        </rect>
      ))}
      {stack.length > 0 && (
        <path className="ink-line" strokeWidth="2.5" d={`M${stackX - 3} ${FOOT + 1}h70`} />
      )}
    </svg>
  );
}
